# Letting phones in: one address and one port, which they know from then on.

LAN_PORT=8480

lan_url() { # lan_url FOLDER: where phones find this garage
  local ip; ip=$(hostname -I 2>/dev/null | tr ' ' '\n' | grep -m 1 -E '^[0-9]+\.[0-9]+\.[0-9]+\.[0-9]+$') || true
  [ -n "$ip" ] || fail "this machine has no address in a network. Connect it, then try again."
  say "https://$ip:${OFISINO_LAN_PORT:-$(cat "$1/lan.port" 2>/dev/null || echo $LAN_PORT)}"
}

open_to_network() { # open_to_network FOLDER URL
  local dir=$1 url=$2 ip port last
  ip=${url#https://}; port=${ip##*:}; ip=${ip%:*}
  last=$(cat "$dir/lan.address" 2>/dev/null || true)
  [ -z "$last" ] || [ "$last" = "$ip:$port" ] || say "Phones used $last. The address is now $ip:$port, so pair them again."
  certificate "$dir" "$ip"
  echo "$port" > "$dir/lan.port"; echo "$ip:$port" > "$dir/lan.address"
  SERVER_ENV+=(OFISINO_LAN_URL="$url" OFISINO_LAN_KEYS="$dir/lan-$ip.p12" OFISINO_LAN_PASSWORD="$(cat "$dir/lan.password")")
}

certificate() { # of this machine's own making: the phone asks once whether to trust it
  local dir=$1 ip=$2
  [ ! -f "$dir/lan-$ip.p12" ] || [ ! -s "$dir/lan.password" ] || return 0
  [ -s "$dir/lan.password" ] || { (umask 077; secret > "$dir/lan.password"); rm -f "$dir"/lan-*.p12; }
  (umask 077; keytool -genkeypair -alias ofisino -keyalg EC -groupname secp256r1 -validity 3650 -storetype PKCS12 -keystore "$dir/lan-$ip.p12" \
    -storepass:file "$dir/lan.password" -dname "CN=Ofisino in this garage" -ext "SAN=IP:$ip" >/dev/null 2>&1) || fail "the certificate for $ip could not be made in $dir"
}
