# The project's own data folder: database, logs, the running server's traces.

DATA=${IMPENDIUM_DATA:-$HOME_FOLDER/data}
LOGS=$DATA/log

prepare_data_folder() {
  if mkdir -p "$LOGS" 2>/dev/null && [ -w "$DATA" ] && [ -w "$LOGS" ]; then
    # Wherever it was named from, what is kept of it must be found again.
    DATA=$(cd "$DATA" && pwd)
    LOGS=$DATA/log
    return
  fi
  fail "The data folder $DATA cannot be written by $(id -un)." \
    "Give it to you:        sudo chown -R $(id -un) '$DATA'" \
    "Or use another folder: IMPENDIUM_DATA=/some/folder ./impendium start"
}

# Only one launcher at a time may start or stop things in a data folder.
lock_data_folder() {
  exec 9>"$DATA/lock"
  flock -n 9 || fail "Another ./impendium is at work in $DATA." "Wait until it is done."
}

# The same for what a service manager starts, several at once: each waits for its turn.
wait_for_data_folder() {
  exec 9>"$DATA/lock"
  flock 9
}

# port_is_taken PORT [ADDRESS]
port_is_taken() { (exec 3<>"/dev/tcp/${2:-127.0.0.1}/$1") 2>/dev/null; }

# free_port FROM: the first port from there on that nobody answers on.
free_port() {
  local port=$1
  while port_is_taken "$port"; do
    port=$((port + 1))
    [ "$port" -lt $(($1 + 50)) ] || fail "The ports $1 to $port are all taken."
  done
  printf '%s' "$port"
}
