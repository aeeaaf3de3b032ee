# Measuring speed.

# run_journey_main CLASS ARGUMENT…: runs a main class of the journeys on the packaged application.
run_journey_main() {
  local main=$1
  shift
  # Installed, since a module by itself takes the others from the local repository.
  maven install -DskipTests -pl server -am --quiet
  maven test-compile exec:exec@journeys -pl e2e --quiet -Djourneys.main="$main" -Djourneys.arguments="$*"
}

bench_all() {
  prepare_tests
  maven package -DskipTests -Djmh.phase=package -pl core,bench --quiet
  run_journey_main app.impendium.e2e.EditLatency
  run_journey_main app.impendium.e2e.LifelineSpeed
  run_journey_main app.impendium.e2e.EvaluationCost
}
