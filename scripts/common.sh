# Shared by run, test and bench. Sourced, not run.
say() { printf '\033[1m▸\033[0m %s\n' "$*"; }
fail() { printf '\nDatura: %s\n' "$*" >&2; exit 1; }

top=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
export DOTNET_CLI_TELEMETRY_OPTOUT=1 DOTNET_NOLOGO=1 DOTNET_SKIP_FIRST_TIME_EXPERIENCE=1 npm_config_fund=false npm_config_audit=false npm_config_update_notifier=false

# need COMMAND-TEST PACKAGE…: installs Debian packages when the test fails; as root, otherwise says the one line to run.
need() {
  local test="$1"; shift
  eval "$test" >/dev/null 2>&1 && return 0
  if [ "$(id -u)" = 0 ]; then
    say "installing $* from Debian's packages"
    apt-get update -qq >/dev/null && DEBIAN_FRONTEND=noninteractive apt-get install -y -qq "$@" >/dev/null || fail "could not install $*. Check the network and try again."
  else
    fail "$* is missing. Run this line, then start again:  sudo apt-get update && sudo apt-get install -y $*"
  fi
}

need_tools() {
  command -v dotnet >/dev/null || fail "the .NET 10 SDK is missing. Install it from your system's packages (dotnet-sdk-10.0) and start again."
  dotnet --list-sdks | grep -q '^10\.' || fail "the .NET 10 SDK is needed; 'dotnet --list-sdks' shows only: $(dotnet --list-sdks | tr '\n' ' ')"
  command -v npm >/dev/null || fail "Node.js 20.19 or newer with npm is missing. Install it and start again."
}

pg_bin() { ls -d /usr/lib/postgresql/*/bin 2>/dev/null | sort -V | tail -n 1; }

need_postgres() { need '[ -x "$(pg_bin)/initdb" ]' postgresql; }

# PostgreSQL refuses to run as root, so root hands the cluster to the user postgres, from a folder that user may enter.
as_pg() { if [ "$(id -u)" = 0 ]; then (cd / && exec runuser -u postgres -- "$@"); else "$@"; fi; }

# Where a cluster of this clone lives: outside the clone, since postgres may not enter a clone under /root.
pg_home() {
  local name; name="$(printf '%s' "$top" | cksum | cut -d' ' -f1)"
  if [ "$(id -u)" = 0 ]; then echo "/var/lib/datura/$name"; else echo "${XDG_DATA_HOME:-$HOME/.local/share}/datura/$name"; fi
}

free_port() { node -e 'const s=require("net").createServer();s.listen(0,"127.0.0.1",()=>{console.log(s.address().port);s.close()})'; }

# A password as no one guesses it.
secret() { head -c 24 /dev/urandom | base64 | tr -d '+/=\n'; }

# sql PORT DATABASE COMMAND [USER]: as the cluster's own administrator, unless another is named. By its input: what stands in a command's
# words every user of the machine can read.
sql() { PGOPTIONS="-c client_min_messages=warning" as_pg "$(pg_bin)/psql" -h 127.0.0.1 -p "$1" -U "${4:-datura_admin}" -d "$2" -v ON_ERROR_STOP=1 -Atq <<<"$3"; }

# pg_port DIR: the port of this cluster, the same at every start, so that the service finds a database that was restarted.
pg_port() {
  local port; port="$(cat "$1/port" 2>/dev/null || true)"
  if [ -z "$port" ] || ! node -e 'const s=require("net").createServer();s.on("error",()=>process.exit(1));s.listen(+process.argv[1],"127.0.0.1",()=>s.close())' "$port"; then
    port="$(free_port)"
    echo "$port" > "$1/port"
  fi
  echo "$port"
}

# pg_start DIR: starts (and on first use creates) a private cluster on loopback; sets PG_PORT, PG_STARTED and PGPASSFILE. Its roles are
# datura_admin; datura, whom the tables belong to and who may do nothing outside its own databases; and datura_service, who may use the tables
# and change none of their rules. Their passwords stand in DIR/pass, for its owner's eyes alone.
pg_start() {
  local dir="$1" bin; bin="$(pg_bin)"
  export PGPASSFILE="$dir/pass"
  if [ ! -f "$dir/data/PG_VERSION" ]; then
    mkdir -p "$dir"
    pg_pass "$dir"
    (umask 077; sed -n 's/.*:datura_admin://p' "$dir/pass" > "$dir/first")
    [ "$(id -u)" != 0 ] || chown -R postgres "$dir"
    as_pg "$bin/initdb" -D "$dir/data" -U datura_admin --auth=scram-sha-256 --pwfile="$dir/first" -E UTF8 --no-sync >/dev/null || fail "the database cluster could not be created in $dir."
    rm -f "$dir/first"
  fi
  if as_pg "$bin/pg_ctl" -D "$dir/data" status >/dev/null 2>&1; then
    PG_PORT=$(sed -n 4p "$dir/data/postmaster.pid"); PG_STARTED=
  else
    PG_PORT=$(pg_port "$dir"); PG_STARTED=1
    as_pg "$bin/pg_ctl" -D "$dir/data" -w -s -l "$dir/log" -o "-p $PG_PORT -c listen_addresses=127.0.0.1 -c unix_socket_directories= -c max_connections=100" start \
      || fail "the database did not start. Its log: $dir/log"
  fi
  [ -f "$dir/pass" ] || pg_lock_up "$dir"
  grep -q ':datura_service:' "$dir/pass" || printf '*:*:*:datura_service:%s\n' "$(secret)" >> "$dir/pass"
  local role
  for role in datura datura_service; do
    [ -n "$(sql "$PG_PORT" postgres "select 1 from pg_roles where rolname = '$role'")" ] \
      || sql "$PG_PORT" postgres "create role $role login password '$(sed -n "s/.*:$role://p" "$dir/pass")'" || fail "the database's user could not be made. Its log: $dir/log"
  done
}

# pg_pass DIR: makes the passwords.
pg_pass() {
  (umask 077; printf '*:*:*:datura_admin:%s\n*:*:*:datura:%s\n' "$(secret)" "$(secret)" > "$1/pass")
  [ "$(id -u)" != 0 ] || chown postgres "$1/pass"
}

# pg_lock_up DIR: a running cluster from before there were passwords gets them; its only user was datura, who could do everything.
pg_lock_up() {
  local dir="$1" db
  pg_pass "$dir"
  sql "$PG_PORT" postgres "create role datura_moving superuser login" datura \
    && sql "$PG_PORT" postgres "set password_encryption = 'scram-sha-256'; alter role datura rename to datura_admin; alter role datura_admin password '$(sed -n 's/.*:datura_admin://p' "$dir/pass")'; create role datura login password '$(sed -n 's/.*:datura://p' "$dir/pass")'" datura_moving \
    || { rm -f "$dir/pass"; fail "the database could not be given passwords. Nothing was lost; its log: $dir/log"; }
  for db in $(sql "$PG_PORT" postgres "select datname from pg_database where not datistemplate and datname <> 'postgres'"); do
    sql "$PG_PORT" postgres "alter database \"$db\" owner to datura"
    sql "$PG_PORT" "$db" "do \$\$ declare t record; begin for t in select tablename from pg_tables where schemaname = 'public' loop execute format('alter table public.%I owner to datura', t.tablename); end loop; end \$\$"
  done
  sql "$PG_PORT" postgres "drop role datura_moving"
  sed -i 's/trust$/scram-sha-256/' "$dir/data/pg_hba.conf"
  as_pg "$(pg_bin)/pg_ctl" -D "$dir/data" -s reload
}

# db_string DATABASE [ROLE]: how the service reaches a database of the cluster that was started; as datura it brings it up to date.
db_string() { echo "Host=127.0.0.1;Port=$PG_PORT;Username=${2:-datura_service};Passfile=$PGPASSFILE;Database=$1"; }

# make_database NAME: an empty one that belongs to the service.
make_database() { sql "$PG_PORT" postgres "create database \"$1\" owner datura"; }

pg_stop() { as_pg "$(pg_bin)/pg_ctl" -D "$1/data" -m fast -s stop >/dev/null 2>&1 || true; }

# stamp FILE PATH…: true when nothing under the paths changed since the stamp was written.
fingerprint() { (cd "$top" && find "$@" -type f -not -path '*/node_modules/*' -not -path '*/bin/*' -not -path '*/obj/*' -not -path '*/dist/*' -print0 | sort -z | xargs -0 cksum | cksum); }

build_web() {
  local now; now="$(fingerprint web)"
  if [ "$now" != "$(cat "$top/.build/web.stamp" 2>/dev/null)" ] || [ ! -f "$top/web/dist/index.html" ]; then
    local lock; lock="$(cksum < "$top/web/package-lock.json")"
    if [ "$lock" != "$(cat "$top/.build/npm.stamp" 2>/dev/null)" ] || [ ! -d "$top/web/node_modules" ]; then
      say "fetching the front end's packages"
      (cd "$top/web" && npm ci --no-progress --loglevel=error) || fail "npm could not fetch the front end's packages."
      mkdir -p "$top/.build"; echo "$lock" > "$top/.build/npm.stamp"
    fi
    say "building the front end"
    (cd "$top/web" && npm run --silent build >"$top/.build/web.log" 2>&1) || { cat "$top/.build/web.log" >&2; fail "the front end did not build."; }
    echo "$now" > "$top/.build/web.stamp"
  fi
}

# build_app [--no-build]: with the word, from what the solution's build has made.
build_app() {
  local now; now="$(fingerprint src demo Directory.Build.props Directory.Packages.props) $(cat "$top/.build/web.stamp" 2>/dev/null)"
  if [ "$now" != "$(cat "$top/.build/app.stamp" 2>/dev/null)" ] || [ ! -f "$top/.build/app/Datura.Web.dll" ]; then
    say "building the service"
    rm -rf "$top/.build/app"
    (cd "$top" && dotnet publish src/Datura.Web -c Release -o .build/app --nologo -v q "$@" >"$top/.build/app.log" 2>&1) || { cat "$top/.build/app.log" >&2; fail "the service did not build."; }
    rm -rf "$top/.build/app/wwwroot"; cp -r "$top/web/dist" "$top/.build/app/wwwroot"
    echo "$now" > "$top/.build/app.stamp"
  fi
}

# wait_for URL PID: until it answers, for at most a minute.
wait_for() {
  for _ in $(seq 1 240); do
    curl -fs -o /dev/null --max-time 2 "$1" && return 0
    kill -0 "$2" 2>/dev/null || return 1
    sleep 0.25
  done
  return 1
}
