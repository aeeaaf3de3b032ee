# Backups: the whole database in one file, and back again.

# A backup is a tar of two files: 'about' says what wrote it and what the dump has to hash to, 'database' is the dump.
readonly BACKUP_FORMAT=1
readonly KEPT_BACKUPS=14

# back_up [FILE]: without a file it goes to the data folder's own, of which the last few are kept.
back_up() {
  local file=${1:-}
  prepare_data_folder
  if [ -n "$file" ]; then
    [ ! -e "$file" ] || fail "There is a file $file already." "Choose another name; nothing was written."
    with_database write_backup "$(realpath -m "$file")"
  else
    mkdir -p "$DATA/backups"
    with_database write_backup "$DATA/backups/impendium-$(date +%Y%m%d-%H%M%S).backup"
    find "$DATA/backups" -name 'impendium-*.backup' -type f | sort -r | tail -n +"$((KEPT_BACKUPS + 1))" | xargs -r rm -f
  fi
}

# with_database COMMAND…: runs it on the database, which is started for it where it does not run.
with_database() {
  find_cluster postgres
  [ -f "$CLUSTER/PG_VERSION" ] || fail "There is no database in $DATA yet." "Start it first: ./impendium start"
  if cluster_runs "$CLUSTER"; then
    DATABASE_PORT=$(cluster_port "$CLUSTER")
    "$@"
  else
    start_cluster postgres
    local status=0
    ("$@") || status=$?
    stop_cluster "$CLUSTER"
    return "$status"
  fi
}

# write_backup FILE: there only once it is whole, and for nobody else to read.
write_backup() (
  umask 077
  local file=$1 folder
  folder=$(mktemp -d "$file.unfinished.XXXXXX") || fail "Nothing can be written beside $file."
  trap 'rm -rf "$folder"' EXIT
  try_step "Writing the backup" "$LOGS/backup.log" \
    database_program pg_dump --format=custom --file="$folder/database" impendium ||
    fail "The backup failed; nothing is left of it." "The log: $LOGS/backup.log"
  {
    printf 'format=%s\n' "$BACKUP_FORMAT"
    printf 'schema=%s\n' "$(run_sql "$CLUSTER" impendium \
      "select max(version::int) from flyway_schema_history where success")"
    printf 'written=%s\n' "$(date --utc +%Y-%m-%dT%H:%M:%SZ)"
    printf 'sha256=%s\n' "$(sha256sum <"$folder/database" | cut -d' ' -f1)"
  } >"$folder/about"
  tar --create --file="$folder/whole" --directory="$folder" about database
  sync "$folder/whole"
  mv "$folder/whole" "$file"
  say "The backup: $file"
)

# database_program NAME ARGUMENT…: one of the programs that came with the database's server.
database_program() {
  PGPASSWORD=$(cat "$CLUSTER.password") "$(cluster_bin "$CLUSTER")/$1" --host=127.0.0.1 --port="$DATABASE_PORT" \
    --username="$DATABASE_USER" --no-password "${@:2}"
}

# restore FILE: puts a backup in the database's place. What was there stays until the new one stands, and is kept beside it
# until the next time. Where anything fails nothing is changed, and what ran runs again.
restore() {
  local file=${1:-} ran=false database_ran=false failed=""
  [ -f "$file" ] || fail "There is no file '$file'." "Say which backup: ./impendium restore FILE"
  prepare_data_folder
  lock_data_folder
  rm -rf "$DATA/restoring"
  (umask 077 && mkdir "$DATA/restoring")
  check_backup "$file"
  find_cluster postgres
  ! cluster_runs "$CLUSTER" || database_ran=true
  start_cluster postgres
  if try_step "Reading the backup" "$LOGS/restore.log" read_backup; then
    ! server_pid >/dev/null || ran=true
    end_server
    end_instances
    put_in_place >>"$LOGS/restore.log" 2>&1 || failed="The backup cannot be put in the database's place."
  else
    failed="The backup cannot be read."
  fi
  rm -rf "$DATA/restoring"
  run_sql "$CLUSTER" postgres "drop database if exists impendium_restoring"
  [ -n "$failed" ] || say "The backup is in place. What was there is kept as impendium_before until the next restore."
  if [ "$ran" = true ]; then
    flock -u 9
    start_application
  elif [ "$database_ran" = false ]; then
    stop_cluster "$CLUSTER"
  fi
  [ -z "$failed" ] || fail "$failed" "Nothing was changed." "The log: $LOGS/restore.log"
}

# read_backup: into a database of its own. Sessions that have ended since, and links and codes that were used, open nothing again.
read_backup() {
  run_sql "$CLUSTER" postgres "drop database if exists impendium_restoring" &&
    run_sql "$CLUSTER" postgres "create database impendium_restoring" &&
    database_program pg_restore --exit-on-error --no-owner --dbname=impendium_restoring "$DATA/restoring/database" &&
    run_sql "$CLUSTER" impendium_restoring "do \$\$ declare each text; begin
      foreach each in array array['spring_session', 'password_link', 'setup_code'] loop
        if to_regclass(each) is not null then execute format('delete from %I', each); end if;
      end loop; end \$\$"
}

# put_in_place: gives the database that was read the name of the one that was there, to which nobody connects meanwhile.
put_in_place() {
  local databases swap=""
  databases=$(run_sql "$CLUSTER" postgres "select datname from pg_database where datname like 'impendium%'") || return 1
  # All names change, or none does.
  ! grep -qx impendium_before <<<"$databases" ||
    swap+="alter database impendium_before rename to impendium_replaced; "
  ! grep -qx impendium <<<"$databases" || swap+="alter database impendium rename to impendium_before; "
  swap+="alter database impendium_restoring rename to impendium"
  allow_connections false && run_sql "$CLUSTER" postgres "begin; $swap; commit" || {
    allow_connections true
    return 1
  }
  allow_connections true && run_sql "$CLUSTER" postgres "drop database if exists impendium_replaced"
}

# allow_connections true|false: to what was there and what is to come; where they are not allowed those that are open end.
allow_connections() {
  run_sql "$CLUSTER" postgres "update pg_database set datallowconn = $1 where datname like 'impendium%'" &&
    { [ "$1" = true ] || run_sql "$CLUSTER" postgres "select pg_terminate_backend(pid, 10000) from pg_stat_activity
      where datname like 'impendium%'" >/dev/null; }
}

# check_backup FILE: unpacks it, and refuses what is no backup, is broken, or was written by a newer program.
check_backup() {
  local about=$DATA/restoring/about dump=$DATA/restoring/database
  tar --extract --file="$1" --directory="$DATA/restoring" about database 2>"$LOGS/restore.log" ||
    refuse_backup "$1 is no backup, or not whole."
  [ "$(value_in "$about" format)" = "$BACKUP_FORMAT" ] || refuse_backup "$1 was written by a newer Impendium."
  [ "$(sha256sum <"$dump" | cut -d' ' -f1)" = "$(value_in "$about" sha256)" ] || refuse_backup "$1 is broken."
  [ "$(value_in "$about" schema)" -le "$(newest_schema)" ] || refuse_backup "$1 was written by a newer Impendium."
}

refuse_backup() {
  rm -rf "$DATA/restoring"
  fail "$1" "Nothing was changed."
}

value_in() { sed -n "s/^$2=//p" "$1"; }

# newest_schema: the last change to the database that this program knows.
newest_schema() {
  find "$HOME_FOLDER/server/src/main/resources/db/migration" -name 'V*.sql' -printf '%f\n' |
    sed 's/^V\([0-9]*\)__.*/\1/' | sort -n | tail -n 1
}
