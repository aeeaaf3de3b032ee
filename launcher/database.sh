# A PostgreSQL cluster of the project's own, on loopback. Other clusters on the machine are never touched.

readonly DATABASE_USER=impendium
readonly FIRST_DATABASE_PORT=54820

# The database server refuses to run as root: root runs it as the user that Debian's package brings.
as_database_owner() {
  if [ "$(id -u)" -eq 0 ]; then
    (cd / && exec setpriv --reuid=postgres --regid=postgres --init-groups --reset-env "$@")
  else
    "$@"
  fi
}

# cluster_folder NAME: in the data folder, or below /var/tmp where the database's user may not enter that.
cluster_folder() {
  local folder=$DATA/$1
  if [ "$(id -u)" -eq 0 ] && ! as_database_owner test -x "$DATA"; then
    folder=/var/tmp/impendium-$(printf '%s' "$DATA" | sha256sum | cut -c1-12)/$1
  fi
  printf '%s' "$folder"
}

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

cluster_runs() { as_database_owner "$(cluster_bin "$1")/pg_ctl" status --pgdata="$1" >/dev/null 2>&1; }
cluster_port() { sed -n 4p "$1/postmaster.pid"; }

# start_cluster FOLDER [SETTING…]: starts it unless it runs, creating it at first; sets DATABASE_PORT.
start_cluster() {
  local cluster=$1 settings="" log=$1.log
  shift
  [ -f "$cluster/PG_VERSION" ] || create_cluster "$cluster"
  if cluster_runs "$cluster"; then
    DATABASE_PORT=$(cluster_port "$cluster")
    return
  fi
  DATABASE_PORT=$(free_port "$FIRST_DATABASE_PORT")
  local setting
  for setting in listen_addresses=127.0.0.1 port="$DATABASE_PORT" unix_socket_directories= "$@"; do
    settings+=" -c $setting"
  done
  touch "$log"
  [ "$(id -u)" -ne 0 ] || chown postgres:postgres "$log"
  step "Starting the database" "$LOGS/database-setup.log" as_database_owner "$(cluster_bin "$cluster")/pg_ctl" \
    start -w --pgdata="$cluster" --log="$log" --options="$settings"
}

stop_cluster() {
  [ -f "$1/PG_VERSION" ] && cluster_runs "$1" || return 0
  step "Stopping the database" "$LOGS/database-setup.log" \
    as_database_owner "$(cluster_bin "$1")/pg_ctl" stop -w --mode=fast --pgdata="$1"
}

# run_sql CLUSTER DATABASE SQL
run_sql() {
  PGPASSWORD=$(cat "$1.password") "$(cluster_bin "$1")/psql" --host=127.0.0.1 --port="$DATABASE_PORT" \
    --username="$DATABASE_USER" --dbname="$2" --no-psqlrc --quiet --tuples-only --no-align --command="$3" 9>&-
}

# ensure_database CLUSTER NAME: creates the database unless it is there, and says where it is to who starts a server.
ensure_database() {
  [ "$(run_sql "$1" postgres "select 1 from pg_database where datname = '$2'")" = 1 ] ||
    run_sql "$1" postgres "create database $2"
  IMPENDIUM_DATABASE_URL=jdbc:postgresql://127.0.0.1:$DATABASE_PORT/$2
  IMPENDIUM_DATABASE_USER=$DATABASE_USER
  IMPENDIUM_DATABASE_PASSWORD=$(cat "$1.password")
  export IMPENDIUM_DATABASE_URL IMPENDIUM_DATABASE_USER IMPENDIUM_DATABASE_PASSWORD
}
