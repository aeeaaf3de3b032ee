# Building the application and keeping a form of it that starts fast.

readonly APPLICATION=$HOME_FOLDER/server/target/impendium.jar

maven() { (cd "$HOME_FOLDER" && mvn --batch-mode --no-transfer-progress "$@"); }

application_is_current() {
  [ -f "$APPLICATION" ] && [ -z "$(find "$HOME_FOLDER"/pom.xml "$HOME_FOLDER"/{core,server,web}/pom.xml \
    "$HOME_FOLDER"/{core,server}/src/main "$HOME_FOLDER"/web/{src,public,index.html,client.html,package-lock.json,vite.config.ts} \
    "$HOME_FOLDER"/docs/openapi.json -newer "$APPLICATION" -type f -print -quit)" ]
}

build_application() {
  ! application_is_current || return 0
  [ -w "$HOME_FOLDER/server" ] && [ -w "$HOME_FOLDER/web" ] ||
    fail "The application must be built, and $HOME_FOLDER cannot be written by $(id -un)." \
      "Start it once as its owner, or copy the folder to a place of yours."
  ensure_tools
  # What only tests and reviews need is left out, and the modules are built side by side.
  step "Building the application" "$LOGS/build.log" maven package --threads 2 -pl server -am \
    -DskipTests -DskipTestCompile -Dspotless.check.skip -DfrontEndBuild="run bundle"
}

# unpack_application: the jar laid out with its libraries beside it, which loads faster than the jar itself.
unpack_application() {
  local unpacked=$DATA/application unfinished=$DATA/application.unfinished
  [ "$unpacked/impendium.jar" -nt "$APPLICATION" ] && return
  rm -rf "$unfinished"
  java -Djarmode=tools -jar "$APPLICATION" extract --destination "$unfinished" >"$LOGS/unpack.log"
  touch "$unfinished/impendium.jar"
  rm -rf "$unpacked"
  mv "$unfinished" "$unpacked"
}

# The classes that the application has loaded, which later starts read at once. The first one that runs to its end writes
# them down; a start without them only takes longer.
class_archive() { printf '%s/application/classes.jsa' "$DATA"; }

# keep_class_archive: takes what the application has written at its end, if it has.
keep_class_archive() {
  local written
  written=$(class_archive).new
  [ ! -s "$written" ] || mv "$written" "$(class_archive)"
}

# Two compilers would take the processors from what a start has to do: the second comes later, where work goes on and on.
readonly JAVA_OPTIONS=(-Dspring.aot.enabled=true -XX:+ExitOnOutOfMemoryError
  -XX:Tier4InvocationThreshold=30000 -XX:Tier4MinInvocationThreshold=10000 -XX:Tier4CompileThreshold=60000)

format_all() {
  ensure_tools
  maven spotless:apply -Dexec.skip --quiet
  (cd "$HOME_FOLDER/web" && npm run --silent install-once && npm run --silent format)
}
