# What the machine must have, and what a folder must allow.

pg_newest() { ls -d /usr/lib/postgresql/*/bin 2>/dev/null | sort -V | tail -n 1; }
has()       { command -v "$1" >/dev/null 2>&1; }
jdk_ok()    { has javac && [ "$(javac -version 2>&1 | sed -E 's/javac ([0-9]+).*/\1/')" -ge 17 ]; }

# check_machine [PROGRAM=PACKAGE...]: says what is missing to run, and what else is named; on Debian installs it
check_machine() {
  local missing=() more
  has java && has curl || missing+=(openjdk-17-jdk-headless curl)
  [ -n "$(pg_newest)" ] || missing+=(postgresql)
  for more in "$@"; do has "${more%=*}" || missing+=("${more#*=}"); done
  [ ${#missing[@]} = 0 ] || install "${missing[@]}"
}
check_builder() { # what only building needs
  jdk_ok && has mvn || install openjdk-17-jdk-headless maven
  has node && [ "$(node --version | sed -E 's/v([0-9]+).*/\1/')" -ge 20 ] ||
    fail "Node.js 20 or newer is needed to build the pages. Install it from nodejs.org or your system's packages, so that 'node --version' works; then try again."
}

install() {
  say "Missing on this machine: $*"
  [ -f /etc/debian_version ] && has apt-get || fail "please install these, then try again"
  local as_root=(); [ "$(id -u)" = 0 ] || as_root=(sudo)
  [ "$(id -u)" = 0 ] || has sudo || fail "to install them, run as root: apt-get install $*"
  say "Installing from Debian's packages …"
  if [[ " $* " == *" postgresql "* ]]; then # only the programs: Ofisino makes a database server of its own
    "${as_root[@]}" mkdir -p /etc/postgresql-common
    [ -f /etc/postgresql-common/createcluster.conf ] || echo 'create_main_cluster = false' | "${as_root[@]}" tee /etc/postgresql-common/createcluster.conf >/dev/null
  fi
  "${as_root[@]}" apt-get update -qq
  "${as_root[@]}" env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "$@" >/dev/null
}

free_mb() { df -Pm "$1" | awk 'NR == 2 { print $4 }'; }

# open_folder FOLDER: a garage's data folder, which must be ours to write to
open_folder() {
  mkdir -p "$1" 2>/dev/null || fail "$1 cannot be made. Make it, or set OFISINO_HOME to a folder of yours."
  local why; why=$( { LC_ALL=C; : > "$1/.try"; } 2>&1) || fail "$1 cannot be written to$(why_unwritable "$1" "$why")"
  rm -f "$1/.try"
  chmod 711 "$HOME_DIR" "$1" 2>/dev/null || true # the database's own user must get to its folder in there
  [ "$(free_mb "$1")" -ge 200 ] || say "The disk of $1 is nearly full: $(free_mb "$1") MB are left. Make room soon."
}
why_unwritable() {
  case $2 in
    *'No space left'*) say ": its disk is full. Make room, then start again; nothing is lost." ;;
    *'Read-only'*) say ": its disk is read-only. Make it writable (mount -o remount,rw), then start again." ;;
    *) say ": it belongs to $(stat -c %U "$1"). Give it back with: sudo chown -R $(id -un) $1" ;;
  esac
}
