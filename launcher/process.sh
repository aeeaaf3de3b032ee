# Which process a number noted earlier stands for. After a crash or a restart of the machine it may be another program's.

# process_start PROCESS: when it was started, in the kernel's ticks; nothing where there is none, or it has only to be
# collected by whoever started it.
process_start() {
  local stat
  stat=$(cat "/proc/$1/stat" 2>/dev/null) || return 1
  # The program's name, in brackets, may hold blanks: what counts stands behind it.
  set -- ${stat##*) }
  [ "$1" != Z ] && printf '%s' "${20}"
}

# note_process PROCESS FILE: notes a process so that no other is ever taken for it.
note_process() { printf '%s %s' "$1" "$(process_start "$1")" >"$2"; }

# noted_process FILE: the process that was noted, if it still is that one.
noted_process() {
  local pid start
  [ -f "$1" ] || return 1
  read -r pid start <"$1" || [ -n "${pid:-}" ] || return 1
  [[ $pid =~ ^[0-9]+$ ]] && [ -n "${start:-}" ] && [ "$(process_start "$pid")" = "$start" ] && printf '%s' "$pid"
}

# wait_until_gone PROCESS: waits for a process that has been told to end.
wait_until_gone() {
  while process_start "$1" >/dev/null; do sleep 0.2; done
}
