#!/usr/bin/env bash
# watch.sh NOTE LOG COMMAND…: runs the application, and starts it again where it ended because memory ran out, three times at the
# most. A service manager does that by itself; this is for what `start` leaves behind.
set -euo pipefail

# shellcheck source=/dev/null
source "$(dirname "$(readlink -f "${BASH_SOURCE[0]}")")/process.sh"

readonly NOTE=$1 LOG=$2 MOST_STARTS_AGAIN=3
# The status with which Java ends when it is told to end where memory runs out.
readonly OUT_OF_MEMORY=3
shift 2

for again in $(seq 1 "$((MOST_STARTS_AGAIN + 1))"); do
  "$@" &
  note_process "$!" "$NOTE"
  status=0
  wait "$!" || status=$?
  # Whoever stops the application takes its note away.
  [ "$status" -eq "$OUT_OF_MEMORY" ] && [ -f "$NOTE" ] || exit "$status"
  if [ "$again" -gt "$MOST_STARTS_AGAIN" ]; then
    printf '%s Memory ran out once more. The application is not started again.\n' "$(date --utc +%FT%TZ)" >>"$LOG"
    exit "$status"
  fi
  printf '%s Memory ran out, and the application ended. It is started again, for time %s of %s.\n' \
    "$(date --utc +%FT%TZ)" "$again" "$MOST_STARTS_AGAIN" >>"$LOG"
done
