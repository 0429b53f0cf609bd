# Settings and small words shared by the other parts.
YARD_PORT=${YARD_PORT:-8140}
YARD_DB_PORT=${YARD_DB_PORT:-8141}
YARD_DATA=${YARD_DATA:-$HERE/.yard}
case "$YARD_DATA" in /*) ;; *) YARD_DATA=$HERE/$YARD_DATA ;; esac
mkdir -p "$YARD_DATA"

say() { printf '%s\n' "$*"; }
fail() { printf 'yard: %s\n' "$*" >&2; exit 1; }

# runs PID: whether that process runs; a dead one that nobody has collected yet does not count.
runs() {
  [ -n "${1:-}" ] && kill -0 "$1" 2>/dev/null && ! grep -q '^State:[[:space:]]*Z' "/proc/$1/status" 2>/dev/null
}

# pid_alive FILE: whether the process named in a pid file still runs; a stale file is removed.
pid_alive() {
  [ -f "$1" ] || return 1
  if runs "$(cat "$1" 2>/dev/null)"; then return 0; fi
  rm -f "$1"
  return 1
}

# busy PID FILE: a figure that grows while that process works: its time on the processor, in tenths of a second, and how long its log is.
busy() {
  local ticks size
  ticks=$(awk '{print int(($14 + $15) / 10)}' "/proc/$1/stat" 2>/dev/null || echo 0)
  size=$(stat -c %s "$2" 2>/dev/null || echo 0)
  echo "$ticks $size"
}

# wait_ready PID LOG COMMAND…: waits until the command succeeds, for as long as the process works at it, however slow the machine is.
# 0 when it does, 1 when the process ended, 2 when it did nothing for two minutes.
wait_ready() {
  local pid=$1 log=$2 last="" now idle=0; shift 2
  while :; do
    ! "$@" >/dev/null 2>&1 || return 0
    runs "$pid" || return 1
    now=$(busy "$pid" "$log")
    if [ "$now" = "$last" ]; then idle=$((idle + 1)); else idle=0; last=$now; fi
    [ "$idle" -lt "${WAIT_IDLE:-600}" ] || return 2
    sleep 0.2
  done
}

port_taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

# one_at_a_time: two commands on one data folder wait for one another.
one_at_a_time() {
  command -v flock >/dev/null 2>&1 || return 0
  exec 9>"$YARD_DATA/lock"
  flock -w 300 9 || fail "another yard command is busy on $YARD_DATA; try again when it is done."
}
