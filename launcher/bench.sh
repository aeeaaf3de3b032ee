# Measuring speed.

# run_journey_main CLASS ARGUMENT…: runs a main class of the journeys on the packaged application.
run_journey_main() {
  local main=$1
  shift
  # Installed, since a module by itself takes the others from the local repository.
  maven install -DskipTests -pl server -am --quiet
  maven test-compile exec:exec@journeys -pl e2e --quiet -Djourneys.main="$main" -Djourneys.arguments="$*"
}

# bench_all [load | against COMMIT]
bench_all() {
  case "${1:-}" in
    load) bench_load ;;
    against) bench_against "${2:?the commit of another build}" ;;
    *) bench_speed ;;
  esac
}

bench_speed() {
  prepare_tests
  maven package -DskipTests -Djmh.phase=package -pl core,bench --quiet
  run_journey_main app.impendium.e2e.EditLatency
  run_journey_main app.impendium.e2e.LifelineSpeed
  run_journey_main app.impendium.e2e.EvaluationCost
}

# What an evaluation costs beside another build of the application, which is made once.
bench_against() {
  local commit build
  commit=$(git -C "$HOME_FOLDER" rev-parse --verify "$1^{commit}")
  prepare_tests
  build=$DATA/builds/$commit
  if [ ! -f "$build/server/target/impendium.jar" ]; then
    mkdir -p "$build"
    git -C "$HOME_FOLDER" archive "$commit" | tar -x -C "$build"
    step "Building $1" "$LOGS/build-of-$commit.log" mvn --batch-mode --no-transfer-progress --file "$build/pom.xml" \
      package -DskipTests -pl server -am
  fi
  run_journey_main app.impendium.e2e.EvaluationAgainst "$build/server/target/impendium.jar"
}

# Two hundred advisors who edit once a second, on an application of their own.
bench_load() {
  local before
  prepare_tests
  maven install -DskipTests -pl server -am --quiet
  maven compile -pl core,bench --quiet
  unpack_application
  ensure_database impendium
  export IMPENDIUM_DEMO=true IMPENDIUM_BACKUP_COMMAND=
  trap 'end_soak' EXIT
  serve_soaked 0
  before=$(processor_ms)
  maven exec:exec@load -pl bench --quiet -Dload.url="$(soaked_url 0)"
  say "The server took $((($(processor_ms) - before) / 1000)) s of a processor."
}

# processor_ms: what the served application has used of a processor so far.
processor_ms() {
  local pid
  pid=$(noted_process "$DATA/server-0.pid")
  awk -v tick="$(getconf CLK_TCK)" '{ print int(($14 + $15) * 1000 / tick) }' "/proc/$pid/stat"
}
