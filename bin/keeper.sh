# Looks after what runs: an application or a database that ended by itself is started again. ./yard up starts it, ./yard down ends it first.
KEEP_EVERY=${KEEP_EVERY:-1}
# As often as this within ten minutes; after that something is wrong that starting again does not mend.
KEEP_MOST=${KEEP_MOST:-5}

keeper_note() { printf '%s %s\n' "$(date -u +%FT%TZ)" "$*" >>"$YARD_DATA/keeper.log"; }

# keep_may WHAT: whether that was not started again too often; counts this time.
keep_may() {
  local now times
  now=$(date +%s)
  times=$(awk -v since=$((now - 600)) '$1 >= since' "$YARD_DATA/keeper.$1" 2>/dev/null || true)
  if [ "$(printf '%s' "$times" | grep -c .)" -ge "$KEEP_MOST" ]; then return 1; fi
  printf '%s\n%s\n' "$times" "$now" | grep . >"$YARD_DATA/keeper.$1"
}

# ended WHAT: whether it was started and runs no more. The pid file stays: ./yard down takes it away, and what was stopped on purpose has none.
ended() { [ -f "$YARD_DATA/$1.pid" ] && ! runs "$(cat "$YARD_DATA/$1.pid" 2>/dev/null)"; }

# keep_once: one look. Whoever is at a ./yard command has the lock, and is left alone.
keep_once() {
  { ended db || ended app; } || return 0
  exec 9>"$YARD_DATA/lock"
  flock -n 9 || return 0
  if ended db; then
    if keep_may db; then
      keeper_note "the database ended by itself: starting it again (its log: $YARD_DATA/db/error.log)"
      (server_run "$YARD_DATA/db" "$YARD_DB_PORT") >>"$YARD_DATA/keeper.log" 2>&1 || true
      # As it was started by another process, its pid file says which.
      [ -f "$YARD_DATA/db.pid" ] || { keeper_note "it did not start"; echo 999999999 >"$YARD_DATA/db.pid"; }
    else keep_given_up db; fi
  fi
  if ended app; then
    if keep_may app; then
      keeper_note "the application ended by itself: starting it again (its log: $YARD_DATA/app.log)"
      application_java &
      echo $! >"$YARD_DATA/app.pid"
    else keep_given_up app; fi
  fi
  exec 9>&-
}

keep_given_up() {
  [ -f "$YARD_DATA/keeper.$1.over" ] || keeper_note "$1: started $KEEP_MOST times in ten minutes and ended each time; given up. ./yard up tries anew."
  : >"$YARD_DATA/keeper.$1.over"
}

keep_loop() {
  trap 'exit 0' TERM INT
  while :; do
    sleep "$KEEP_EVERY" 9>&- &
    wait $! || true
    keep_once
  done
}

keeper_start() {
  rm -f "$YARD_DATA"/keeper.db "$YARD_DATA"/keeper.app "$YARD_DATA"/keeper.*.over
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
