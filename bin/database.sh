# A MariaDB of our own on loopback, with its data in YARD_DATA/db. Nothing of the machine's own server is touched.
MARIADBD=$(command -v mariadbd 2>/dev/null || echo /usr/sbin/mariadbd)

# server_user FOLDER: mysql where it can reach the folder, else whoever runs this.
server_user() {
  if [ "$(id -u)" = 0 ] && id mysql >/dev/null 2>&1 && su mysql -s /bin/sh -c "test -x '$1'" 2>/dev/null; then echo mysql; else id -un; fi
}

# What the shop writes down is nobody else's on this machine; the server's own user may pass through to its folder.
close_folder() {
  if [ "$(id -u)" = 0 ] && id mysql >/dev/null 2>&1; then chgrp mysql "$1" && chmod 710 "$1"; else chmod 700 "$1"; fi
}

# server_run FOLDER PORT [MORE OPTIONS]: makes the data folder when there is none, and starts the server in the background.
server_run() {
  local dir=$1 port=$2 user; shift 2
  MARIADBD=$(command -v mariadbd 2>/dev/null || echo /usr/sbin/mariadbd)
  mkdir -p "$dir/run" "$dir/tmp"
  user=$(server_user "$dir")
  if [ ! -d "$dir/data/mysql" ]; then
    # Made aside: one that was killed in the middle of it is no data folder.
    rm -rf "$dir/data" "$dir/data.new"; mkdir -p "$dir/data.new"
    [ "$(id -u)" != 0 ] || chown -R "$user" "$dir"
    # Its administrator is whoever runs this, known by the operating system through the socket; there is no account without a check.
    mariadb-install-db --no-defaults --user="$user" --datadir="$dir/data.new" --auth-root-authentication-method=socket \
      --auth-root-socket-user="$(id -un)" --skip-test-db \
      >"$dir/install.log" 2>&1 || fail "mariadb-install-db failed; its output is in $dir/install.log"
    mv "$dir/data.new" "$dir/data"
  fi
  [ "$(id -u)" != 0 ] || chown -R "$user" "$dir"
  chmod 700 "$dir"
  server_launch "$dir" "$port" "$@"
  echo $! >"$dir.pid"
  server_wait "$dir"
}

# server_launch FOLDER PORT [MORE OPTIONS]: starts it on a folder that is there; $! is its process.
server_launch() {
  local dir=$1 port=$2; shift 2
  # Its own session: a Ctrl-C at the terminal stops the command, not the server in mid-write.
  setsid "$MARIADBD" --no-defaults --user="$(server_user "$dir")" --datadir="$dir/data" --bind-address=127.0.0.1 --port="$port" \
    --socket="$dir/run/m.sock" --pid-file="$dir/run/m.pid" --tmpdir="$dir/tmp" --log-error="$dir/error.log" \
    --skip-name-resolve --character-set-server=utf8mb4 --collation-server=utf8mb4_unicode_ci \
    --local-infile=0 --idle-write-transaction-timeout=300 --innodb-buffer-pool-size=256M "$@" </dev/null >/dev/null 2>&1 9>&- &
}

# server_wait FOLDER: until the server answers; one that is slow to come up is not forgotten.
server_wait() {
  local dir=$1 status=0
  wait_ready "$(cat "$dir.pid")" "$dir/error.log" mariadb-admin --no-defaults --socket="$dir/run/m.sock" ping || status=$?
  case $status in
    0) return 0 ;;
    1) tail -n 5 "$dir/error.log" >&2 2>/dev/null || true
       rm -f "$dir.pid"
       fail "the database did not start; its log is $dir/error.log" ;;
    *) fail "the database (process $(cat "$dir.pid")) runs but does not answer; its log is $dir/error.log. Run this again to wait on for it." ;;
  esac
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

# admin_sql FOLDER [OPTIONS]: as the administrator, through the socket; statements come on standard input, so that no password stands in a
# list of processes.
admin_sql() {
  local dir=$1; shift
  mariadb --no-defaults -u"$(id -un)" --socket="$dir/run/m.sock" "$@"
}

# Accounts that anybody on this machine could use, and those of folders made by earlier versions.
close_accounts() {
  local dir=$1 open
  if ! admin_sql "$dir" -e "SELECT 1" >/dev/null 2>&1; then
    printf "CREATE USER IF NOT EXISTS '%s'@localhost IDENTIFIED VIA unix_socket; ALTER USER '%s'@localhost IDENTIFIED VIA unix_socket;
      GRANT ALL ON *.* TO '%s'@localhost WITH GRANT OPTION;" "$(id -un)" "$(id -un)" "$(id -un)" \
      | MYSQL_PWD=$DB_PASSWORD mariadb --no-defaults -uroot --socket="$dir/run/m.sock" \
      || fail "cannot sign in to the database in $dir; is $YARD_DATA/db.password the one it was made with?"
  fi
  open=$(admin_sql "$dir" -N -e "SELECT CONCAT('DROP USER ', QUOTE(User), '@', QUOTE(Host), ';') FROM mysql.user
    WHERE User = '' OR User = 'root' AND Host <> 'localhost'")
  [ -z "$open" ] || printf '%s' "$open" | admin_sql "$dir"
  if [ "$(id -un)" != root ]; then
    echo "ALTER USER IF EXISTS root@localhost IDENTIFIED VIA unix_socket;" | admin_sql "$dir"
  fi
}

# secret FILE [BYTES]: a password kept in it; made of so many random bytes when there is none.
secret() {
  [ -s "$1" ] || (umask 077; head -c "${2:-24}" /dev/urandom | base64 | tr -dc 'a-zA-Z0-9' >"$1")
  cat "$1"
}

# The key of the histories stands beside the database, never in it. What was written before it was made is sealed by the first start with it;
# until that start has succeeded, history.new says that it may.
history_key() {
  [ -s "$YARD_DATA/history.key" ] || : >"$YARD_DATA/history.new"
  YARD_HISTORY_KEY=$(secret "$YARD_DATA/history.key" 48)
  YARD_HISTORY_SEAL=false
  [ ! -f "$YARD_DATA/history.new" ] || YARD_HISTORY_SEAL=true
  export YARD_HISTORY_KEY YARD_HISTORY_SEAL
}

# Where and as whom the application signs in, and with which key it links the histories.
database_settings() {
  history_key
  DB_PASSWORD=$(secret "$YARD_DATA/db.password")
  DB_DATA_PASSWORD=$(secret "$YARD_DATA/db-data.password")
  export YARD_DB_URL="jdbc:mariadb://127.0.0.1:$YARD_DB_PORT/hingeyard" YARD_DB_USER=hingeyard_data YARD_DB_PASSWORD=$DB_DATA_PASSWORD
  export YARD_MIGRATION_USER=hingeyard YARD_MIGRATION_PASSWORD=$DB_PASSWORD
}

database_start() {
  one_at_a_time
  close_folder "$YARD_DATA"
  database_settings
  if ! pid_alive "$YARD_DATA/db.pid"; then
    port_taken "$YARD_DB_PORT" && fail "port $YARD_DB_PORT is taken by another program; choose another with YARD_DB_PORT."
    server_run "$YARD_DATA/db" "$YARD_DB_PORT"
    DATABASE_STARTED=1
  else
    server_wait "$YARD_DATA/db"
  fi
  close_accounts "$YARD_DATA/db"
  # Migrations change tables; the application reads and writes rows, and nothing else.
  admin_sql "$YARD_DATA/db" <<SQL || fail "the database's accounts cannot be set up"
CREATE DATABASE IF NOT EXISTS hingeyard CHARACTER SET utf8mb4;
CREATE USER IF NOT EXISTS hingeyard@'127.0.0.1' IDENTIFIED BY '$DB_PASSWORD';
CREATE USER IF NOT EXISTS hingeyard_data@'127.0.0.1' IDENTIFIED BY '$DB_DATA_PASSWORD';
ALTER USER hingeyard@'127.0.0.1' IDENTIFIED BY '$DB_PASSWORD';
ALTER USER hingeyard_data@'127.0.0.1' IDENTIFIED BY '$DB_DATA_PASSWORD';
GRANT ALL ON hingeyard.* TO hingeyard@'127.0.0.1';
GRANT SELECT, INSERT, UPDATE, DELETE ON hingeyard.* TO hingeyard_data@'127.0.0.1';
SQL
}

# The database comes up while the application is built. What goes wrong is told when it is started for good, after the build.
database_meanwhile() {
  ! built_already || return 0
  pid_alive "$YARD_DATA/db.pid" || DATABASE_STARTED=1
  (database_start) >/dev/null 2>&1 &
}

database_empty() {
  echo "DROP DATABASE hingeyard; CREATE DATABASE hingeyard CHARACTER SET utf8mb4;" | admin_sql "$YARD_DATA/db"
  : >"$YARD_DATA/history.new"
  history_key
}

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
  close_accounts "$dir"
  admin_sql "$dir" <<SQL
CREATE USER yard@'127.0.0.1' IDENTIFIED BY 'test';
GRANT ALL ON *.* TO yard@'127.0.0.1' WITH GRANT OPTION;
CREATE USER yard_data@'127.0.0.1' IDENTIFIED BY 'test';
SQL
  YARD_TEST_DB_PORT=$port "$@" || status=$?
  return $status
}
