# What is done with a garage as a whole: copies of it, a password that was forgotten, the demo anew.

# with_database COMMAND...: runs it while the garage's database runs, and leaves that as it was found
with_database() {
  local dir=$HOME_DIR/garage stopped=
  exec 9>"$dir/lock"; flock -w 900 9 || fail "a start is under way; try again when it is done"
  build
  if ! pg_answers "$dir"; then
    if running "$dir"; then wake "$dir"; else stopped=1; start_pg "$dir" 54330; fi
  fi
  make_db "$dir" ofisino; mkdir -p "$dir/data" "$dir/backups"; chmod 700 "$dir/data" "$dir/backups"
  server_env garage
  local code=0; "$@" || code=$?
  [ -z "$stopped" ] || stop_pg "$dir"
  return $code
}
program() (
  export "${SERVER_ENV[@]}"; cd "$FROM"
  exec java -Xmx128m -XX:TieredStopAtLevel=1 -XX:+UseSerialGC -cp "$BUILD/app/server.jar" "ofisino.server.$1" "${@:2}"
)
there_is_a_garage() { [ -f "$HOME_DIR/garage/postgres/PG_VERSION" ] || fail "there is no garage here yet; ./ofisino start opens one"; }

backup_command() { # backup | backup-place, with what follows
  there_is_a_garage
  with_database program exchange.backup.BackupCommand "$@"
}

# What is written while it goes on would be lost, so the server stops before and starts again after. With --aside the database that is
# here is neither read nor saved: it is broken, and kept as it is under another name.
restore() {
  local dir=$HOME_DIR/garage was='' code=0 aside='' word words=()
  for word in "$@"; do if [ "$word" = --aside ]; then aside=1; else words+=("$word"); fi; done
  set -- "${words[@]}"
  [ -n "${1:-}" ] || fail "say which backup: ./ofisino restore FILE"
  open_folder "$dir"
  if running "$dir"; then was=$(said "$dir" lan); was=${was:+lan}; was=${was:-local}; stop_server "$dir"; say "The garage is closed during the restore."; fi
  if [ -n "$aside" ] && [ -e "$dir/postgres" ]; then
    aside=$dir/postgres.aside-$(date +%Y-%m-%d-%H%M%S)
    stop_pg "$dir"; [ -z "$(at_work "$(readlink -f "$dir/postgres")")" ] || fail "the database in $dir/postgres does not stop. Restart the machine."
    mv "$dir/postgres" "$aside"; say "The database that was here is kept in $aside."
  fi
  with_database program exchange.backup.BackupCommand restore "$@" || code=$?
  case $was in lan) launch garage lan ;; local) launch garage ;; *) [ $code != 0 ] || say "Open it with ./ofisino start" ;; esac
  return $code
}

new_key() {
  build; SERVER_ENV=(OFISINO_DATA="$HOME_DIR" OFISINO_BACKUPS="$HOME_DIR")
  program exchange.backup.BackupCommand new-key "$@"
}

new_password() {
  there_is_a_garage
  with_database program identity.account.NewPassword "$@"
}

reset_demo() {
  stop demo >/dev/null
  rm -rf "$HOME_DIR/demo"
  say "The demo garage is gone. ./ofisino demo begins anew."
}
