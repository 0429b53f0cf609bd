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

port_taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

# one_at_a_time: two commands on one data folder wait for one another.
one_at_a_time() {
  command -v flock >/dev/null 2>&1 || return 0
  exec 9>"$YARD_DATA/lock"
  flock -w 300 9 || fail "another yard command is busy on $YARD_DATA; try again when it is done."
}
