# Which practices a start begins with.

# choose_demo: the demo's password stands in its sources. Where others can reach the address, it is only brought, and only
# opens anything, if it is asked for by name.
choose_demo() {
  case "${IMPENDIUM_DEMO:-}" in
    true | false) ;;
    "")
      IMPENDIUM_DEMO=true
      if ! is_loopback "${IMPENDIUM_ADDRESS:-127.0.0.1}"; then
        IMPENDIUM_DEMO=false
        say "Others can reach ${IMPENDIUM_ADDRESS}: the demo stays closed. IMPENDIUM_DEMO=true opens it to all of them."
      fi
      ;;
    *) fail "IMPENDIUM_DEMO is '$IMPENDIUM_DEMO', and must be true or false." ;;
  esac
  export IMPENDIUM_DEMO
}

is_loopback() { [[ $1 =~ ^(127\.[0-9.]+|::1|localhost)$ ]]; }

# tell_who_signs_in: what is needed for the first sign-in, by what the database holds.
tell_who_signs_in() {
  local practices
  practices=$(run_sql "$CLUSTER" impendium "select count(*) from practice")
  if [ "$practices" -eq 0 ]; then
    print_setup_code
  elif demo_opens; then
    say "  Sign in     bea@ostrander-pell.example"
    say "  Password    lantern-harbour-42"
    say ""
    say "  The demo practice is made up. ./impendium setup-code lets you set up your own beside it."
  fi
}

# demo_opens: whether this start found the demo's people, with their public password: a restored database may hold others alone,
# and somebody may have changed it.
demo_opens() { grep -q "The demo practice is .*, and opens" <<<"$(log_of_this_start)"; }

# print_setup_code: lets whoever has it set up one practice within a day. The database keeps only what it hashes to.
print_setup_code() {
  local code hash
  code=$(head -c 10 /dev/urandom | base32)
  hash=$(printf '%s' "$code" | sha256sum | cut -d' ' -f1)
  run_sql "$CLUSTER" impendium \
    "insert into setup_code (hash, ends_at) values (decode('$hash', 'hex'), now() + interval '1 day')"
  say "  Set up a practice   $(setup_page)"
  say "  Set-up code         $(sed 's/..../&-/g; s/-$//' <<<"$code")   (good once, for a day)"
}

# What a service manager started is found where its proxy is.
setup_page() {
  ! server_pid >/dev/null || server_url
  printf '/set-up'
}

issue_setup_code() {
  prepare_data_folder
  find_cluster postgres
  cluster_runs "$CLUSTER" || fail "Impendium is not running." "Start it first: ./impendium start"
  DATABASE_PORT=$(cluster_port "$CLUSTER")
  print_setup_code
}

# issue_password_link EMAIL: lets somebody choose their password once, within three days, where no mail brings them a link. The
# database keeps only what its key hashes to.
issue_password_link() {
  [ -n "$1" ] || fail "Say whose: ./impendium password-link somebody@example.org"
  prepare_data_folder
  find_cluster postgres
  cluster_runs "$CLUSTER" || fail "Impendium is not running." "Start it first: ./impendium start"
  DATABASE_PORT=$(cluster_port "$CLUSTER")
  local key hash found
  key=$(head -c 32 /dev/urandom | base64 -w 0 | tr '+/' '-_' | tr -d '=')
  hash=$(printf '%s' "$key" | sha256sum | cut -d' ' -f1)
  found=$(run_sql "$CLUSTER" impendium \
    "insert into password_link (advisor_id, practice_id, key_hash, ends_at)
     select id, practice_id, decode('$hash', 'hex'), now() + interval '3 days' from advisor
     where lower(email) = lower('${1//\'/\'\'}') and left_at is null
     on conflict (advisor_id) do update set key_hash = excluded.key_hash, ends_at = excluded.ends_at
     returning 1")
  [ "$found" = 1 ] || fail "Nobody works here who signs in with '$1'."
  say "  $1 chooses a password at $(password_page)#$key   (good once, for three days)"
}

password_page() {
  if [ -n "${IMPENDIUM_PUBLIC_ADDRESS:-}" ]; then
    printf '%s' "${IMPENDIUM_PUBLIC_ADDRESS%/}"
  elif server_pid >/dev/null; then
    server_url
  fi
  printf '/password'
}
