# Tests: on a database server of their own, thrown away afterwards.

test_database() {
  TEST_DIR=$(mktemp -d /tmp/ofisino-test-XXXXXX); chmod 711 "$TEST_DIR"
  trap 'stop_pg "$TEST_DIR"; rm -rf "$TEST_DIR"' EXIT
  # it is thrown away, and its password is random: nothing is gained by a thousand rounds for each of the many connections
  PG_AUTH=md5 PG_MORE="-c fsync=off -c synchronous_commit=off -c full_page_writes=off" start_pg "$TEST_DIR" 54430
  export OFISINO_TEST_DB="jdbc:postgresql://127.0.0.1:$(cat "$TEST_DIR/pg.port")/" OFISINO_TEST_DB_PASSWORD; OFISINO_TEST_DB_PASSWORD=$(cat "$TEST_DIR/pg.password")
}

tests_failed() {
  grep -vE '^\s+at |jqwik' "$BUILD/test.log" | tail -n 80
  fail "tests failed"
}

beside() { # beside NAME NICE MODULES [-Dsetting …], comes back once its tests run
  # not before: two builds at once read each other's half-written lists, and compile anew
  rm -f "$BUILD/$1.log"
  ( renice -n "$2" $BASHPID > /dev/null
    PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1 maven_loud -pl "$3" test -Dweb.skip=true -Dweb.skipTests=true -DexcludedGroups=prove "${@:4}" -Dsurefire.failIfNoSpecifiedTests=false
  ) > "$BUILD/$1.log" 2>&1 &
  until grep -qs 'Running ofisino' "$BUILD/$1.log" || ! kill -0 $! 2>/dev/null; do sleep 1; done
}

run_tests() {
  check_machine chromium=chromium; check_builder
  mkdir -p "$BUILD"; install_npm; test_database
  say "Testing; what the tests say is in $BUILD/test.log …"
  rm -rf ./*/target/surefire-reports
  # The pages are tested while all is packaged, once. Then the journeys in the browser, and what they leave of the machine is for the rest.
  local pages journeys core server part
  (cd web && exec nice -n 10 npm run -s check) > "$BUILD/pages.log" 2>&1 & pages=$!
  maven_loud -T 2 verify -DskipTests -Dweb.skipTests=true > "$BUILD/test.log" 2>&1 || { kill $pages 2>/dev/null || true; tests_failed; }
  # Not more than a few at once: what shares a core with too much takes two times as much of it. The server and its database are two already;
  # core, which needs nobody, fills what the pages leave.
  beside journeys 0 core,standins,web,server,e2e -Dtest='ofisino.e2e.**'; journeys=$!
  beside server 0 core,standins,web,server -Dtest='ofisino/server/**/*Test'; server=$!
  wait $pages || { cat "$BUILD/pages.log" >> "$BUILD/test.log"; kill $journeys $server 2>/dev/null || true; tests_failed; }
  beside core 5 core,standins; core=$!
  for part in core server pages journeys; do
    wait "${!part}" || { cat "$BUILD/$part.log" >> "$BUILD/test.log"; kill $journeys $core $server $pages 2>/dev/null || true; tests_failed; }
    cat "$BUILD/$part.log" >> "$BUILD/test.log"
  done
  grep -E 'Tests run:|Tests .*passed' "$BUILD/test.log" || true
  fetched
  local java web
  # the totals of the modules: of a class with examples and properties only one report of two stays in the folder
  java=$(sed 's/\x1b\[[0-9;]*m//g' "$BUILD/test.log" | sed -n 's/^\[[A-Z]*\] Tests run: \([0-9]*\),.*Skipped: [0-9]*$/\1/p' | awk '{ n += $1 } END { print n }')
  web=$(sed 's/\x1b\[[0-9;]*m//g' "$BUILD/test.log" | sed -n 's/^ *Tests *\([0-9]*\) passed.*/\1/p' | tail -n 1)
  say "$((java + ${web:-0})) passed, 0 failed"
}

# What is too long for each day, or only the parts that are named. Seeds are fresh: what fails says its own, so that it can be drawn again.
PARTS="pages journeys fresh_clone properties restorers exact hostile cars language garages plans people faults"
prove() {
  check_machine chromium=chromium age=age faketime=faketime unzip=unzip ss=iproute2 python3=python3; check_builder; mkdir -p "$BUILD"; install_npm; test_database
  local part seed=$RANDOM
  for part in "$@"; do [[ " $PARTS " == *" $part "* ]] || fail "there is no part $part; there are: $PARTS"; done
  for part in ${*:-$PARTS}; do "prove_$part"; fetched; done
  say "Proven."
}
proved() { # proved WHAT-FAILS WHAT-TO-SHOW MODULES TEST [-Dsetting …]
  local fails=$1 show=$2 modules=$3 test=$4; shift 4
  local goal=test; [[ $modules != *e2e* ]] || goal=verify # the journeys drive what is packaged
  maven_loud -pl "$modules" $goal -Dweb.skipTests=true -Dtest="$test" -Dsurefire.failIfNoSpecifiedTests=false "$@" > "$BUILD/prove.log" 2>&1 ||
    { grep -E -A40 "$show" "$BUILD/prove.log" | sed -n 1,60p; fail "$fails; see $BUILD/prove.log"; }
}
prove_pages() {
  say "The pages by all rules of their checker …"
  (cd web && npm run -s lint:whole) || fail "a page breaks a rule"
}
prove_journeys() {
  say "The journeys that are too long for each day, backups over days, and each sentence about plans with a breach in it …"
  PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1 proved "a journey does not reach its end" ERROR core,standins,web,server,e2e 'ofisino.e2e.**,PlantedBreachTest,BackupTest' -Dgroups=prove
}
prove_fresh_clone() {
  say "From a fresh clone to the demo, through a crash …"
  e2e/fresh-clone || fail "a fresh clone does not start"
}
prove_properties() {
  say "Properties, ${PROPERTY_RUNS:-5} times from fresh seeds …"
  for _ in $(seq "${PROPERTY_RUNS:-5}"); do
    rm -rf core/target/jqwik-database
    proved "a property does not hold" 'ERROR|seed' core "$(cd core/src/test/java && grep -rl '@Property' . | sed 's#.*/##; s/\.java//' | paste -sd,)" -Dofisino.property-seed=
  done
}
prove_restorers() {
  say "The dates of ${RESTORERS:-10000} restorers of another model …"
  proved "dates are kept more or less often than they say" 'kept their date' core CalibrationTest -Dofisino.restorers="${RESTORERS:-10000}"
}
prove_exact() {
  say "The planner beside exact solvers …"
  proved "the planner is further from the optimum than it may be" ERROR core WholeProblemTest,PlannerQualityTest -Dofisino.all-instances=true
}
prove_hostile() {
  say "25000 hostile requests from seed $seed …"
  proved "hostile requests do harm, or a piece is lost" ERROR core,standins,web,server HostileRequestsTest,NoPieceLostTest -Dofisino.hostile-requests=25000 -Dofisino.seed="$seed"
  grep 'hostile requests from' "$BUILD/prove.log"
}
prove_cars() {
  say "${CARS:-2000} cars by chance from seed $seed …"
  proved "a danger passes" 'car [0-9]+' core,standins,web,server CarsByChanceTest -Dofisino.cars="${CARS:-2000}" -Dofisino.seed="$seed"
}
prove_language() {
  say "All pages in a language that nobody speaks …"
  PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1 proved "a page says what is not from the catalogue, or cuts it off" 'Expecting empty' core,standins,web,server,e2e OtherLanguageTest -Dofisino.other-language=true
}
prove_garages() {
  say "Garages of all versions before …"
  proved "a garage of a version before does not open" ERROR core,standins,web,server UpgradeTest -Dofisino.all-garages=true
}
prove_plans() {
  say "The plans of ${PLANS:-200} cars from seed $seed …"
  proved "a plan is none that a restorer would follow" 'TradeBookTest\.' core,standins,web,server TradeBookTest -Dofisino.cars="${PLANS:-200}" -Dofisino.seed="$seed"
}
prove_people() { say "People and photos …"; benchmarks/hard; }
prove_faults() { say "Faults …"; benchmarks/faults; }

write_api() {
  check_machine; check_builder; mkdir -p "$BUILD"; install_npm; test_database
  maven -pl core,standins,web,server test -Dtest=ApiDescriptionTest -Dsurefire.failIfNoSpecifiedTests=false -Dofisino.write-api=true -Dweb.skip=true -Dweb.skipTests=true
  (cd web && npm run -s api)
}
