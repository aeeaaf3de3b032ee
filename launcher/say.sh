# What the launcher tells the person in front of it.

say() { printf '%s\n' "$*"; }

# Ends the launcher with a reason and, on further lines, the way out.
fail() {
  printf 'impendium: %s\n' "$1" >&2
  shift
  [ $# -eq 0 ] || printf '  %s\n' "$@" >&2
  exit 1
}

# step TITLE LOG COMMAND…: runs a long command with its output in a log, and shows that it goes on; ends if it fails.
step() {
  try_step "$@" && return
  tail -n 25 "$2" >&2
  fail "$1 failed." "The whole log: $2"
}

# try_step TITLE LOG COMMAND…: the same for a command without which it goes on; tells whether it succeeded.
try_step() {
  local title=$1 log=$2 tenths=0 began=$SECONDS
  shift 2
  mkdir -p "$(dirname "$log")"
  # A process group of its own, so that an interruption reaches all that the command has started. The lock must not live
  # on in a server that it leaves behind.
  set -m
  "$@" >"$log" 2>&1 </dev/null 9>&- &
  local command=$!
  set +m
  trap 'interrupt_step "$command"' INT TERM
  printf '%s ' "$title"
  while kill -0 "$command" 2>/dev/null; do
    sleep 0.1
    tenths=$((tenths + 1))
    [ $((tenths % 30)) -ne 0 ] || printf '.'
  done
  trap - INT TERM
  if wait "$command"; then
    printf ' done, %s s\n' $((SECONDS - began))
  else
    printf ' failed\n'
    return 1
  fi
}

# interrupt_step PROCESS: ends a step with all that it has started, and the launcher with it.
interrupt_step() {
  local tries
  trap - INT TERM
  kill -TERM -- "-$1" 2>/dev/null || true
  for tries in 1 2 3 4 5 6 7 8 9 10; do
    kill -0 -- "-$1" 2>/dev/null || break
    sleep 0.5
  done
  kill -KILL -- "-$1" 2>/dev/null || true
  printf ' interrupted\n'
  exit 130
}
