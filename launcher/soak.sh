# Whether it holds: killed while it saves, written by many at once, asked nonsense, and grown large. Minutes to hours long, and
# so no part of the tests.

readonly SOAK_PORTS=(8580 8581)

# soak_all [APPLICATION_KILLS [DATABASE_KILLS]]
soak_all() {
  local application_kills=${1:-200} database_kills=${2:-50}
  prepare_data_folder
  DATA=$DATA/soak
  LOGS=$DATA/log
  rm -rf "$DATA"
  prepare_data_folder
  ensure_tools chromium
  command -v nginx >/dev/null || install_packages nginx-light
  # Installed, since a module by itself takes the others from the local repository.
  maven install -DskipTests -pl server -am --quiet
  maven test-compile -pl e2e --quiet
  unpack_application
  # What a practice of years has, the statistics of its tables, is there within seconds.
  start_cluster postgres autovacuum_naptime=5s
  ensure_database impendium
  export_test_settings
  export IMPENDIUM_DEMO=true IMPENDIUM_BACKUP_COMMAND=
  trap 'end_soak' EXIT
  serve_soaked 0
  say "Ten writers of one case"
  soak SoakWriters "$(soaked_url 0)"
  say "Bodies that somebody got wrong"
  soak SoakBodies "$(soaked_url 0)"
  note_memory
  say "The costliest questions"
  soak SoakCost "$(soaked_url 0)"
  say "Printers, lists, slow bodies, clients' pages and logos beside advisors"
  soak SoakCrowd "$(soaked_url 0)"
  say "A large practice beside a small one"
  soak SoakSize "$(soaked_url 0)"
  say "$application_kills kills of the application and $database_kills of the database during saves"
  soak_kills "$application_kills" "$database_kills"
  say "Two instances behind a proxy, one of them killed"
  soak_proxy
  [ ! -f "$DATA/missed" ] || fail "It does not hold: $(paste -sd ' ' "$DATA/missed")"
}

# soak CLASS ARGUMENT…: one of the programs that ask the application. What it finds is told; the others are run all the same.
soak() {
  maven exec:exec@journeys -pl e2e --quiet -Djourneys.main="app.impendium.e2e.$1" -Djourneys.arguments="${*:2}" ||
    printf '%s\n' "$1" >>"$DATA/missed"
}

soaked_url() { printf 'http://127.0.0.1:%s' "${SOAK_PORTS[$1]}"; }

# serve_soaked NUMBER: starts one of the instances, and waits until it answers.
serve_soaked() {
  local tries
  IMPENDIUM_PORT=${SOAK_PORTS[$1]} LOGGING_FILE_NAME=$LOGS/server-$1.log LOGGING_THRESHOLD_CONSOLE=OFF \
    java "-Xmx$(heap_mb)m" -jar "$DATA/application/impendium.jar" >>"$LOGS/server-$1.out" 2>&1 </dev/null &
  note_process "$!" "$DATA/server-$1.pid"
  for tries in $(seq 1 600); do
    ! curl --silent --fail --max-time 5 --output /dev/null "$(soaked_url "$1")/actuator/health" || return 0
    noted_process "$DATA/server-$1.pid" >/dev/null || break
    sleep 0.2
  done
  fail "The application did not start." "Its log: $LOGS/server-$1.log"
}

kill_soaked() {
  local pid
  pid=$(noted_process "$DATA/server-$1.pid")
  kill -9 "$pid"
  wait "$pid" 2>/dev/null || true
}

# a_while: up to three seconds, another time each, so that kills meet saves at any point.
a_while() { sleep "$((RANDOM % 3)).$((RANDOM % 1000 + 1000))"; }

soak_kills() {
  local count
  soak SoakSaves "$(soaked_url 0)" "$DATA/saved-enough" &
  local saving=$!
  sleep 10
  for count in $(seq 1 "$1"); do
    a_while
    kill_soaked 0
    serve_soaked 0
    [ $((count % 20)) -ne 0 ] || say "  $count kills of the application"
  done
  for count in $(seq 1 "$2"); do
    a_while
    kill -9 "$(cluster_process "$CLUSTER")"
    while cluster_runs "$CLUSTER"; do sleep 0.1; done
    start_cluster postgres >/dev/null
    [ $((count % 10)) -ne 0 ] || say "  $count kills of the database"
  done
  sleep 5
  touch "$DATA/saved-enough"
  wait "$saving"
}

soak_proxy() {
  local conf=$DATA/nginx.conf
  serve_soaked 1
  cat >"$conf" <<CONF
daemon off; pid $DATA/nginx.pid; error_log $LOGS/nginx.log; worker_processes 1;
events {}
http {
  access_log off; client_body_temp_path $DATA/nginx-body; proxy_temp_path $DATA/nginx-proxy;
  fastcgi_temp_path $DATA/nginx-f; uwsgi_temp_path $DATA/nginx-u; scgi_temp_path $DATA/nginx-s;
  upstream impendium { server 127.0.0.1:${SOAK_PORTS[0]} max_fails=1 fail_timeout=5s; server 127.0.0.1:${SOAK_PORTS[1]} max_fails=1 fail_timeout=5s; }
  server {
    listen 127.0.0.1:8590;
    client_max_body_size 16m;
    location / {
      proxy_pass http://impendium; proxy_http_version 1.1; proxy_set_header Connection "";
      proxy_set_header Host \$http_host; proxy_set_header X-Forwarded-For \$remote_addr; proxy_set_header X-Forwarded-Proto \$scheme;
      proxy_next_upstream error timeout; proxy_connect_timeout 2s; proxy_read_timeout 130s;
    }
  }
}
CONF
  nginx -c "$conf" &
  note_process "$!" "$DATA/nginx.note"
  soak SoakProxy http://127.0.0.1:8590 "$DATA/typed-enough" &
  local typing=$!
  sleep 25
  kill_soaked 0
  say "  one instance is killed"
  sleep 15
  touch "$DATA/typed-enough"
  wait "$typing"
}

note_memory() {
  local pid
  pid=$(noted_process "$DATA/server-0.pid")
  say "  the application holds $(awk '/^VmRSS/ { print int($2 / 1024) }' "/proc/$pid/status") MB now"
}

end_soak() {
  local note pid
  for note in "$DATA"/server-*.pid "$DATA/nginx.note"; do
    ! pid=$(noted_process "$note") || kill "$pid"
  done
  stop_cluster "$CLUSTER"
}
