# Starting, finding and stopping the server of a garage. What runs is what works in its data folder; it is ours and well when it answers
# with the name that it wrote down there.

JAVA_OPTIONS=(-Xmx208m -Xss512k -XX:TieredStopAtLevel=1 -XX:+UseSerialGC -XX:MaxMetaspaceSize=160m -XX:ReservedCodeCacheSize=48m -Djava.awt.headless=true)
# together at most 512 MB resident, while photos of 100 megapixels are taken in too (benchmarks/hard)
export MALLOC_ARENA_MAX=2 # else decoders leave memory lying in as many heaps as there are threads

servers()  { # those at work in the folder, and those that were told of it: by hand, or by a launcher that worked elsewhere
  [ -d "$1/data" ] || return 0
  local data p; data=$(readlink -f "$1/data")
  {
    at_work "$data"
    for p in $(grep -lsaz "^OFISINO_DATA=$data\$" /proc/[0-9]*/environ 2>/dev/null); do
      p=${p%/environ}; ! tr '\0' ' ' 2>/dev/null < "$p/cmdline" | grep -q -- '-jar [^ ]*server.jar' || say "${p#/proc/}"
    done
  } | sort -un
}
running()  { [ -n "$(servers "$1")" ]; }
said()     { sed -n "s/^$2=//p" "$1/data/running" 2>/dev/null || true; } # said FOLDER pid|url|lan|run: what the server wrote down
answers()  { # the one that wrote its name down is at work here, and answers by that name
  local run at; run=$(said "$1" run); at=$(servers "$1")
  [ -n "$run" ] && [[ $'\n'$at$'\n' == *$'\n'"$(said "$1" pid)"$'\n'* ]] && [ "$(curl -fsS --max-time 5 "$(said "$1" url)/api/running" 2>/dev/null)" = "$run" ]
}
first_port() { [ "$1" = demo ] && say 8471 || say 8470; }

launch() { # launch NAME [lan]
  local dir=$HOME_DIR/$1 lan=
  open_folder "$dir"
  if [ "${2:-}" = lan ]; then lan=$(lan_url "$dir") || exit 1; fi # before anything is stopped
  exec 9>"$dir/lock"; flock -w 900 9 || fail "another start is under way; try again when it is done"
  if answers "$dir"; then
    pg_answers "$dir" || { say "Its database had stopped."; wake "$dir"; }
    if [ -z "$lan" ] || [ "$(said "$dir" lan)" = "$lan" ]; then say "It is running already."; tell "$1"; return; fi
    if [ -z "$(said "$dir" lan)" ]; then say "It was running for this computer only. Restarting it so that phones in your network can reach it."
    else say "This computer's network address has changed. Restarting at the new one."; fi
  elif running "$dir"; then say "A server of this garage is not answering. Stopping it."; fi
  stop_server "$dir"
  build
  start_pg "$dir" 54330; make_db "$dir" ofisino
  mkdir -p "$dir/data" "$dir/backups"; chmod 700 "$dir/data" "$dir/backups"
  check_clock "$dir"
  server_env "$1"
  archive "$dir"
  [ -z "$lan" ] || open_to_network "$dir" "$lan"
  (
    umask 077; chmod -f 600 "$dir"/*.log || true; rm -f "$dir/data/running" "$dir/server.out"
    cd "$dir/data"; export "${SERVER_ENV[@]}" # not as arguments, which everybody on this machine may read
    nohup setsid java -XX:SharedArchiveFile="$BUILD/app/classes.jsa" -Xshare:auto "${JAVA_OPTIONS[@]}" -XX:ErrorFile="$dir/jvm-error.log" \
      -jar "$BUILD/app/server.jar" >"$dir/server.out" 2>&1 9>&- & echo $! > "$dir/data/starting"
  )
  wait_for_server "$1" "$(cat "$dir/data/starting")"
  tell "$1"
}

check_clock() { # days and times of a garage come from this machine
  local last; last=$(sql "$1" "select to_char(at, 'YYYY-MM-DD HH24:MI') from (select at from history order by id desc limit 1) h where at > now() + interval '10 minutes'" ofisino 2>/dev/null) || return 0
  [ -z "$last" ] || say "This machine's clock says $(date '+%Y-%m-%d %H:%M'), but the garage was last changed on $last. Set the clock right; nothing is lost."
}

server_env() {
  local dir=$HOME_DIR/$1
  SERVER_ENV=(OFISINO_PORT="$(first_port "$1")" OFISINO_DATA="$dir/data" OFISINO_LOG="$dir/server.log" OFISINO_BACKUPS="$dir/backups"
    OFISINO_DB_URL="jdbc:postgresql://127.0.0.1:$(cat "$dir/pg.port")/ofisino" OFISINO_DB_PASSWORD="$(cat "$dir/pg.password")"
    OFISINO_DATABASE_PROGRAMS="$(pg_bin "$dir")" OFISINO_DATABASE_START="$REPO/ofisino"$'\n'wake$'\n'"$1" OFISINO_HOME="$HOME_DIR")
  [ "$1" != demo ] || SERVER_ENV+=(OFISINO_SELLERS="$(start_sellers "$dir")" OFISINO_JOURNAL="$REPO/demo" OFISINO_NOTICE="Demo garage: sign in as $DEMO_NAME with the password $DEMO_PASSWORD")
}

wait_for_server() { # wait_for_server NAME PID
  local dir=$HOME_DIR/$1
  for _ in $(seq 1200); do
    kill -0 "$2" 2>/dev/null || fail "$(why_stopped "$dir")"
    if [ -f "$dir/data/running" ] && answers "$dir" && { [ "$1" != demo ] || [ -f "$dir/data/journal-played" ]; }; then return; fi
    sleep 0.1
  done
  fail "the server does not answer; its log is $dir/server.log"
}
why_stopped() { # the server's own sentence, where it has one
  local why; why=$(sed -n '/^Description:/,/^Action:/p' "$1/server.out" | sed '/^Description:/d; /^Action:/d; /^$/d')
  if [ -n "$why" ]; then say "$why"; else tail -n 20 "$1/server.out" >&2; say "the server stopped; its log is $1/server.log"; fi
}

# wake FOLDER: starts the database of a server that runs on, which knows it at one port only
wake() {
  [ -s "$1/pg.password" ] || fail "the database's password file is missing. Run ./ofisino stop, then ./ofisino start: that sets a new one."
  SAME_PORT=1 start_pg "$1" 54330; say "The database runs again."
}
wake_by_server() { # called by the server when its database is gone
  local dir=$HOME_DIR/$1
  exec 9>"$dir/lock"; flock -w 60 9 || return 1
  pg_answers "$dir" || wake "$dir"
}

# The demo's sellers: a program of its own, without which the garage goes on. A garage of one's own asks whom OFISINO_SELLERS names, or nobody.
start_sellers() {
  local at=$1/sellers; stop_sellers "$1"; mkdir -p "$at"; rm -f "$at/address"
  (cd "$at"; nohup setsid java -Xmx24m -XX:TieredStopAtLevel=1 -XX:+UseSerialGC -jar "$BUILD/app/sellers.jar" > address 2> log 9>&- &)
  for _ in $(seq 100); do if [ -s "$at/address" ]; then cat "$at/address"; return; fi; sleep 0.1; done
}
stop_sellers() { local p; [ ! -d "$1/sellers" ] || for p in $(at_work "$(readlink -f "$1/sellers")"); do kill "$p" 2>/dev/null || true; done; }

stop_server() { # all that work in the folder, whatever was written down
  local dir=$1 pids; pids=$(servers "$dir")
  [ -n "$pids" ] || return 0
  kill $pids 2>/dev/null || true
  for _ in $(seq 60); do running "$dir" || return 0; sleep 0.25; done
  kill -9 $(servers "$dir") 2>/dev/null || true
}

stop() { # stop [NAME]
  local name dir any=
  for name in ${1:-demo garage}; do
    dir=$HOME_DIR/$name; [ -d "$dir" ] || continue
    { exec 9>"$dir/lock" && flock -w 30 9; } 2>/dev/null || true # what is being started is stopped once it stands
    if running "$dir"; then stop_server "$dir"; any=1; say "Stopped the $name server."; fi
    stop_sellers "$dir"
    if [ -d "$dir/postgres" ] && [ -n "$(at_work "$(readlink -f "$dir/postgres")")" ]; then stop_pg "$dir"; any=1; fi
    rm -f "$dir/data/running"
  done
  [ -n "$any" ] || say "Nothing was running."
}

status() {
  local name dir lan
  for name in demo garage; do
    dir=$HOME_DIR/$name; lan=$(said "$dir" lan)
    if answers "$dir"; then
      say "$name: running at $(said "$dir" url)${lan:+, for phones at $lan}"
      pg_answers "$dir" || say "$name: its database has stopped; ./ofisino start starts it again"
    elif running "$dir"; then say "$name: runs, but does not answer; its log is $dir/server.log"
    else say "$name: not running"; fi
  done
}

tell() {
  local dir=$HOME_DIR/$1 lan; lan=$(said "$dir" lan)
  say ""; say "  Ofisino is ready: $(said "$dir" url)"
  if [ "$1" = demo ]; then say "  Sign in as $DEMO_NAME with the password $DEMO_PASSWORD"
  elif [ -f "$dir/data/first-account-code" ]; then say "  The code for the first account: $(cat "$dir/data/first-account-code")"; fi
  [ -z "$lan" ] || say "  Phones: open the page here, press Garage, then Pair a phone. They reach it at $lan; the browser asks once whether to trust this machine's own certificate."
  say "  Stop it with ./ofisino stop"; say ""
}
