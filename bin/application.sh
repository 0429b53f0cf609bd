# The application, from its own copy of the build. Its first run after a build writes down at its end which classes it loaded, which halves
# the next starts; the archive is made aside, so that a run that is killed while it writes leaves none.
application_java() {
  local shared=(-XX:SharedArchiveFile="$YARD_DATA/app.jsa" -Xshare:auto)
  if [ ! -f "$YARD_DATA/app.jsa" ]; then
    rm -f "$YARD_DATA/app.jsa.new"
    shared=(-XX:ArchiveClassesAtExit="$YARD_DATA/app.jsa.new" -Xlog:cds=off -Xlog:cds+dynamic=off)
  fi
  YARD_PORT="$YARD_PORT" exec setsid java -XX:+ExitOnOutOfMemoryError -Xmx768m "${shared[@]}" -Dspring.profiles.active=demo \
    -jar "$YARD_DATA/app/hinge-yard-exec.jar" </dev/null >>"$YARD_DATA/app.log" 2>&1 9>&-
}

application_archive() {
  [ ! -f "$YARD_DATA/app.jsa.new" ] || mv "$YARD_DATA/app.jsa.new" "$YARD_DATA/app.jsa"
}

# Ctrl-C while starting: what this call started is stopped again, what ran before is left alone.
application_interrupted() {
  say "interrupted: stopping what was being started"
  application_stop
  [ -z "${DATABASE_STARTED:-}" ] || database_stop
  exit 130
}

application_start() {
  keeper_stop
  if pid_alive "$YARD_DATA/app.pid" && curl -fs -o /dev/null "http://127.0.0.1:$YARD_PORT/actuator/health"; then
    say "already running"
    keeper_start
    application_greet
    return 0
  fi
  application_stop
  ! port_taken "$YARD_PORT" || fail "port $YARD_PORT is taken by another program; choose another with YARD_PORT."
  (umask 077; : >"$YARD_DATA/app.log")
  chmod 600 "$YARD_DATA/app.log"
  trap application_interrupted INT TERM
  application_java &
  echo $! >"$YARD_DATA/app.pid"
  local status=0
  wait_ready $! "$YARD_DATA/app.log" curl -fs -m 5 -o /dev/null "http://127.0.0.1:$YARD_PORT/actuator/health" || status=$?
  if [ $status = 0 ]; then
    trap - INT TERM
    rm -f "$YARD_DATA/history.new"
    keeper_start
    application_greet
    return 0
  fi
  tail -n 20 "$YARD_DATA/app.log" >&2
  application_stop
  fail "the application did not start$([ $status = 1 ] || echo ": it does nothing any more"); its log is $YARD_DATA/app.log"
}

application_greet() {
  cat <<TXT
Hinge Yard is at http://127.0.0.1:$YARD_PORT

Demo accounts     name   password
  manager         orla   wharf-orla
  technician      tova   wharf-tova
  technician      rian   wharf-rian
  technician      ned    wharf-ned
  stock keeper    ines   wharf-ines
TXT
}

application_stop() {
  keeper_stop
  pid_alive "$YARD_DATA/app.pid" || return 0
  local pid
  pid=$(cat "$YARD_DATA/app.pid")
  kill -TERM "$pid" 2>/dev/null || true
  for _ in $(seq 1 100); do runs "$pid" || break; sleep 0.2; done
  # Killed while it wrote: half an archive is none.
  if runs "$pid"; then kill -KILL "$pid" 2>/dev/null || true; rm -f "$YARD_DATA/app.jsa.new"; fi
  rm -f "$YARD_DATA/app.pid"
  application_archive
  say "application: stopped"
}
