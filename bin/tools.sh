# What the project needs on a Debian machine: said first, then installed from Debian's packages.

node_is_new_enough() {
  command -v "$1" >/dev/null 2>&1 && "$1" -e 'const [a,b]=process.versions.node.split(".").map(Number);process.exit(a>20||a===20&&b>=19?0:1)' 2>/dev/null
}

# missing_packages [test]: what the tests want besides is told with it.
missing_packages() {
  case "$(javac -version 2>&1 || true)" in "javac 17"*) ;; *) echo openjdk-17-jdk-headless ;; esac
  command -v mvn >/dev/null 2>&1 || echo maven
  { command -v mariadbd || [ -x /usr/sbin/mariadbd ]; } >/dev/null 2>&1 || echo mariadb-server
  [ -x /usr/bin/chromium ] || echo chromium
  command -v curl >/dev/null 2>&1 || echo curl
  command -v openssl >/dev/null 2>&1 || echo openssl
  command -v hostname >/dev/null 2>&1 || echo hostname
  command -v npm >/dev/null 2>&1 || echo nodejs npm
  [ "${1:-}" = test ] || return 0
  # The tests play a second machine that learns the shop's certificate.
  command -v ip >/dev/null 2>&1 || echo iproute2
  command -v certutil >/dev/null 2>&1 || echo libnss3-tools
}

tools_install() {
  local missing as_root=""
  missing=$(missing_packages "${1:-}" | tr '\n' ' ')
  if [ -n "${missing// /}" ]; then
    [ "$(id -u)" = 0 ] || as_root=sudo
    [ -z "$as_root" ] || command -v sudo >/dev/null 2>&1 || fail "missing: $missing. Install them with apt-get as root, then run this again."
    say "installing from Debian's packages: $missing"
    $as_root apt-get update -qq
    # shellcheck disable=SC2086
    $as_root env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends $missing >"$YARD_DATA/apt.log" 2>&1 \
      || fail "apt-get failed; its output is in $YARD_DATA/apt.log"
  fi
  if ! node_is_new_enough node; then
    if ! node_is_new_enough "$HERE/.tools/node_modules/.bin/node"; then
      say "this Node is too old for the front end: installing Node 22 into .tools"
      npm install --silent --prefix "$HERE/.tools" node@22 npm@11 >"$YARD_DATA/node.log" 2>&1 || fail "npm failed; its output is in $YARD_DATA/node.log"
    fi
    export PATH="$HERE/.tools/node_modules/.bin:$PATH"
  fi
}

# maven GOALS…: tests of the Java modules build on one another, so always from the top.
maven() { mvn -B -ntp -Dstyle.color=never "$@"; }

sources_fingerprint() {
  { find pom.xml core/src core/pom.xml formats/src formats/pom.xml app/src/main app/pom.xml web/src web/index.html web/package.json \
    web/package-lock.json web/openapi.json web/vite.config.ts -type f ! -path 'web/src/api/schema.ts' -printf '%p %T@ %s\n' 2>/dev/null || true; } | sort | cksum
}

built_already() {
  [ "$(sources_fingerprint)" = "$(cat "$YARD_DATA/built" 2>/dev/null)" ] && [ -f "$YARD_DATA/app/hinge-yard-exec.jar" ]
}

build_if_changed() {
  ! built_already || return 0
  say "building (about two minutes the first time, its output is in $YARD_DATA/build.log)"
  maven -q -DskipTests -Dui.test.skip=true -pl app -am package >"$YARD_DATA/build.log" 2>&1 || { tail -n 30 "$YARD_DATA/build.log" >&2; fail "the build failed"; }
  # The running application keeps its own copy: a new build never pulls its classes away.
  application_stop
  rm -rf "$YARD_DATA/app" "$YARD_DATA/app.jsa"
  java -Djarmode=tools -jar app/target/hinge-yard-exec.jar extract --destination "$YARD_DATA/app" >/dev/null
  sources_fingerprint >"$YARD_DATA/built"
}

doctor() {
  local wrong=0 missing
  missing=$(missing_packages | tr '\n' ' ')
  if [ -n "${missing// /}" ]; then say "missing packages: $missing(./yard up installs them)"; wrong=1; else say "packages: all there"; fi
  if command -v node >/dev/null 2>&1; then
    if node_is_new_enough node; then say "node: $(node --version)"
    else say "node: $(node --version) is older than 20.19 (./yard up puts a newer one into .tools)"; fi
  else say "node: not there (./yard up installs it)"; wrong=1; fi
  for what in app db; do
    local file=$YARD_DATA/$what.pid port=$YARD_PORT
    [ $what = db ] && port=$YARD_DB_PORT
    if [ -f "$file" ] && ! runs "$(cat "$file")"; then
      say "$what: $file names process $(cat "$file"), which is gone (./yard up clears it)"; wrong=1
    elif [ -f "$file" ]; then say "$what: running as process $(cat "$file") on port $port"
    elif port_taken "$port"; then say "$what: port $port is taken by another program (choose another with $([ $what = db ] && echo YARD_DB_PORT || echo YARD_PORT))"; wrong=1
    else say "$what: not running, port $port is free"; fi
  done
  local free
  free=$(df -Pm "$YARD_DATA" | awk 'NR==2{print $4}')
  if pid_alive "$YARD_DATA/db.pid" && [ -d "$YARD_DATA/app/lib" ]; then
    # The same words as the page of the shop's health.
    database_settings
    YARD_DATA=$YARD_DATA YARD_BIND=${YARD_BIND:-} YARD_TLS_PORT=$YARD_TLS_PORT java -cp "$YARD_DATA/app/lib/*" hingeyard.formats.HealthCommand || wrong=1
  elif [ "$free" -lt 2048 ]; then say "disk: only $free MB free in $YARD_DATA, about 2000 are wanted"; wrong=1
  else say "disk: $free MB free"; fi
  return $wrong
}
