# Starting and stopping the application.

readonly USUAL_PORT=8480
readonly LARGEST_LOG_BYTES=20000000

server_pid() {
  local pid
  pid=$(cat "$DATA/server.pid" 2>/dev/null) || return 1
  # A number left behind by a crash may belong to another program by now.
  tr '\0' ' ' <"/proc/$pid/cmdline" 2>/dev/null | grep -qF "$DATA/application/impendium.jar" && printf '%s' "$pid"
}

server_url() { printf 'http://%s:%s' "${IMPENDIUM_ADDRESS:-127.0.0.1}" "$(cat "$DATA/server.port")"; }

server_answers() { curl --silent --fail --max-time 5 --output /dev/null "$(server_url)/actuator/health"; }

choose_port() {
  if [ -n "${IMPENDIUM_PORT:-}" ]; then
    [[ $IMPENDIUM_PORT =~ ^[0-9]{1,5}$ ]] && [ "$IMPENDIUM_PORT" -ge 1 ] && [ "$IMPENDIUM_PORT" -le 65535 ] ||
      fail "IMPENDIUM_PORT is '$IMPENDIUM_PORT', and must be a number from 1 to 65535."
    ! port_is_taken "$IMPENDIUM_PORT" || fail "Port $IMPENDIUM_PORT is taken by another program." \
      "Choose another: IMPENDIUM_PORT=$((IMPENDIUM_PORT + 1)) ./impendium start" \
      "Or leave IMPENDIUM_PORT out, and a free one is found."
    return
  fi
  IMPENDIUM_PORT=$(free_port "$USUAL_PORT")
  [ "$IMPENDIUM_PORT" = "$USUAL_PORT" ] || say "Port $USUAL_PORT is taken; port $IMPENDIUM_PORT is used."
}

start_application() {
  prepare_data_folder
  lock_data_folder
  if server_pid >/dev/null && server_answers; then
    say "Impendium is running already: $(server_url)"
    return
  fi
  end_server
  choose_port
  ensure_tools
  build_application
  unpack_application
  local cluster
  cluster=$(cluster_folder postgres)
  start_cluster "$cluster"
  ensure_database "$cluster" impendium
  export IMPENDIUM_PORT IMPENDIUM_DEMO=true
  record_classes
  launch_server
  say ""
  say "  Impendium   $(server_url)"
  say "  Sign in     bea@ostrander-pell.example"
  say "  Password    lantern-harbour-42"
  say ""
  say "  The demo practice is made up. Log: $LOGS/server.log"
}

launch_server() {
  local log=$LOGS/server.log
  [ ! -f "$log" ] || [ "$(stat -c %s "$log")" -lt "$LARGEST_LOG_BYTES" ] || mv "$log" "$log.old"
  printf '%s' "$IMPENDIUM_PORT" >"$DATA/server.port"
  setsid nohup java -XX:SharedArchiveFile="$DATA/application/classes.jsa" -Xshare:auto \
    -jar "$DATA/application/impendium.jar" >>"$log" 2>&1 </dev/null 9>&- &
  printf '%s' "$!" >"$DATA/server.pid"
  step "Starting the application" "$LOGS/start.log" wait_until_it_answers
}

wait_until_it_answers() {
  local tries
  for tries in $(seq 1 240); do
    server_answers && return
    if ! server_pid >/dev/null; then
      tail -n 15 "$LOGS/server.log"
      echo "The application ended at once. Its log: $LOGS/server.log"
      return 1
    fi
    sleep 0.5
  done
  echo "The application did not answer within two minutes. Its log: $LOGS/server.log"
  return 1
}

end_server() {
  local pid
  if pid=$(server_pid); then
    kill "$pid"
    step "Stopping the application" "$LOGS/stop.log" tail --pid="$pid" -f /dev/null
  fi
  rm -f "$DATA/server.pid"
}

stop_application() {
  if [ ! -d "$DATA" ]; then
    say "Impendium is not running."
    return
  fi
  prepare_data_folder
  lock_data_folder
  server_pid >/dev/null || say "The application is not running."
  end_server
  stop_cluster "$(cluster_folder postgres)"
}

# The front end from its sources, each change shown at once; its requests go to the running server.
develop() {
  start_application
  flock -u 9
  say "Open the address below; the server's own address shows the last build. Ctrl+C ends it."
  cd "$HOME_FOLDER/web"
  IMPENDIUM_SERVER=$(server_url) exec npm run --silent dev
}
