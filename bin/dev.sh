# The loop of whoever works on it: classes and front end from their folders, seen in the browser within seconds.
YARD_DEV_PORT=${YARD_DEV_PORT:-8142}

dev_stop() {
  trap - INT TERM EXIT
  for pid in ${DEV_PIDS:-}; do kill -TERM "$pid" 2>/dev/null || true; done
  for pid in ${DEV_PIDS:-}; do wait "$pid" 2>/dev/null || true; done
  say "dev: stopped; the database goes on (./yard down stops it)"
}

dev_loop() {
  local classes=core/target/classes:formats/target/classes:app/target/classes libraries trigger=app/target/classes/.again
  application_stop
  ! port_taken "$YARD_PORT" || fail "port $YARD_PORT is taken by another program; choose another with YARD_PORT."
  ! port_taken "$YARD_DEV_PORT" || fail "port $YARD_DEV_PORT is taken by another program; choose another with YARD_DEV_PORT."
  say "compiling (its output is in $YARD_DATA/dev.log)"
  maven -q -Pdev -DskipTests -Dui.test.skip=true -Dformatter.skip=true -pl app -am test-compile dependency:build-classpath \
    -Dmdep.includeScope=runtime "-Dmdep.outputFile=$YARD_DATA/dev.classpath" >"$YARD_DATA/dev.log" 2>&1 \
    || { tail -n 30 "$YARD_DATA/dev.log" >&2; fail "it does not compile"; }
  # Of the project's own modules only their folders: a jar of them would not be seen to change.
  libraries=$(tr ':' '\n' <"$YARD_DATA/dev.classpath" | grep '\.jar$' | grep -v "^$HERE/" | paste -sd:)
  : >"$trigger"
  trap dev_stop INT TERM EXIT
  YARD_PORT="$YARD_PORT" java -XX:TieredStopAtLevel=1 -Xmx768m -Dspring.profiles.active=demo -Dspring.devtools.restart.trigger-file=.again \
    -Dspring.devtools.restart.poll-interval=500ms -Dspring.devtools.restart.quiet-period=200ms -Dspring.devtools.livereload.enabled=false \
    -cp "$classes:$libraries" hingeyard.app.HingeYard 9>&- &
  DEV_PIDS=$!
  java bin/Dev.java "$HERE" "$libraries" "$trigger" 9>&- &
  DEV_PIDS="$DEV_PIDS $!"
  (cd web && exec env YARD_PORT="$YARD_PORT" node node_modules/vite/bin/vite.js --host 127.0.0.1 --port "$YARD_DEV_PORT" --strictPort) 9>&- &
  DEV_PIDS="$DEV_PIDS $!"
  say "front end at http://127.0.0.1:$YARD_DEV_PORT (its changes are swapped in the page), server at http://127.0.0.1:$YARD_PORT"
  wait
}
