# The application, from its own copy of the build.
application_java() {
  local shared=()
  [ ! -f "$YARD_DATA/app.jsa" ] || shared=(-XX:SharedArchiveFile="$YARD_DATA/app.jsa" -Xshare:auto)
  YARD_PORT="$YARD_PORT" exec setsid java -XX:TieredStopAtLevel=4 -Xmx768m "${shared[@]}" "$@" -Dspring.profiles.active=demo \
    -jar "$YARD_DATA/app/hinge-yard-exec.jar" </dev/null >>"$YARD_DATA/app.log" 2>&1 9>&-
}

# A class-data archive of what the start loads: halves the next starts. Written once after a build, by a start that ends itself.
application_archive() {
  [ ! -f "$YARD_DATA/app.jsa" ] || return 0
  application_java -XX:ArchiveClassesAtExit="$YARD_DATA/app.jsa" -Dspring.context.exit=onRefresh &
  ARCHIVING=$!
  wait "$ARCHIVING" || true
  ARCHIVING=
}

# Ctrl-C while starting: what this call started is stopped again, what ran before is left alone.
application_interrupted() {
  say "interrupted: stopping what was being started"
  [ -z "${ARCHIVING:-}" ] || { kill -TERM "$ARCHIVING" 2>/dev/null || true; rm -f "$YARD_DATA/app.jsa"; }
  application_stop
  [ -z "${DATABASE_STARTED:-}" ] || database_stop
  exit 130
}

application_start() {
  if pid_alive "$YARD_DATA/app.pid" && curl -fs -o /dev/null "http://127.0.0.1:$YARD_PORT/actuator/health"; then
    say "already running"
    application_greet
    return 0
  fi
  application_stop
  ! port_taken "$YARD_PORT" || fail "port $YARD_PORT is taken by another program; choose another with YARD_PORT."
  (umask 077; : >"$YARD_DATA/app.log")
  chmod 600 "$YARD_DATA/app.log"
  trap application_interrupted INT TERM
  application_archive
  application_java &
  echo $! >"$YARD_DATA/app.pid"
  for _ in $(seq 1 600); do
    if curl -fs -o /dev/null "http://127.0.0.1:$YARD_PORT/actuator/health"; then
      trap - INT TERM
      application_greet
      return 0
    fi
    pid_alive "$YARD_DATA/app.pid" || break
    sleep 0.2
  done
  tail -n 20 "$YARD_DATA/app.log" >&2
  application_stop
  fail "the application did not start; its log is $YARD_DATA/app.log"
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
  pid_alive "$YARD_DATA/app.pid" || return 0
  local pid
  pid=$(cat "$YARD_DATA/app.pid")
  kill -TERM "$pid" 2>/dev/null || true
  for _ in $(seq 1 100); do runs "$pid" || break; sleep 0.2; done
  kill -KILL "$pid" 2>/dev/null || true
  rm -f "$YARD_DATA/app.pid"
  say "application: stopped"
}
