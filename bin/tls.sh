# The shop's own network: an authority of its own whose root the tablets learn once, and a certificate signed by it that is renewed by itself.
# Everything lies in YARD_DATA/tls, readable by its owner only. The application reads server.pem (key, certificate, authority) and root.crt.
TLS_LASTS_DAYS=${TLS_LASTS_DAYS:-397}
TLS_RENEW_DAYS=30
ROOT_LASTS_DAYS=3650
# Addresses and names that exist inside one network only: whatever happens to its key, the shop's root vouches for nothing else.
ROOT_MAY="permitted;IP.1=10.0.0.0/255.0.0.0
permitted;IP.2=172.16.0.0/255.240.0.0
permitted;IP.3=192.168.0.0/255.255.0.0
permitted;IP.4=169.254.0.0/255.255.0.0
permitted;IP.5=100.64.0.0/255.192.0.0
permitted;DNS.1=local
permitted;DNS.2=lan
permitted;DNS.3=internal
permitted;DNS.4=home.arpa"

YARD_BIND=${YARD_BIND:-} YARD_NAMES=${YARD_NAMES:-} YARD_CERT=${YARD_CERT:-} YARD_KEY=${YARD_KEY:-}

tls_wanted() { [ -n "$YARD_BIND" ]; }

# Addresses of this machine on its networks; what only this machine sees is none.
machine_addresses() { hostname -I 2>/dev/null | tr ' ' '\n' | grep -E '^[0-9]+(\.[0-9]+){3}$' || true; }

# tls_addresses: what YARD_BIND names, one a line; 0.0.0.0 is every network this machine is on.
tls_addresses() {
  local one
  for one in ${YARD_BIND//,/ }; do
    if [ "$one" = 0.0.0.0 ]; then machine_addresses; else printf '%s\n' "$one"; fi
  done
}

# private_address ADDRESS: whether it is one of a network of one's own.
private_address() { [[ $1 =~ ^(10\.|192\.168\.|169\.254\.|172\.(1[6-9]|2[0-9]|3[01])\.|100\.(6[4-9]|[7-9][0-9]|1[01][0-9]|12[0-7])\.) ]]; }

# private_name NAME: whether it is one that no registry gives out.
private_name() { [[ $1 =~ ^([a-z0-9-]+\.)+(local|lan|internal|home\.arpa)$ ]]; }

# bind_hold: what is wrong with YARD_BIND and YARD_NAMES is said before anything is made or started.
bind_hold() {
  local one there
  tls_wanted || { [ -z "$YARD_NAMES$YARD_CERT$YARD_KEY" ] || fail "YARD_NAMES, YARD_CERT and YARD_KEY are for a shop on a network: name its address with YARD_BIND."; return 0; }
  there=$(machine_addresses)
  for one in ${YARD_BIND//,/ }; do
    [[ $one =~ ^([0-9]{1,3}\.){3}[0-9]{1,3}$ ]] || fail "YARD_BIND: '$one' is no address such as 192.168.7.10. Several are separated by commas; 0.0.0.0 is every network of this machine."
    [[ $one != 127.* ]] || fail "YARD_BIND: '$one' is this machine itself, where the application listens anyway. Name its address on the shop's network."
    [ "$one" = 0.0.0.0 ] || grep -qxF "$one" <<<"$there" || fail "YARD_BIND: this machine has no address '$one'. It has: $(tr '\n' ' ' <<<"$there")"
  done
  for one in ${YARD_NAMES//,/ }; do
    [[ $one =~ ^([a-z0-9-]+\.)*[a-z0-9-]+$ ]] || fail "YARD_NAMES: '$one' is no name such as yard.lan: small letters, digits, hyphens and points."
  done
  if [ -n "$YARD_CERT$YARD_KEY" ]; then own_certificate_hold; return 0; fi
  for one in ${YARD_NAMES//,/ }; do
    private_name "$one" || fail "YARD_NAMES: the shop's own certificate is for names ending in .local, .lan, .internal or .home.arpa; '$one' needs one of yours: YARD_CERT and YARD_KEY."
  done
  [ -n "$(tls_addresses)" ] || fail "YARD_BIND: this machine is on no network."
  for one in $(tls_addresses); do
    private_address "$one" || fail "YARD_BIND: '$one' is an address of the open internet. Hinge Yard's own certificate is for a network of the shop's own; for this address name one of yours with YARD_CERT and YARD_KEY."
  done
}

own_certificate_hold() {
  [ -r "$YARD_CERT" ] || fail "YARD_CERT: '$YARD_CERT' cannot be read; name the file of the certificate with those that signed it (PEM)."
  [ -r "$YARD_KEY" ] || fail "YARD_KEY: '$YARD_KEY' cannot be read; name the file of the certificate's key (PEM)."
  [ "$(openssl x509 -in "$YARD_CERT" -noout -pubkey 2>/dev/null)" = "$(openssl pkey -in "$YARD_KEY" -pubout 2>/dev/null || echo none)" ] \
    || fail "YARD_KEY: $YARD_KEY is not the key of $YARD_CERT."
  openssl x509 -in "$YARD_CERT" -noout -checkend 0 >/dev/null || fail "YARD_CERT: $YARD_CERT is no longer valid."
}

# tls_names: what the certificate is for, as openssl wants it, sorted so that two lists can be compared.
tls_names() {
  local one host
  for one in $(tls_addresses); do printf 'IP:%s\n' "$one"; done
  host=$(hostname -s 2>/dev/null | tr 'A-Z' 'a-z' | tr -dc 'a-z0-9-')
  [ -z "$host" ] || printf 'DNS:%s.local\n' "$host"
  for one in ${YARD_NAMES//,/ }; do printf 'DNS:%s\n' "$one"; done
}

root_make() {
  local dir=$1
  cat >"$dir/root.conf" <<CONF
[req]
distinguished_name = name
x509_extensions = root
prompt = no
[name]
CN = Hinge Yard on $(hostname -s 2>/dev/null || echo this machine), root of $(date -u +%F)
[root]
basicConstraints = critical,CA:TRUE,pathlen:0
keyUsage = critical,keyCertSign,cRLSign
subjectKeyIdentifier = hash
nameConstraints = critical,@may
[may]
$ROOT_MAY
CONF
  openssl req -x509 -newkey ec -pkeyopt ec_paramgen_curve:P-256 -nodes -sha256 -days "$ROOT_LASTS_DAYS" -config "$dir/root.conf" \
    -keyout "$dir/root.key.new" -out "$dir/root.crt.new" 2>"$dir/openssl.log" || fail "the root cannot be made; see $dir/openssl.log"
  mv "$dir/root.key.new" "$dir/root.key"
  mv "$dir/root.crt.new" "$dir/root.crt"
}

server_make() {
  local dir=$1 names
  names=$(tls_names | LC_ALL=C sort -u | paste -sd,)
  printf '%s\n' "basicConstraints=CA:FALSE" "keyUsage=critical,digitalSignature" "extendedKeyUsage=serverAuth" "subjectAltName=$names" \
    "authorityKeyIdentifier=keyid" >"$dir/server.ext"
  { openssl req -new -newkey ec -pkeyopt ec_paramgen_curve:P-256 -nodes -subj "/CN=Hinge Yard" -keyout "$dir/server.key" -out "$dir/server.csr" \
    && openssl x509 -req -sha256 -in "$dir/server.csr" -CA "$dir/root.crt" -CAkey "$dir/root.key" -set_serial "0x$(openssl rand -hex 16)" \
      -days "$TLS_LASTS_DAYS" -extfile "$dir/server.ext" -out "$dir/server.crt"; } 2>"$dir/openssl.log" \
    || fail "the certificate cannot be made; see $dir/openssl.log"
  # One file, moved into place whole: key and certificate never differ.
  cat "$dir/server.key" "$dir/server.crt" "$dir/root.crt" >"$dir/server.pem.new"
  mv "$dir/server.pem.new" "$dir/server.pem"
  rm -f "$dir/server.key" "$dir/server.crt" "$dir/server.csr" "$dir/server.ext"
  tls_names | LC_ALL=C sort -u >"$dir/names"
}

# tls_ready: root and certificate are there and good for what YARD_BIND and YARD_NAMES name. Safe to ask again and again.
tls_ready() (
  tls_wanted || return 0
  umask 077
  dir=$YARD_DATA/tls
  mkdir -p "$dir"
  if [ -n "$YARD_CERT" ]; then
    cat "$YARD_KEY" "$YARD_CERT" >"$dir/server.pem.new"
    if cmp -s "$dir/server.pem.new" "$dir/server.pem"; then rm -f "$dir/server.pem.new"; else mv "$dir/server.pem.new" "$dir/server.pem"; fi
    # Tablets are offered no root that signed nothing of this.
    rm -f "$dir/names"
    return 0
  fi
  # A root that ends before the certificate would is made anew in good time; every tablet has to learn the new one.
  if [ ! -s "$dir/root.key" ] || ! openssl x509 -in "$dir/root.crt" -noout -checkend $(((TLS_LASTS_DAYS + TLS_RENEW_DAYS) * 86400)) >/dev/null 2>&1; then
    root_make "$dir"
    rm -f "$dir/names"
  fi
  if [ ! -s "$dir/server.pem" ] || ! tls_names | LC_ALL=C sort -u | cmp -s - "$dir/names" \
    || ! openssl x509 -in "$dir/server.pem" -noout -checkend $((TLS_RENEW_DAYS * 86400)) >/dev/null 2>&1; then
    server_make "$dir"
    keeper_note "the certificate was made anew: $(tr '\n' ' ' <"$dir/names")" 
  fi
)

# tls_due: whether it is time to look again: once a day.
tls_due() {
  tls_wanted && [ "${TLS_LOOKED:-}" != "$(date +%F)" ]
}
tls_daily() { TLS_LOOKED=$(date +%F); (tls_ready) 2>&1 | while read -r line; do keeper_note "certificate: $line"; done; }

fingerprint_of() { openssl x509 -in "$1" -noout -fingerprint -sha256 | cut -d= -f2; }

# tls_tell: where the shop is reached from, and what its tablets have to know.
tls_tell() {
  local dir=$YARD_DATA/tls one
  if ! tls_wanted; then say "This machine only. For tablets: YARD_BIND=ADDRESS ./yard $([ "$YARD_KIND" = shop ] && echo open || echo up), with this machine's address on the shop's network: $(machine_addresses | tr '\n' ' ')"; return 0; fi
  for one in $(tls_names | LC_ALL=C sort -u); do say "https://${one#*:}:$YARD_TLS_PORT"; done
  say "valid until $(openssl x509 -in "$dir/server.pem" -noout -enddate | cut -d= -f2)"
  [ -n "$YARD_CERT" ] || {
    for one in $(tls_addresses); do say "A tablet learns the root once, at http://$one:$YARD_ROOT_PORT"; done
    say "SHA-256 of the root: $(fingerprint_of "$dir/root.crt")"
  }
}
