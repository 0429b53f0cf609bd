# Looks after what runs: an application or a database that ended by itself is started again. ./yard up starts it, ./yard down ends it first.
KEEP_EVERY=${KEEP_EVERY:-1}
# As often as this within ten minutes at once; after that something is wrong that starting again does not mend by itself.
KEEP_MOST=${KEEP_MOST:-5}

# A disk that is full takes no note, and is no reason to look no further.
keeper_note() { printf '%s %s\n' "$(date -u +%FT%TZ)" "$*" 2>/dev/null >>"$YARD_DATA/keeper.log" || true; }

# When each was started again, in seconds, and as which process: in memory, because a full disk keeps nothing.
declare -A KEPT=([db]="" [app]="") KEPT_PID=([db]="" [app]="") KEPT_SLOW=([db]="" [app]="")

# keep_may WHAT: whether it is started again now: at once while that was rare, once a minute when it was not; counts this time.
keep_may() {
  local now at recent="" count=0 last=0
  now=$(date +%s)
  for at in ${KEPT[$1]}; do
    if [ "$at" -ge $((now - 600)) ]; then recent="$recent $at"; count=$((count + 1)); last=$at; fi
  done
  if [ "$count" -ge "$KEEP_MOST" ] && [ $((now - last)) -lt 60 ]; then
    KEPT[$1]=$recent
    [ -n "${KEPT_SLOW[$1]}" ] || keeper_note "$1: ended $KEEP_MOST times in ten minutes; tried once a minute from now on"
    KEPT_SLOW[$1]=yes
    return 1
  fi
  [ "$count" -ge "$KEEP_MOST" ] || KEPT_SLOW[$1]=""
  KEPT[$1]="$recent $now"
}

# ended WHAT: whether it was started and runs no more. The pid file stays: ./yard down takes it away, and what was stopped on purpose has
# none. One that could not be written is made up for by what is remembered.
ended() {
  local pid
  [ -f "$YARD_DATA/$1.pid" ] || return 1
  pid=$(cat "$YARD_DATA/$1.pid" 2>/dev/null || true)
  [ -n "$pid" ] || pid=${KEPT_PID[$1]}
  ! runs "$pid"
}

# started WHAT PID
started() {
  KEPT_PID[$1]=$2
  echo "$2" 2>/dev/null >"$YARD_DATA/$1.pid" || true
}

# keep_once: one look. Whoever is at a ./yard command has the lock, and is left alone.
keep_once() {
  { ended db || ended app; } || return 0
  { exec 9>"$YARD_DATA/lock"; } 2>/dev/null || return 0
  flock -n 9 || return 0
  if ended db && keep_may db; then
    keeper_note "the database ended by itself: starting it again (its log: $YARD_DATA/db/error.log)"
    server_launch "$YARD_DATA/db" "$YARD_DB_PORT"
    started db $!
    wait_ready $! "$YARD_DATA/db/error.log" mariadb-admin --no-defaults --socket="$YARD_DATA/db/run/m.sock" ping \
      || keeper_note "it did not start: $(tail -n 1 "$YARD_DATA/db/error.log" 2>/dev/null || true)"
  fi
  if ended app && keep_may app; then
    keeper_note "the application ended by itself: starting it again (its log: $YARD_DATA/app.log)"
    application_java &
    started app $!
  fi
  exec 9>&-
}

keep_loop() {
  trap 'exit 0' TERM INT
  while :; do
    sleep "$KEEP_EVERY" 9>&- &
    wait $! || true
    # Nothing that fails in a look ends the looking.
    keep_once || true
    # Beside the looking: a backup takes minutes.
    if tls_due; then tls_daily || true; fi
    if ! runs "${BACKUP_PID:-}" && backup_due; then backup_nightly 9>&- & BACKUP_PID=$!; fi
  done
}

keeper_start() {
  ! pid_alive "$YARD_DATA/keeper.pid" || return 0
  setsid "$HERE/yard" keep </dev/null >>"$YARD_DATA/keeper.log" 2>&1 9>&- &
  echo $! >"$YARD_DATA/keeper.pid"
}

keeper_stop() {
  pid_alive "$YARD_DATA/keeper.pid" || return 0
  kill -TERM "$(cat "$YARD_DATA/keeper.pid")" 2>/dev/null || true
  for _ in $(seq 1 50); do runs "$(cat "$YARD_DATA/keeper.pid")" || break; sleep 0.1; done
  rm -f "$YARD_DATA/keeper.pid"
}
