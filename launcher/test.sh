# Testing everything on a database and a browser of the tests' own.

export_test_settings() {
  export PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1
  IMPENDIUM_CHROMIUM=${IMPENDIUM_CHROMIUM:-$(command -v chromium)}
  export IMPENDIUM_CHROMIUM
}

# start_test_cluster: a cluster that is thrown away afterwards, and so need not survive a power cut.
start_test_cluster() {
  DATA=$DATA/test
  mkdir -p "$DATA"
  # The last one may be gone already.
  [ -d "$(cat "$DATA/postgres.location" 2>/dev/null)" ] || rm -f "$DATA/postgres.location"
  find_cluster postgres
  stop_cluster "$CLUSTER"
  forget_cluster postgres
  start_cluster postgres fsync=off synchronous_commit=off full_page_writes=off max_connections=200
  trap 'stop_cluster "$CLUSTER"' EXIT
  ensure_database postgres
  export_test_settings
}

prepare_tests() {
  prepare_data_folder
  ensure_tools chromium
  start_test_cluster
}

test_all() {
  prepare_tests
  # The rules and the front end need nothing of one another.
  maven -T 2 verify
  say ""
  say "What ran:"
  summarise_tests
}

# Mutation testing of the rules: how many deliberate mistakes the exact cases notice.
test_mutants() {
  prepare_data_folder
  ensure_tools
  maven test-compile org.pitest:pitest-maven:mutationCoverage -pl core
  say "The survivors: $HOME_FOLDER/core/target/pit-reports/index.html"
}

# The counts of every module's reports, and the front end's.
summarise_tests() {
  local module
  for module in core server e2e; do
    count_tests "$module" "$HOME_FOLDER/$module"/target/surefire-reports/TEST-*.xml
  done
  count_tests web "$HOME_FOLDER/web/target/vitest.xml"
}

# count_tests NAME REPORT…: reports in JUnit's format, in which a test that went wrong holds what went wrong.
count_tests() {
  local name=$1
  shift
  awk -v name="$name" '/<testcase / { run++ } /<(failure|error)[ >]/ { bad++ } /<skipped/ { skipped++ }
    END { printf "%s: %d passed, %d failed, %d skipped\n", name, run - bad - skipped, bad, skipped }' "$@"
}

# Programs that are not ours have to read what goes out as it was meant: LibreOffice the workbooks, each input changed once, iCal4j
# the calendars, Commons CSV the lists, veraPDF the documents. LibreOffice is large, and so no part of the tests.
read_files_back() {
  prepare_tests
  command -v soffice >/dev/null || install_packages libreoffice-calc-nogui
  maven test -pl core,web,server -Dsurefire.failIfNoSpecifiedTests=false \
    -Dtest=WorkbooksInAnotherProgram,CalendarApiTest,OpenDataApiTest,PdfPrinterTest
}

take_screenshots() {
  prepare_tests
  run_journey_main app.impendium.e2e.Screenshots "$HOME_FOLDER/docs/screenshots"
}
