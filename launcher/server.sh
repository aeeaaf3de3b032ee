# Starting and stopping the application.

readonly USUAL_PORT=8480
readonly SMALLEST_HEAP_MB=256
readonly LARGEST_HEAP_MB=1024

# The number of the running application; nothing where it does not run.
server_pid() { noted_process "$DATA/server.pid"; }

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

# start_application [--empty]: with --empty no demo is brought to a database that has no practice yet.
start_application() {
  case "${1:-}" in
    --empty) IMPENDIUM_DEMO=false ;;
    "") ;;
    *) fail "./impendium start knows no '$1'." "Begin without the demo: ./impendium start --empty" ;;
  esac
  prepare_data_folder
  lock_data_folder
  if server_pid >/dev/null && server_answers; then
    say "Impendium is running already: $(server_url)"
    return
  fi
  end_server
  choose_port
  choose_demo
  prepare_to_serve
  launch_server
  say ""
  say "  Impendium   $(server_url)"
  tell_who_signs_in
  say "  Database    $CLUSTER"
  say "  Log         $LOGS/server.log"
}

# prepare_to_serve: all that has to be there before the application starts, its settings among it.
prepare_to_serve() {
  ensure_running_tools
  build_application
  unpack_application
  start_cluster postgres
  ensure_database impendium
  IMPENDIUM_PUBLIC_ADDRESS=${IMPENDIUM_PUBLIC_ADDRESS:-http://${IMPENDIUM_ADDRESS:-127.0.0.1}:$IMPENDIUM_PORT}
  export IMPENDIUM_PORT IMPENDIUM_PUBLIC_ADDRESS
  IMPENDIUM_BACKUP_COMMAND=${IMPENDIUM_BACKUP_COMMAND-"IMPENDIUM_DATA='$DATA' '$HOME_FOLDER/impendium' backup"}
  export IMPENDIUM_BACKUP_COMMAND
}

# serve_database: the database alone, for what starts it again when it ends.
serve_database() {
  prepare_data_folder
  wait_for_data_folder
  ensure_running_tools
  start_cluster postgres
}

# serve_application: the application in the foreground, for what starts it again when it ends. Several may serve beside one
# another on the same database, each on a port of its own.
serve_application() {
  prepare_data_folder
  wait_for_data_folder
  choose_port
  choose_demo
  prepare_to_serve
  say "Impendium serves at http://${IMPENDIUM_ADDRESS:-127.0.0.1}:$IMPENDIUM_PORT"
  local options=("${JAVA_OPTIONS[@]}" "-Xmx$(heap_mb)m")
  # Several that serve side by side would write one over the other: only `start` has it written.
  [ ! -f "$(class_archive)" ] || options+=("-XX:SharedArchiveFile=$(class_archive)" -Xshare:auto)
  mkdir -p "$DATA/instances"
  note_process "$$" "$DATA/instances/$IMPENDIUM_PORT"
  exec java "${options[@]}" -jar "$DATA/application/impendium.jar" 9>&-
}

# end_instances: ends all that `serve` runs here. A service manager starts them again, and they wait for whoever has the data folder.
end_instances() {
  local note pid
  for note in "$DATA"/instances/*; do
    [ -f "$note" ] || continue
    if pid=$(noted_process "$note"); then
      kill "$pid"
      step "Stopping the instance on port ${note##*/}" "$LOGS/stop.log" wait_until_gone "$pid"
    fi
    rm -f "$note"
  done
}

# A quarter of the machine's memory, within what the application can use.
heap_mb() {
  local quarter
  quarter=$(awk '/^MemTotal:/ { print int($2 / 4096) }' /proc/meminfo)
  [ "$quarter" -ge "$SMALLEST_HEAP_MB" ] || quarter=$SMALLEST_HEAP_MB
  [ "$quarter" -le "$LARGEST_HEAP_MB" ] || quarter=$LARGEST_HEAP_MB
  printf '%s' "$quarter"
}

launch_server() {
  local archive options=("${JAVA_OPTIONS[@]}" "-Xmx$(heap_mb)m")
  archive=$(class_archive)
  if [ -f "$archive" ]; then
    options+=("-XX:SharedArchiveFile=$archive" -Xshare:auto)
  else
    options+=("-XX:ArchiveClassesAtExit=$archive.new")
  fi
  printf '%s' "$IMPENDIUM_PORT" >"$DATA/server.port"
  LOG_LINES_BEFORE=0
  [ ! -f "$LOGS/server.log" ] || LOG_LINES_BEFORE=$(wc -l <"$LOGS/server.log")
  # The application writes its log itself, and begins another file when one is full.
  LOGGING_FILE_NAME=$LOGS/server.log LOGGING_THRESHOLD_CONSOLE=OFF setsid nohup "$HOME_FOLDER/launcher/watch.sh" \
    "$DATA/server.pid" "$LOGS/server.log" java "${options[@]}" -jar "$DATA/application/impendium.jar" \
    >"$LOGS/server.out" 2>&1 </dev/null 9>&- &
  try_step "Starting the application" "$LOGS/start.log" wait_until_it_answers || tell_why_it_does_not_answer
}

wait_until_it_answers() {
  local tries
  for tries in $(seq 1 600); do
    server_answers && return
    # Noted by what watches it, a moment after that was started.
    [ ! -f "$DATA/server.pid" ] || server_pid >/dev/null || return 1
    sleep 0.2
  done
  return 1
}

# What this start has written to the log so far.
log_of_this_start() { { tail -n +"$((LOG_LINES_BEFORE + 1))" "$LOGS/server.log"; cat "$LOGS/server.out"; } 2>/dev/null; }

tell_why_it_does_not_answer() {
  local why address=${IMPENDIUM_ADDRESS:-127.0.0.1}
  why=$(log_of_this_start)
  case "$why" in
    *"Permission denied"*) fail "$(id -un) may not use port $IMPENDIUM_PORT; ports below 1024 belong to root." ;;
    *"Cannot assign requested address"*) fail "This machine does not have the address $address." ;;
    *"Address already in use"* | *"was already in use"*) fail "Port $IMPENDIUM_PORT is taken by another program." ;;
    *UnknownHost* | *"server.address"*) fail "IMPENDIUM_ADDRESS is '$address', which is no address." ;;
  esac
  printf '%s\n' "$why" | tail -n 15 >&2
  server_pid >/dev/null || fail "The application ended at once." "Its log: $LOGS/server.log"
  fail "The application did not answer within two minutes." "Its log: $LOGS/server.log"
}

# Ends the application, and waits until nothing of it is left, its port included.
end_server() {
  local pid
  if pid=$(server_pid); then
    kill "$pid"
    step "Stopping the application" "$LOGS/stop.log" wait_until_gone "$pid"
    keep_class_archive
  elif [ -s "$DATA/server.pid" ] && process_start "$(cut -d' ' -f1 "$DATA/server.pid")" >/dev/null; then
    say "The application did not end well: its note names another program, which is left alone."
  fi
  wait_until_its_port_is_free
  rm -f "$DATA/server.pid"
}

# Threads of an application that was killed hold its port for a moment longer than it has a number.
wait_until_its_port_is_free() {
  [ -s "$DATA/server.pid" ] && [ -s "$DATA/server.port" ] || return 0
  local port tries
  port=$(cat "$DATA/server.port")
  for tries in $(seq 1 25); do
    port_is_taken "$port" || return 0
    sleep 0.2
  done
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
  find_cluster postgres
  stop_cluster "$CLUSTER"
}

# The front end from its sources, each change shown at once; its requests go to the running server.
develop() {
  start_application
  flock -u 9
  say "Open the address below; the server's own address shows the last build. Ctrl+C ends it."
  cd "$HOME_FOLDER/web"
  IMPENDIUM_SERVER=$(server_url) exec npm run --silent dev
}
