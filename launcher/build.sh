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
  step "Building the application" "$LOGS/build.log" maven package -DskipTests -pl server -am
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

# prepare_fast_starts: one start and stop that writes down the classes a start loads; later starts read them at once. A
# start without them only takes longer.
prepare_fast_starts() {
  local archive=$DATA/application/classes.jsa
  [ ! -f "$archive" ] || return 0
  if try_step "Preparing fast starts" "$LOGS/prepare.log" java -XX:ArchiveClassesAtExit="$archive.unfinished" \
    -Dspring.context.exit=onRefresh -jar "$DATA/application/impendium.jar" && [ -f "$archive.unfinished" ]; then
    mv "$archive.unfinished" "$archive"
  else
    say "It goes on without; this start takes longer. The log: $LOGS/prepare.log"
  fi
}

format_all() {
  ensure_tools
  maven spotless:apply -Dexec.skip --quiet
  (cd "$HOME_FOLDER/web" && npm run --silent install-once && npm run --silent format)
}
