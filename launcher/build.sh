# Builds what changed: hashes of the sources lie in .build/.

hash_of() { find "$@" -type f -not -path '*/node_modules/*' -not -path '*/target/*' -not -path '*/dist/*' -print0 | sort -z | xargs -0 sha256sum | sha256sum | cut -d' ' -f1; }
unchanged() { [ -f "$BUILD/$1" ] && [ "$(cat "$BUILD/$1")" = "$2" ]; }
maven() { # offline once everything has been fetched for these build files
  local poms; poms=$(cat pom.xml */pom.xml | sha256sum | cut -d' ' -f1)
  if unchanged maven.hash "$poms"; then mvn -B $QUIET -o "$@"; else mvn -B $QUIET -ntp "$@"; fi
}
QUIET=-q
# a build is over before the full compiler pays
export MAVEN_OPTS="${MAVEN_OPTS:--XX:TieredStopAtLevel=1 -XX:+UseSerialGC}"
maven_loud() { QUIET='' maven "$@"; }
fetched() { cat pom.xml */pom.xml | sha256sum | cut -d' ' -f1 > "$BUILD/maven.hash"; }

npm_lock()  { sha256sum web/package-lock.json | cut -d' ' -f1; }
npm_there() { [ -d web/node_modules ] && unchanged npm.hash "$(npm_lock)"; }
install_npm() {
  ! npm_there || return 0
  say "Fetching what the pages are built with …"
  (cd web && npm ci --prefer-offline --no-audit --no-fund --loglevel=error >/dev/null)
  mkdir -p "$BUILD"; npm_lock > "$BUILD/npm.hash"
}

maven_build() { # maven_build MODULES [OPTIONS...]
  maven -pl "$1" package -DskipTests "${@:2}" > "$BUILD/build.log" 2>&1 || { tail -n 40 "$BUILD/build.log" >&2; fail "the build failed"; }
}

# One build at a time, whichever garage asks for it.
build() { mkdir -p "$BUILD"; (flock 8; build_alone) 8>"$BUILD/lock"; }
build_alone() {
  local web server; web=$(hash_of web core/src/main/resources/ofisino/core/language); server=$(hash_of core standins server pom.xml)
  if ! unchanged app.hash "$server $web" || [ ! -f "$BUILD/app/server.jar" ]; then
    check_builder
    local skip=false npm; unchanged web.hash "$web" && [ -f web/dist/index.html ] && skip=true
    if ! npm_there; then # the core needs none of it, and there is another processor
      install_npm & npm=$!
      maven_build core
      wait $npm || fail "what the pages are built with cannot be fetched"
    fi
    say "Building …"
    maven_build core,standins,web,server -T 2 -Dweb.skip=$skip
    echo "$web" > "$BUILD/web.hash"
    rm -rf "$BUILD/app"
    java -Djarmode=tools -jar server/target/server-1-app.jar extract --destination "$BUILD/app" >/dev/null
    mv "$BUILD/app/server-1-app.jar" "$BUILD/app/server.jar"
    cp standins/target/standins-1-app.jar "$BUILD/app/sellers.jar"
    echo "$server $web" > "$BUILD/app.hash"
  fi
}

# The class-data archive makes every later start three times as fast. It holds for one place, one build and one Java.
archive_of() { say "$BUILD $(cat "$BUILD/app.hash") $(java -version 2>&1 | head -n 1)"; }
archive() {
  local dir=$1
  ! unchanged archive.of "$(archive_of)" || [ ! -f "$BUILD/app/classes.jsa" ] || return 0
  (
    flock 8
    ! unchanged archive.of "$(archive_of)" || [ ! -f "$BUILD/app/classes.jsa" ] || exit 0
    say "Preparing a faster start …"
    rm -f "$BUILD/app/classes.jsa"
    umask 077; export "${SERVER_ENV[@]}" OFISINO_PORT=0 OFISINO_LOG=
    java -XX:ArchiveClassesAtExit="$BUILD/app/classes.jsa" -Dspring.context.exit=onRefresh "${JAVA_OPTIONS[@]}" -jar "$BUILD/app/server.jar" >"$dir/archive.log" 2>&1 || true
    archive_of > "$BUILD/archive.of"
  ) 8>"$BUILD/lock"
}
