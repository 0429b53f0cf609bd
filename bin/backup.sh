# Backup and restore. A backup is one file: the database, the key of its histories and what it is. It is written aside, and proven by
# restoring it aside, on a server of its own, and auditing what came back.
DATABASE_NAME=${DATABASE_NAME:-hingeyard}
# How the file is laid out; one of a later way is refused.
BACKUP_FORMAT=1

backup_sql() { admin_sql "$YARD_DATA/db" "$@"; }

# The newest migration of the database, and the newest this program knows.
schema_there() {
  echo "SELECT COALESCE(MAX(CAST(version AS UNSIGNED)), 0) FROM $DATABASE_NAME.flyway_schema_history WHERE success" | backup_sql -N
}
schema_known() {
  local newest=0 file
  for file in "$HERE"/app/src/main/resources/db/migration/V*__*.sql; do
    file=${file##*/V}; file=${file%%__*}
    [ "$file" -le "$newest" ] || newest=$file
  done
  echo "$newest"
}

# absolute FILE: as seen from where the command was typed.
absolute() { case "$1" in /*) printf '%s' "$1" ;; *) printf '%s' "${CALLED_FROM:-$PWD}/$1" ;; esac; }

# backup_write FILE: from one moment of the running database; nobody has to wait for it.
backup_write() {
  local to=$1 aside status=0
  [ ! -e "$to" ] || fail "$to is there already. Name another file: a backup is never written over."
  mkdir -p "$(dirname "$to")" || fail "the folder of $to cannot be made"
  # Beside its place, so that it is moved there whole; nobody else's to read, for the key is in it.
  aside=$(umask 077; mktemp -d "$to.new.XXXXXX") || fail "$(dirname "$to") cannot be written to"
  (
    umask 077
    mariadb-dump --no-defaults -u"$(id -un)" --socket="$YARD_DATA/db/run/m.sock" --single-transaction --skip-lock-tables --triggers \
      --routines --hex-blob --default-character-set=utf8mb4 "$DATABASE_NAME" | gzip >"$aside/shop.sql.gz" \
      && cp "$YARD_DATA/history.key" "$aside/history.key" \
      && printf 'format=%s\nkind=%s\nmade=%s\nschema=%s\nsum=%s\n' "$BACKUP_FORMAT" "$YARD_KIND" "$(date -u +%FT%TZ)" "$(schema_there)" \
        "$(sha256sum "$aside/shop.sql.gz" | cut -d' ' -f1)" >"$aside/manifest" \
      && tar -C "$aside" -cf "$aside/whole" manifest history.key shop.sql.gz && sync "$aside/whole" && mv "$aside/whole" "$to"
  ) || status=$?
  rm -rf "$aside"
  [ $status = 0 ] || fail "the backup was not written: is there room on the disk of $to?"
}

manifest_of() { sed -n "s/^$2=//p" "$1/manifest"; }

# backup_open FILE FOLDER: unpacks it and says what is wrong with it.
backup_open() {
  local file=$1 into=$2
  [ -f "$file" ] || fail "$file: there is no such file"
  tar -C "$into" --no-same-owner -xf "$file" manifest history.key shop.sql.gz 2>/dev/null \
    || fail "$file is no backup of Hinge Yard, or not a whole one. Nothing was changed."
  case "$(manifest_of "$into" format)" in
    "$BACKUP_FORMAT") ;;
    *) fail "$file was written in format '$(manifest_of "$into" format)', and this program reads $BACKUP_FORMAT. Nothing was changed." ;;
  esac
  # Files from before shops of one's own are the demo's.
  local kind
  kind=$(manifest_of "$into" kind)
  [ "${kind:-demo}" = "$YARD_KIND" ] || fail "$file is of $([ "${kind:-demo}" = demo ] && echo "the demo, and this is a shop of its own" \
    || echo "a shop of its own, and this is the demo"): the two are never mixed. Nothing was changed."
  [ "$(sha256sum "$into/shop.sql.gz" | cut -d' ' -f1)" = "$(manifest_of "$into" sum)" ] \
    || fail "$file is damaged: its database is not the one that was written. Nothing was changed."
  local schema
  schema=$(manifest_of "$into" schema)
  [ "$schema" -le "$(schema_known)" ] 2>/dev/null \
    || fail "$file is from a newer version (database $schema, this program knows $(schema_known)). Install that version first. Nothing was changed."
}

# backup_load FOLDER SERVER: into an empty database of that server.
backup_load() {
  echo "DROP DATABASE IF EXISTS $DATABASE_NAME; CREATE DATABASE $DATABASE_NAME CHARACTER SET utf8mb4;" | admin_sql "$2" \
    && gzip -dc "$1/shop.sql.gz" | admin_sql "$2" "$DATABASE_NAME"
}

# backup_proof FOLDER: restores what was unpacked there on a server of its own and audits it: every history, and the stock's ledger.
backup_proof() {
  local from=$1 dir port password status=0
  dir=$from/aside
  port=$((20000 + RANDOM % 10000))
  while port_taken "$port"; do port=$((port + 1)); done
  chmod 711 "$from"
  server_run "$dir" "$port"
  password=$(head -c 18 /dev/urandom | base64 | tr -dc 'a-zA-Z0-9')
  {
    # As the shop's own server has them: what the tables do by themselves is done in their name.
    echo "CREATE USER IF NOT EXISTS hingeyard@'127.0.0.1' IDENTIFIED BY '$password'; GRANT ALL ON $DATABASE_NAME.* TO hingeyard@'127.0.0.1';"
  } | admin_sql "$dir"
  backup_load "$from" "$dir" || status=1
  if [ $status = 0 ]; then
    YARD_DB_URL="jdbc:mariadb://127.0.0.1:$port/$DATABASE_NAME" YARD_DB_USER=hingeyard YARD_DB_PASSWORD=$password \
      YARD_HISTORY_KEY=$(cat "$from/history.key") \
      java -cp "${AUDIT_CLASSES:-$YARD_DATA/app/lib/*}" hingeyard.formats.AuditCommand || status=$?
  fi
  server_halt "$dir"
  rm -rf "$dir"
  return $status
}

# in_a_room COMMAND…: with a folder of its own as the first argument after the command, which is thrown away.
in_a_room() {
  local room status=0
  room=$(mktemp -d "${TMPDIR:-/tmp}/yard-backup.XXXXXX")
  (trap 'server_halt "$room/aside"; rm -rf "$room"' EXIT; "$@" "$room") || status=$?
  rm -rf "$room"
  return $status
}

prove_in() { backup_open "$1" "$2"; backup_proof "$2"; }

# backup_noted FILE [PROVEN]: for the page of the shop's health; a shop that cannot note it has its backup all the same.
backup_noted() {
  printf "REPLACE INTO backup_made (file, bytes, made_at, proven_at) VALUES ('%s', %s, '%s', %s);" "${1//[\'\\\\]/_}" "$(stat -c %s "$1")" \
    "$(date -u -r "$1" '+%F %T')" "$([ -z "${2:-}" ] && echo NULL || echo 'UTC_TIMESTAMP(3)')" | backup_sql "$DATABASE_NAME" 2>/dev/null || true
}

# backup_prove FILE
backup_prove() {
  backup_noted "$1"
  in_a_room prove_in "$1" || fail "$1 did not come back whole: do not rely on it."
  backup_noted "$1" proven
}

restore_in() {
  local file=$1 room=$2 before
  backup_open "$file" "$room"
  backup_proof "$room" || fail "$file did not come back whole: nothing was changed."
  before=$YARD_DATA/backups/before-restore-$(date +%Y%m%d-%H%M%S).yard
  if [ -n "$(echo "SHOW TABLES FROM $DATABASE_NAME LIKE 'flyway_schema_history'" | backup_sql -N 2>/dev/null)" ]; then
    backup_write "$before"
    say "what was there until now: $before"
  fi
  application_stop
  backup_load "$room" "$YARD_DATA/db" \
    || fail "it was not restored; what was there before is in $before: ./yard restore '$before'"
  (umask 077; cp "$room/history.key" "$YARD_DATA/history.key")
  rm -f "$YARD_DATA/history.new"
  say "restored: $file, made $(manifest_of "$room" made)"
}

# backup_restore FILE: proven aside first; what is there until then is kept as a backup of its own.
backup_restore() { in_a_room restore_in "$1"; }

# backup_thin FOLDER: of shop-DAY.yard the last seven days, the first of each of the five weeks before, of each of the twelve months before.
backup_thin() {
  local file day age week month kept_weeks=" " kept_months=" " today
  today=$(date -d "${TODAY:-today}" +%s)
  for file in "$1"/shop-????-??-??.yard; do
    [ -f "$file" ] || continue
    day=${file##*/shop-}; day=${day%.yard}
    age=$(((today - $(date -d "$day" +%s) + 43200) / 86400))
    week=$(date -d "$day" +%G-%V); month=${day%-*}
    if [ "$age" -lt 7 ]; then continue; fi
    if [ "$age" -lt 42 ] && [[ $kept_weeks != *" $week "* ]]; then kept_weeks="$kept_weeks$week "; kept_months="$kept_months$month "; continue; fi
    if [ "$age" -lt 372 ] && [[ $kept_months != *" $month "* ]]; then kept_months="$kept_months$month "; continue; fi
    rm -f "$file"
  done
}

# backup_due: whether tonight's is missing: after two o'clock, and tried once an hour where it fails.
backup_due() {
  [ -n "${YARD_BACKUPS:-}" ] && [ "$(date +%-H)" -ge 2 ] && [ ! -e "$YARD_BACKUPS/shop-$(date +%F).yard" ] \
    && [ -z "$(find "$YARD_DATA/backup.tried" -mmin -60 2>/dev/null)" ]
}

# backup_nightly: into the shop's folder of choice; what goes wrong stands in the keeper's log.
backup_nightly() {
  local file
  file=$YARD_BACKUPS/shop-$(date +%F).yard
  { : >"$YARD_DATA/backup.tried"; } 2>/dev/null || true
  if "$HERE/yard" backup "$file" >"$YARD_DATA/backup.log" 2>&1; then
    backup_thin "$YARD_BACKUPS"
    keeper_note "backup: $(tail -n 1 "$YARD_DATA/backup.log")"
  else
    keeper_note "no backup tonight: $(tail -n 1 "$YARD_DATA/backup.log" 2>/dev/null || true)"
  fi
}
