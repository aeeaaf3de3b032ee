# Building the application and keeping a form of it that starts fast.

readonly APPLICATION=$HOME_FOLDER/server/target/impendium.jar

maven() { (cd "$HOME_FOLDER" && mvn --batch-mode --no-transfer-progress "$@"); }

application_is_current() {
  [ -f "$APPLICATION" ] && [ -z "$(find "$HOME_FOLDER"/pom.xml "$HOME_FOLDER"/{core,server,web}/pom.xml \
    "$HOME_FOLDER"/{core,server}/src/main "$HOME_FOLDER"/web/{src,public,index.html,package-lock.json,vite.config.ts} \
    "$HOME_FOLDER"/docs/openapi.json -newer "$APPLICATION" -type f -print -quit)" ]
}

build_application() {
  ! application_is_current || return 0
  [ -w "$HOME_FOLDER/server" ] && [ -w "$HOME_FOLDER/web" ] ||
    fail "The application must be built, and $HOME_FOLDER cannot be written by $(id -un)." \
      "Start it once as its owner, or copy the folder to a place of yours."
  step "Building the application" "$LOGS/build.log" maven package -DskipTests -pl server -am
}

# unpack_application: the jar laid out with its libraries beside it, which loads faster than the jar itself.
unpack_application() {
  local unpacked=$DATA/application
  [ "$unpacked/impendium.jar" -nt "$APPLICATION" ] && return
  rm -rf "$unpacked"
  java -Djarmode=tools -jar "$APPLICATION" extract --destination "$unpacked" >"$LOGS/unpack.log"
  touch "$unpacked/impendium.jar"
}

# record_classes: one start and stop that writes down the classes a start loads; later starts read them at once.
record_classes() {
  local unpacked=$DATA/application
  [ -f "$unpacked/classes.jsa" ] && return
  step "Preparing fast starts" "$LOGS/prepare.log" java -XX:ArchiveClassesAtExit="$unpacked/classes.jsa" \
    -Dspring.context.exit=onRefresh -jar "$unpacked/impendium.jar"
}

format_all() {
  ensure_tools
  maven spotless:apply -Dexec.skip --quiet
  (cd "$HOME_FOLDER/web" && npm run --silent install-once && npm run --silent format)
}
