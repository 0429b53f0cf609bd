# A MariaDB of our own on loopback, with its data in YARD_DATA/db. Nothing of the machine's own server is touched.
MARIADBD=$(command -v mariadbd 2>/dev/null || echo /usr/sbin/mariadbd)

# server_user FOLDER: mysql where it can reach the folder, else whoever runs this.
server_user() {
  if [ "$(id -u)" = 0 ] && id mysql >/dev/null 2>&1 && su mysql -s /bin/sh -c "test -x '$1'" 2>/dev/null; then echo mysql; else id -un; fi
}

# server_run FOLDER PORT [MORE OPTIONS]: makes the data folder when there is none, and starts the server in the background.
server_run() {
  local dir=$1 port=$2 user; shift 2
  MARIADBD=$(command -v mariadbd 2>/dev/null || echo /usr/sbin/mariadbd)
  mkdir -p "$dir/run" "$dir/tmp"
  chmod 755 "$dir"
  user=$(server_user "$dir")
  if [ ! -d "$dir/data/mysql" ]; then
    rm -rf "$dir/data"; mkdir -p "$dir/data"
    [ "$(id -u)" != 0 ] || chown -R "$user" "$dir"
    mariadb-install-db --no-defaults --user="$user" --datadir="$dir/data" --auth-root-authentication-method=normal --skip-test-db \
      >"$dir/install.log" 2>&1 || fail "mariadb-install-db failed; its output is in $dir/install.log"
  fi
  [ "$(id -u)" != 0 ] || chown -R "$user" "$dir"
  # Its own session: a Ctrl-C at the terminal stops the command, not the server in mid-write.
  setsid "$MARIADBD" --no-defaults --user="$user" --datadir="$dir/data" --bind-address=127.0.0.1 --port="$port" \
    --socket="$dir/run/m.sock" --pid-file="$dir/run/m.pid" --tmpdir="$dir/tmp" --log-error="$dir/error.log" \
    --skip-name-resolve --character-set-server=utf8mb4 --collation-server=utf8mb4_unicode_ci \
    --innodb-buffer-pool-size=256M "$@" </dev/null >/dev/null 2>&1 9>&- &
  echo $! >"$dir.pid"
  for _ in $(seq 1 150); do
    mariadb-admin --no-defaults -uroot ${DB_ROOT_PASSWORD:+-p"$DB_ROOT_PASSWORD"} --socket="$dir/run/m.sock" ping >/dev/null 2>&1 && return 0
    mariadb-admin --no-defaults -uroot --socket="$dir/run/m.sock" ping >/dev/null 2>&1 && return 0
    runs "$(cat "$dir.pid")" || break
    sleep 0.2
  done
  tail -n 5 "$dir/error.log" >&2 2>/dev/null || true
  rm -f "$dir.pid"
  fail "the database did not start; its log is $dir/error.log"
}

server_halt() {
  local dir=$1 pid
  pid_alive "$dir.pid" || return 0
  pid=$(cat "$dir.pid")
  # SIGTERM is MariaDB's own clean shutdown.
  kill -TERM "$pid" 2>/dev/null || true
  for _ in $(seq 1 150); do runs "$pid" || break; sleep 0.2; done
  runs "$pid" && fail "the database (process $pid) does not stop"
  rm -f "$dir.pid"
}

root_sql() { mariadb --no-defaults -uroot -p"$DB_PASSWORD" --socket="$YARD_DATA/db/run/m.sock" -e "$1"; }

database_start() {
  one_at_a_time
  [ -f "$YARD_DATA/db.password" ] || (umask 077; head -c 24 /dev/urandom | base64 | tr -dc 'a-zA-Z0-9' >"$YARD_DATA/db.password")
  DB_PASSWORD=$(cat "$YARD_DATA/db.password")
  DB_ROOT_PASSWORD=$DB_PASSWORD
  if ! pid_alive "$YARD_DATA/db.pid"; then
    port_taken "$YARD_DB_PORT" && fail "port $YARD_DB_PORT is taken by another program; choose another with YARD_DB_PORT."
    server_run "$YARD_DATA/db" "$YARD_DB_PORT"
    DATABASE_STARTED=1
  fi
  if ! root_sql "SELECT 1" >/dev/null 2>&1; then
    mariadb --no-defaults -uroot --socket="$YARD_DATA/db/run/m.sock" -e "ALTER USER root@localhost IDENTIFIED BY '$DB_PASSWORD';" \
      || fail "cannot sign in to the database in $YARD_DATA/db; is $YARD_DATA/db.password the one it was made with?"
  fi
  root_sql "CREATE DATABASE IF NOT EXISTS hingeyard CHARACTER SET utf8mb4;
    CREATE USER IF NOT EXISTS hingeyard@'127.0.0.1' IDENTIFIED BY '$DB_PASSWORD'; GRANT ALL ON hingeyard.* TO hingeyard@'127.0.0.1';"
}

database_empty() { root_sql "DROP DATABASE hingeyard; CREATE DATABASE hingeyard CHARACTER SET utf8mb4;"; }

database_stop() { server_halt "$YARD_DATA/db"; say "database: stopped"; }

# with_test_database COMMAND…: a server for this run alone; tests make and drop their own schemas in it.
with_test_database() {
  local dir status=0 port=$((20000 + RANDOM % 10000))
  dir=$(mktemp -d "${TMPDIR:-/tmp}/yard-test.XXXXXX")/db
  while port_taken "$port"; do port=$((port + 1)); done
  # shellcheck disable=SC2064
  trap "server_halt '$dir'; rm -rf '${dir%/db}'" EXIT
  chmod 755 "${dir%/db}"
  server_run "$dir" "$port"
  mariadb --no-defaults -uroot --socket="$dir/run/m.sock" -e "CREATE USER yard@'127.0.0.1' IDENTIFIED BY 'test'; GRANT ALL ON *.* TO yard@'127.0.0.1';"
  YARD_TEST_DB_PORT=$port "$@" || status=$?
  return $status
}
