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

run_tests() {
  check_machine chromium=chromium; check_builder
  mkdir -p "$BUILD"; install_npm; test_database
  say "Testing; what the tests say is in $BUILD/test.log …"
  rm -rf ./*/target/surefire-reports
  # The pages are tested while all is packaged, once; then the journeys in the browser beside the rest: each waits for something else.
  (cd web && npm run -s check) > "$BUILD/pages.log" 2>&1 & local pages=$!
  maven_loud -T 2 verify -DskipTests -Dweb.skipTests=true > "$BUILD/test.log" 2>&1 || { kill $pages 2>/dev/null || true; tests_failed; }
  PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1 maven_loud -pl core,web,server,e2e test -Dweb.skip=true -Dweb.skipTests=true -Dtest='ofisino.e2e.**' \
    -Dsurefire.failIfNoSpecifiedTests=false > "$BUILD/journeys.log" 2>&1 & local journeys=$!
  maven_loud -pl core,web,server test -Dweb.skip=true -Dweb.skipTests=true >> "$BUILD/test.log" 2>&1 || { kill $journeys $pages 2>/dev/null || true; tests_failed; }
  local went=0
  wait $pages || went=$?; cat "$BUILD/pages.log" >> "$BUILD/test.log"
  [ $went = 0 ] || { kill $journeys 2>/dev/null || true; tests_failed; }
  wait $journeys || went=$?; cat "$BUILD/journeys.log" >> "$BUILD/test.log"
  [ $went = 0 ] || tests_failed
  grep -E 'Tests run:|Tests .*passed' "$BUILD/test.log" || true
  fetched
  local java web
  # the totals of the modules: of a class with examples and properties only one report of two stays in the folder
  java=$(sed 's/\x1b\[[0-9;]*m//g' "$BUILD/test.log" | sed -n 's/^\[[A-Z]*\] Tests run: \([0-9]*\),.*Skipped: [0-9]*$/\1/p' | awk '{ n += $1 } END { print n }')
  web=$(sed 's/\x1b\[[0-9;]*m//g' "$BUILD/test.log" | sed -n 's/^ *Tests *\([0-9]*\) passed.*/\1/p' | tail -n 1)
  say "$((java + ${web:-0})) passed, 0 failed"
}

# What is too long for each day. Seeds are fresh: what fails says its own, so that it can be drawn again.
prove() {
  check_machine chromium=chromium age=age faketime=faketime unzip=unzip ss=iproute2 python3=python3; check_builder; mkdir -p "$BUILD"; install_npm; test_database
  local seed=$RANDOM runs=${PROPERTY_RUNS:-5}
  say "From a fresh clone to the demo, through a crash …"
  e2e/fresh-clone || fail "a fresh clone does not start"
  say "Properties, $runs times from fresh seeds …"
  for _ in $(seq "$runs"); do
    rm -rf core/target/jqwik-database
    maven_loud -pl core test -Dtest="$(cd core/src/test/java && grep -rl '@Property' . | sed 's#.*/##; s/\.java//' | paste -sd,)" \
      -Dofisino.property-seed= > "$BUILD/prove.log" 2>&1 || { grep -E 'ERROR|seed' "$BUILD/prove.log" | head -40; fail "a property does not hold; see $BUILD/prove.log"; }
  done
  say "The planner beside exact solvers …"
  maven_loud -pl core test -Dtest='WholeProblemTest,PlannerQualityTest' -Dofisino.all-instances=true > "$BUILD/prove.log" 2>&1 ||
    { tail -n 40 "$BUILD/prove.log"; fail "the planner is further from the optimum than it may be; see $BUILD/prove.log"; }
  say "25000 hostile requests from seed $seed …"
  maven_loud -pl core,web,server test -Dweb.skipTests=true -Dtest=HostileRequestsTest -Dsurefire.failIfNoSpecifiedTests=false -Dofisino.hostile-requests=25000 -Dofisino.seed="$seed" > "$BUILD/prove.log" 2>&1 ||
    { tail -n 40 "$BUILD/prove.log"; fail "hostile requests do harm"; }
  grep 'hostile requests from' "$BUILD/prove.log"
  say "${CARS:-2000} cars by chance from seed $seed …"
  maven_loud -pl core,web,server test -Dweb.skipTests=true -Dtest=CarsByChanceTest -Dsurefire.failIfNoSpecifiedTests=false -Dofisino.cars="${CARS:-2000}" -Dofisino.seed="$seed" > "$BUILD/prove.log" 2>&1 ||
    { grep -E 'car [0-9]+' "$BUILD/prove.log" | head -20; fail "a danger passes; see $BUILD/prove.log"; }
  say "All pages in a language that nobody speaks …"
  PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1 maven_loud -pl core,web,server,e2e verify -Dweb.skipTests=true -Dtest=OtherLanguageTest -Dsurefire.failIfNoSpecifiedTests=false -Dofisino.other-language=true > "$BUILD/prove.log" 2>&1 ||
    { grep -A40 'Expecting empty' "$BUILD/prove.log" | head -60; fail "a page says what is not from the catalogue, or cuts it off; see $BUILD/prove.log"; }
  say "Garages of all versions before …"
  maven_loud -pl core,web,server test -Dweb.skipTests=true -Dtest=UpgradeTest -Dsurefire.failIfNoSpecifiedTests=false -Dofisino.all-garages=true > "$BUILD/prove.log" 2>&1 ||
    { tail -n 40 "$BUILD/prove.log"; fail "a garage of a version before does not open"; }
  say "The plans of ${PLANS:-200} cars from seed $seed …"
  maven_loud -pl core,web,server test -Dweb.skipTests=true -Dtest=TradeBookTest -Dsurefire.failIfNoSpecifiedTests=false -Dofisino.cars="${PLANS:-200}" -Dofisino.seed="$seed" > "$BUILD/prove.log" 2>&1 ||
    { grep -E 'TradeBookTest\.' "$BUILD/prove.log" | head -20; fail "a plan is none that a restorer would follow; see $BUILD/prove.log"; }
  fetched
  stop_pg "$TEST_DIR"
  say "People and photos …"
  benchmarks/hard
  say "Faults …"
  benchmarks/faults
  say "Proven."
}

write_api() {
  check_machine; check_builder; mkdir -p "$BUILD"; install_npm; test_database
  maven -pl core,web,server test -Dtest=ApiDescriptionTest -Dsurefire.failIfNoSpecifiedTests=false -Dofisino.write-api=true -Dweb.skip=true -Dweb.skipTests=true
  (cd web && npm run -s api)
}
