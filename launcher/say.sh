# What the launcher tells the person in front of it.

say() { printf '%s\n' "$*"; }

# Ends the launcher with a reason and, on further lines, the way out.
fail() {
  printf 'impendium: %s\n' "$1" >&2
  shift
  [ $# -eq 0 ] || printf '  %s\n' "$@" >&2
  exit 1
}

# step TITLE LOG COMMAND…: runs a long command with its output in a log, and shows that it goes on.
step() {
  local title=$1 log=$2 seconds=0
  shift 2
  mkdir -p "$(dirname "$log")"
  # The lock must not live on in a server that the command leaves behind.
  "$@" >"$log" 2>&1 </dev/null 9>&- &
  local command=$!
  printf '%s ' "$title"
  while kill -0 "$command" 2>/dev/null; do
    sleep 1
    seconds=$((seconds + 1))
    [ $((seconds % 3)) -ne 0 ] || printf '.'
  done
  if wait "$command"; then
    printf ' done, %s s\n' "$seconds"
  else
    printf ' failed\n'
    tail -n 25 "$log" >&2
    fail "$title failed." "The whole log: $log"
  fi
}
