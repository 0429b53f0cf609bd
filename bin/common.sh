# Settings and small words shared by the other parts.
say() { printf '%s\n' "$*"; }
fail() { printf 'yard: %s\n' "$*" >&2; exit 1; }

# What is set once and for all stands in YARD_DATA/settings, a line NAME=VALUE each; the environment has the last word.
SETTINGS="YARD_PORT YARD_DB_PORT YARD_TLS_PORT YARD_ROOT_PORT YARD_BIND YARD_NAMES YARD_CERT YARD_KEY YARD_BACKUPS YARD_ZONE YARD_FORWARDED YARD_PROXY"
settings_read() {
  local name value file=$YARD_DATA/$1
  [ -f "$file" ] || return 0
  while IFS='=' read -r name value || [ -n "$name" ]; do
    case "$name" in
      ''|'#'*) continue ;;
      *[!A-Z_]*) fail "$file: '$name' is no setting. There are: $SETTINGS" ;;
    esac
    case " $SETTINGS " in *" $name "*) ;; *) fail "$file: '$name' is no setting. There are: $SETTINGS" ;; esac
    [ -n "${!name+set}" ] || export "$name=$value"
  done <"$file"
}

# What the application is started with, in the same form: kept beside it, so that whoever looks later knows it from another window, too.
settings_now() {
  local name
  for name in $SETTINGS; do [ -z "${!name:-}" ] || printf '%s=%s\n' "$name" "${!name}"; done
}

# The demo and a shop of one's own live in folders and on ports of their own, so that both may run, and neither sees the other's data.
export YARD_KIND=${YARD_KIND:-demo}
if [ "$YARD_KIND" = shop ]; then USUAL_PORT=8144 YARD_DATA=${YARD_DATA:-$HERE/.shop}; else USUAL_PORT=8140 YARD_DATA=${YARD_DATA:-$HERE/.yard}; fi
case "$YARD_DATA" in /*) ;; *) YARD_DATA=$HERE/$YARD_DATA ;; esac
mkdir -p "$YARD_DATA"

# kind_there: demo or shop, as the folder was begun; nothing for one that is new. Folders of earlier versions are the demo's.
kind_there() {
  cat "$YARD_DATA/kind" 2>/dev/null || { [ ! -d "$YARD_DATA/db/data" ] || echo demo; }
}

# kind_hold: a folder stays what it was begun as; kind_keep begins it.
kind_hold() {
  case "$(kind_there) $YARD_KIND" in
    "shop demo") fail "$YARD_DATA holds a shop of its own, and the demo keeps out of it. For the shop: ./yard open, or ./yard shop COMMAND." ;;
    "demo shop") fail "$YARD_DATA holds the demo, which never becomes a shop. Name another folder with YARD_DATA." ;;
  esac
}

kind_keep() { echo "$YARD_KIND" >"$YARD_DATA/kind"; }

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

# Tests and whatever else has data of its own take nothing from the folder, nor from a shop's environment.
case "${1:-}" in
  # What runs is left as it runs, but for what is said otherwise.
  up|open|reset|restore) settings_read settings; ! pid_alive "$YARD_DATA/app.pid" || settings_read started ;;
  down|backup|code|audit|tls|doctor|keep) settings_read settings; settings_read started ;;
  *) unset YARD_BIND YARD_NAMES YARD_CERT YARD_KEY ;;
esac
YARD_PORT=${YARD_PORT:-$USUAL_PORT}; YARD_DB_PORT=${YARD_DB_PORT:-$((USUAL_PORT + 1))}
YARD_TLS_PORT=${YARD_TLS_PORT:-$((USUAL_PORT + 2))}; YARD_ROOT_PORT=${YARD_ROOT_PORT:-$((USUAL_PORT + 3))}
