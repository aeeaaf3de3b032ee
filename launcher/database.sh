# A PostgreSQL cluster of the project's own, on loopback. Other clusters on the machine are never touched.

readonly DATABASE_USER=impendium
readonly FIRST_DATABASE_PORT=${IMPENDIUM_FIRST_DATABASE_PORT:-54820}

# Where clusters lie whose data folder the database's user may not enter.
readonly SHARED_PLACE=${IMPENDIUM_SHARED_PLACE:-/var/lib/impendium}
readonly LARGEST_DATABASE_LOG_KB=10000
readonly KEPT_DATABASE_LOGS=5

# The database server refuses to run as root: root runs it as the user that Debian's package brings.
as_database_owner() {
  if [ "$(id -u)" -eq 0 ]; then
    (cd / && exec setpriv --reuid=postgres --regid=postgres --init-groups --reset-env "$@")
  else
    "$@"
  fi
}

database_owner_may_enter() { [ "$(id -u)" -ne 0 ] || as_database_owner test -x "$1"; }

# find_cluster NAME: sets CLUSTER to where the data folder's cluster is, or will be. One that lies elsewhere is recorded
# in the data folder, so that it is found again when the project's folder moves.
find_cluster() {
  local record=$DATA/$1.location own=$DATA/$1
  if [ -f "$record" ]; then
    CLUSTER=$(cat "$record")
    [ -f "$CLUSTER/PG_VERSION" ] || fail "The database of $DATA is recorded in $CLUSTER, and is not there." \
      "Bring it back to that place, or write where it is into $record." \
      "To begin with an empty one instead, delete that file."
  elif [ -f "$own/PG_VERSION" ]; then
    CLUSTER=$own
    database_owner_may_enter "$own/.." || fail "The database's user may not enter $DATA, where the database lies." \
      "Move the project to a place that all may enter, such as /opt, or move $own and $own.password" \
      "to one, and write the folder's new place into $record."
  elif database_owner_may_enter "$DATA"; then
    CLUSTER=$own
  else
    CLUSTER=$(former_cluster "$1" || printf '%s/%s/%s' "$SHARED_PLACE" "$(head -c 6 /dev/urandom | od -An -tx1 | tr -d ' \n')" "$1")
  fi
}

# former_cluster NAME: where clusters lay before their place was recorded, under a name made of the data folder's path.
former_cluster() {
  local former
  former=/var/tmp/impendium-$(printf '%s' "$DATA" | sha256sum | cut -c1-12)/$1
  [ -f "$former/PG_VERSION" ] && printf '%s' "$former"
}

# record_cluster NAME: notes where the cluster is, if that is not in the data folder itself.
record_cluster() { [ "$CLUSTER" = "$DATA/$1" ] || printf '%s\n' "$CLUSTER" >"$DATA/$1.location"; }

# forget_cluster NAME: deletes a cluster that nobody needs any more.
forget_cluster() { rm -rf "$CLUSTER" "$CLUSTER.password" "$CLUSTER.logs" "$DATA/$1.location"; }

create_cluster() {
  local cluster=$1 unfinished=$1.unfinished password=$1.password.new
  rm -rf "$unfinished"
  mkdir -p "$(dirname "$cluster")"
  # Kept beside the cluster, wherever that lies: one is of no use without the other.
  (umask 077 && head -c 24 /dev/urandom | base64 | tr -d '/+=\n' >"$cluster.password")
  (umask 077 && cp "$cluster.password" "$password")
  mkdir -m 700 "$unfinished"
  [ "$(id -u)" -ne 0 ] || chown postgres:postgres "$password" "$unfinished"
  step "Creating the database" "$LOGS/database-setup.log" as_database_owner "$(postgres_bin)/initdb" \
    --pgdata="$unfinished" --username="$DATABASE_USER" --pwfile="$password" \
    --auth=scram-sha-256 --locale=C.UTF-8 --encoding=UTF8
  rm -f "$password"
  # Moved only when whole, so that a start cut short here leaves nothing that looks like a cluster.
  mv "$unfinished" "$cluster"
}

# The server programs of the version that wrote the cluster.
cluster_bin() {
  local version bin
  version=$(cat "$1/PG_VERSION")
  bin=/usr/lib/postgresql/$version/bin
  [ -x "$bin/pg_ctl" ] || fail "The data in $1 was written by PostgreSQL $version, which is not installed." \
    "Install it, then start again: apt-get install postgresql-$version"
  printf '%s' "$bin"
}

# cluster_process CLUSTER: the process that serves it. The number in its note may be another program's by now: a
# database server works in the folder of its cluster.
cluster_process() {
  local pid
  pid=$(head -n 1 "$1/postmaster.pid" 2>/dev/null) && [ -n "$pid" ] || return 1
  [ "$(readlink "/proc/$pid/cwd" 2>/dev/null)" = "$(readlink -f "$1")" ] && printf '%s' "$pid"
}

cluster_runs() { cluster_process "$1" >/dev/null; }
cluster_port() { sed -n 4p "$1/postmaster.pid"; }

# clear_stale_note CLUSTER: takes away the note of a server that is gone, which would keep another from starting.
clear_stale_note() {
  [ -f "$1/postmaster.pid" ] && ! cluster_runs "$1" || return 0
  local pid
  pid=$(head -n 1 "$1/postmaster.pid")
  ! process_start "$pid" >/dev/null ||
    say "The database did not end well: its note names process $pid, which is another program and is left alone."
  rm -f "$1/postmaster.pid"
}

# start_cluster NAME [SETTING…]: starts the data folder's cluster unless it runs, creating it at first; sets CLUSTER and
# DATABASE_PORT.
start_cluster() {
  local name=$1
  shift
  find_cluster "$name"
  [ -f "$CLUSTER/PG_VERSION" ] || create_cluster "$CLUSTER"
  record_cluster "$name"
  if cluster_runs "$CLUSTER"; then
    DATABASE_PORT=$(cluster_port "$CLUSTER")
    return
  fi
  clear_stale_note "$CLUSTER"
  prepare_database_logs "$CLUSTER.logs"
  DATABASE_PORT=$(free_port "$FIRST_DATABASE_PORT")
  local setting settings=""
  for setting in listen_addresses=127.0.0.1 port="$DATABASE_PORT" unix_socket_directories= \
    logging_collector=on log_directory="$CLUSTER.logs" log_filename=%Y%m%d-%H%M%S.log \
    log_rotation_age=0 log_rotation_size="$LARGEST_DATABASE_LOG_KB" "$@"; do
    settings+=" -c $setting"
  done
  step "Starting the database" "$LOGS/database-setup.log" as_database_owner "$(cluster_bin "$CLUSTER")/pg_ctl" \
    start -w --pgdata="$CLUSTER" --log=/dev/null --options="$settings"
}

# prepare_database_logs FOLDER: the server begins another file when one is full; all but the last few are deleted here.
prepare_database_logs() {
  mkdir -p "$1"
  [ "$(id -u)" -ne 0 ] || chown postgres:postgres "$1"
  find "$1" -name '*.log' -type f | sort -r | tail -n +"$((KEPT_DATABASE_LOGS + 1))" | xargs -r rm -f
}

stop_cluster() {
  [ -f "$1/PG_VERSION" ] && cluster_runs "$1" || return 0
  step "Stopping the database" "$LOGS/database-setup.log" \
    as_database_owner "$(cluster_bin "$1")/pg_ctl" stop -w --mode=fast --pgdata="$1"
}

# run_sql CLUSTER DATABASE SQL
run_sql() {
  PGOPTIONS="-c client_min_messages=warning" PGPASSWORD=$(cat "$1.password") "$(cluster_bin "$1")/psql" \
    --host=127.0.0.1 --port="$DATABASE_PORT" --username="$DATABASE_USER" --dbname="$2" --no-psqlrc --quiet \
    --tuples-only --no-align --command="$3" 9>&-
}

# ensure_database NAME: creates the database unless it is there, and says where it is to who starts a server.
ensure_database() {
  [ "$(run_sql "$CLUSTER" postgres "select 1 from pg_database where datname = '$1'")" = 1 ] ||
    run_sql "$CLUSTER" postgres "create database $1"
  IMPENDIUM_DATABASE_URL=jdbc:postgresql://127.0.0.1:$DATABASE_PORT/$1
  IMPENDIUM_DATABASE_USER=$DATABASE_USER
  IMPENDIUM_DATABASE_PASSWORD=$(cat "$CLUSTER.password")
  export IMPENDIUM_DATABASE_URL IMPENDIUM_DATABASE_USER IMPENDIUM_DATABASE_PASSWORD
  IMPENDIUM_SECRETS_KEY=${IMPENDIUM_SECRETS_KEY:-$(secrets_key)}
  export IMPENDIUM_SECRETS_KEY
}

# secrets_key: what seals the secrets of codes. It lies beside the database and in no backup, so that neither tells them.
secrets_key() {
  [ -s "$DATA/secrets.key" ] || (umask 077 && head -c 32 /dev/urandom | base64 -w 0 >"$DATA/secrets.key")
  cat "$DATA/secrets.key"
}
