# A PostgreSQL server of the garage's own: on loopback, with a generated password that only its owner can read.

SAME_PORT= PG_MORE= PG_AUTH=scram-sha-256 # set by whoever needs the one port, more options, another proof; never by the environment

as_pg() { # PostgreSQL refuses to run as root
  if [ "$(id -u)" != 0 ]; then "$@"
  elif id postgres >/dev/null 2>&1; then (cd / && runuser -u postgres -- "$@")
  else unshare --user --map-user=1000 --map-group=1000 "$@"; fi
} 8>&- 9>&- # what outlives this script must not keep its locks
pg_user() { if [ "$(id -u)" = 0 ] && id postgres >/dev/null 2>&1; then say postgres; else id -un; fi; }
own_pg()  { [ "$(pg_user)" = "$(id -un)" ] || chown -R "$(pg_user)" "$@"; }
secret()  { head -c 32 /dev/urandom | base64 | tr -d '/+=\n'; }

# pg_bin FOLDER: the programs of the version that made its database; those of another cannot read it
pg_bin() {
  [ -f "$1/postgres/PG_VERSION" ] || { pg_newest; return; }
  local version; version=$(cat "$1/postgres/PG_VERSION")
  [ -x "/usr/lib/postgresql/$version/bin/postgres" ] ||
    fail "this garage's database was made by PostgreSQL $version, which this machine does not have. Install postgresql-$version; nothing is lost."
  say "/usr/lib/postgresql/$version/bin"
}

# at_work FOLDER: the processes that work in it
at_work() { { find /proc -maxdepth 2 -path '/proc/[0-9]*/cwd' -printf '%h %l\n' 2>/dev/null || true; } | awk -v at="$1" 'substr($0, index($0, " ") + 1) == at { sub("/proc/", "", $1); print $1 }'; }

# pg_answers FOLDER: true when its own server answers, at the port that the server itself wrote down
pg_answers() {
  local data pid port; data=$(readlink -f "$1/postgres")
  { read -r pid; read -r _; read -r _; read -r port; } 2>/dev/null < "$data/postmaster.pid" || return 1
  [ "$(readlink "/proc/$pid/cwd" 2>/dev/null)" = "$data" ] && "$(pg_bin "$1")/pg_isready" -q -h 127.0.0.1 -p "$port" || return 1
  [ "$(cat "$1/pg.port" 2>/dev/null)" = "$port" ] || echo "$port" > "$1/pg.port"
}

# settle_pg FOLDER: true when its server answers. After a crash it waits for what is left of the old one to go, and clears its pid file,
# since a killed server that nobody has collected yet looks alive to PostgreSQL.
settle_pg() {
  local data; data=$(readlink -f "$1/postgres")
  for _ in $(seq 60); do
    if pg_answers "$1"; then return 0; fi
    if [ -z "$(at_work "$data")" ]; then rm -f "$data/postmaster.pid"; return 1; fi
    sleep 0.5
  done
  fail "an old database server in $data neither answers nor ends; restart the machine"
}

# start_pg FOLDER FIRST_PORT: makes the database if need be, starts it, leaves its port in FOLDER/pg.port
start_pg() {
  local dir=$1
  rmdir "$dir/postgres" 2>/dev/null || true # an empty folder is none
  [ -e "$dir/postgres" ] || make_pg "$dir"
  ours_pg "$dir"
  [ -f "$dir/postgres/PG_VERSION" ] || fail "$dir/postgres is not a whole database. Nothing in it was touched; $RESCUE"
  pg_bin "$dir" >/dev/null # ends here where this machine has none that can read it
  [ -s "$dir/pg.password" ] || new_pg_password "$dir"
  settle_pg "$dir" || launch_pg "$dir" "$2"
  local why; why=$(sql "$dir" 'select 1' 2>&1 >/dev/null) && return
  [[ $why == *'password authentication failed'* ]] || fail "the database does not answer: $why"
  stop_pg "$dir"; new_pg_password "$dir"; launch_pg "$dir" "$2"
}
RESCUE="./ofisino restore FILE --aside puts a backup in its place and keeps it."

make_pg() { # whole or not at all
  local dir=$1 being=$1/postgres.being; rm -rf "$being"
  (umask 077; secret > "$dir/pg.password")
  mkdir -p "$being"; chmod 700 "$being"; own_pg "$being"
  local pw; pw=$(mktemp); cat "$dir/pg.password" > "$pw"; own_pg "$pw"
  as_pg "$(pg_newest)/initdb" -D "$being" -U ofisino -E UTF8 --locale=C.UTF-8 --auth="$PG_AUTH" --pwfile="$pw" >"$dir/initdb.log" 2>&1 ||
    { rm -f "$pw"; fail "the database could not be made in $dir$(why_pg "$dir" "$dir/initdb.log")"; }
  rm -f "$pw"; mv "$being" "$dir/postgres"
}

# A copy by other means than cp -a, or a stick, forgets whose the files were.
ours_pg() {
  local data=$1/postgres
  if [ -n "$(find "$data" ! -user "$(pg_user)" -print -quit)" ]; then
    [ "$(id -u)" = 0 ] || fail "files in $data belong to $(stat -c %U "$(find "$data" ! -user "$(pg_user)" -print -quit)"). Give them back with: sudo chown -R $(id -un) $1"
    say "The database's files belonged to somebody else. They belong to $(pg_user) again."
    own_pg "$data"
  fi
  chmod 700 "$data"
}

# Who owns the files may set a new password without the old one.
new_pg_password() {
  [ -z "$(at_work "$(readlink -f "$1/postgres")")" ] || stop_pg "$1"
  (umask 077; secret > "$1/pg.password.being")
  printf "alter role ofisino password '%s'\n" "$(cat "$1/pg.password.being")" |
    as_pg "$(pg_bin "$1")/postgres" --single -D "$1/postgres" postgres >/dev/null 2>"$1/single.log" ||
    fail "the password of the database is lost, and no new one could be set$(why_pg "$1" "$1/single.log")"
  mv "$1/pg.password.being" "$1/pg.password"
  say "The database's password file was missing or wrong, so a new password was set."
}

# The port is found out by taking it: first the one of last time, since a server that runs on knows only that.
launch_pg() {
  local dir=$1 data=$1/postgres port log=$1/postgres/server.log tried=0
  port=$(cat "$dir/pg.port" 2>/dev/null || echo "$2")
  while :; do
    [ ! -f "$log" ] || as_pg mv "$log" "$log.1"
    if as_pg "$(pg_bin "$dir")/pg_ctl" -D "$data" -l "$log" -w -t 60 -o "-p $port $PG_OPTIONS $PG_MORE" start >/dev/null 2>&1; then echo "$port" > "$dir/pg.port"; return; fi
    grep -qs 'could not bind' "$log" && [ $((tried += 1)) -le 20 ] || fail "the database does not start$(why_pg "$dir" "$log")"
    [ -z "$SAME_PORT" ] || { sleep 1; continue; }
    port=$((port + 1))
  done
}
# its log is short and names no row
PG_OPTIONS="-c listen_addresses=127.0.0.1 -c unix_socket_directories='' -c max_connections=60 -c log_statement=none -c log_min_messages=log -c log_error_verbosity=terse -c log_checkpoints=off"

why_pg() {
  if [ "$(free_mb "$1")" -lt 20 ]; then say ": the disk is full ($(free_mb "$1") MB left). Make room, then start again; nothing is lost."
  elif grep -qs 'Read-only file system' "$2"; then say ": its disk is read-only. Make it writable, then start again."
  else say " ($(grep -sE 'FATAL|PANIC|error' "$2" | tail -n 1 | sed 's/^.*: *//')). Its log is $2. If it cannot be mended, $RESCUE"; fi
}

stop_pg() { [ ! -f "$1/postgres/PG_VERSION" ] || as_pg "$(pg_bin "$1")/pg_ctl" -D "$1/postgres" -m fast -w stop >/dev/null 2>&1 || true; }
sql() { PGPASSWORD=$(cat "$1/pg.password") "$(pg_bin "$1")/psql" -h 127.0.0.1 -p "$(cat "$1/pg.port")" -U ofisino -d "${3:-postgres}" -qAtc "$2"; } # sql FOLDER STATEMENT [DATABASE]
make_db() { [ "$(sql "$1" "select 1 from pg_database where datname = '$2'")" = 1 ] || sql "$1" "create database $2"; }
