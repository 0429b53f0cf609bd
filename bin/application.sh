# The application, from its own copy of the build. Its first run after a build writes down at its end which classes it loaded, which halves
# the next starts; the archive is made aside, so that a run that is killed while it writes leaves none.
application_java() {
  local shared=(-XX:SharedArchiveFile="$YARD_DATA/app.jsa" -Xshare:auto)
  if [ ! -f "$YARD_DATA/app.jsa" ]; then
    rm -f "$YARD_DATA/app.jsa.new"
    shared=(-XX:ArchiveClassesAtExit="$YARD_DATA/app.jsa.new" -Xlog:cds=off -Xlog:cds+dynamic=off)
  fi
  YARD_OPENING_CODE=$(cat "$YARD_DATA/opening.code" 2>/dev/null || true)
  export YARD_PORT YARD_DATA YARD_OPENING_CODE YARD_BACKUPS="${YARD_BACKUPS:-}"
  export YARD_BIND="${YARD_BIND:-}" YARD_TLS_PORT YARD_ROOT_PORT
  settings_now >"$YARD_DATA/started" 2>/dev/null || true
  exec setsid java -XX:+ExitOnOutOfMemoryError -Xmx768m "${shared[@]}" -Dspring.profiles.active="$YARD_KIND" \
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
    if settings_now | cmp -s - "$YARD_DATA/started"; then
      say "already running"
      keeper_start
      application_greet
      return 0
    fi
    say "running with other settings: starting it again with these"
  fi
  application_stop
  ! port_taken "$YARD_PORT" || fail "port $YARD_PORT is taken by another program; choose another with YARD_PORT."
  tls_ready
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

# one_time_code: twelve signs that are not taken for one another, in groups of four.
one_time_code() {
  local signs
  signs=$(head -c 4096 /dev/urandom | LC_ALL=C tr -dc '23456789ABCDEFGHJKMNPQRSTVWXYZ' | head -c 12)
  printf '%s-%s-%s' "${signs:0:4}" "${signs:4:4}" "${signs:8:4}"
}

# The code that opens an empty shop; nobody else's to read. It is of no use any more as soon as the shop is open.
opening_code() {
  # Whose data is gone is no open shop.
  [ -d "$YARD_DATA/db/data" ] || rm -f "$YARD_DATA/opened"
  [ -s "$YARD_DATA/opening.code" ] || [ -e "$YARD_DATA/opened" ] || (umask 077; one_time_code >"$YARD_DATA/opening.code")
}

shop_greet() {
  echo "Hinge Yard is at http://127.0.0.1:$YARD_PORT"
  ! tls_wanted || tls_tell
  if curl -fs -m 5 "http://127.0.0.1:$YARD_PORT/api/session" | grep -q '"open":true'; then
    : >"$YARD_DATA/opened"
    rm -f "$YARD_DATA/opening.code"
  else
    printf '\nThe shop is empty. Open that address and enter this code; it counts until the shop is open:\n\n  %s\n\n' \
      "$(cat "$YARD_DATA/opening.code")"
  fi
  echo "Its data is in $YARD_DATA. The other commands work on it as ./yard shop COMMAND, such as ./yard shop backup."
}

# code_for NAME: lets somebody in who lost their password, where no manager can: whoever may use this machine.
code_for() {
  local name=$1 code
  [[ $name =~ ^[a-z][a-z0-9.-]{1,29}$ ]] || fail "'$name' is no name to sign in with: small letters, digits, points, hyphens."
  [ "$(echo "SELECT standing FROM $DATABASE_NAME.person WHERE username = '$name'" | admin_sql "$YARD_DATA/db" -N)" = ACTIVE ] \
    || fail "nobody who works here signs in as '$name'."
  code=$(one_time_code)
  echo "REPLACE INTO person_code (username, code_hash, made_by, until) VALUES ('$name',
      '$(printf %s "${code//-/}" | sha256sum | cut -d' ' -f1)', 'the console', UTC_TIMESTAMP(3) + INTERVAL 1 HOUR);
    DELETE FROM failed_attempt WHERE what LIKE 'code $name %';
    INSERT INTO security_event (what, who, address, detail, at) VALUES ('CODE_MADE', '$name', '', 'at the console', UTC_TIMESTAMP(3));" \
    | admin_sql "$YARD_DATA/db" "$DATABASE_NAME" || fail "no code was made"
  say "$name chooses a new password at http://127.0.0.1:$YARD_PORT/code with this code, within an hour, once:"
  say "  $code"
}

application_greet() {
  [ "$YARD_KIND" != shop ] || { shop_greet; return 0; }
  cat <<TXT
Hinge Yard is at http://127.0.0.1:$YARD_PORT$(! tls_wanted || printf '\n%s' "$(tls_tell)")
This is the demo: all of it is made up. A shop of your own: ./yard open

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
  rm -f "$YARD_DATA/app.pid" "$YARD_DATA/started"
  application_archive
  say "application: stopped"
}
