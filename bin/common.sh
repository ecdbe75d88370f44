# Shared by the commands in this folder: where things are, what has to be installed, PostgreSQL, building.
# Sourced, never run by itself.

set -euo pipefail

RETAZO_HOME="$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)"
PG_BIN=""

say() { printf '%s\n' "$*"; }
fail() { printf 'Retazo: %s\n' "$*" >&2; exit 1; }

as_root() {
    if [ "$(id -u)" = 0 ]; then
        "$@"
    elif command -v sudo >/dev/null; then
        sudo "$@"
    else
        fail "this needs root: $*. Run it as root, or install sudo."
    fi
}

# install_missing COMMAND=PACKAGE... : installs the Debian packages whose commands are not there.
install_missing() {
    local missing=() entry
    for entry in "$@"; do
        command -v "${entry%%=*}" >/dev/null || missing+=("${entry#*=}")
    done
    [ ${#missing[@]} = 0 ] && return 0
    install_packages "${missing[@]}"
}

install_packages() {
    command -v apt-get >/dev/null || fail "missing: $*. Only Debian's packages can be installed here; please install them yourself."
    say "Installing from Debian's packages: $*"
    local log
    log="$(mktemp)"
    (
        flock 8
        as_root env DEBIAN_FRONTEND=noninteractive apt-get update -qq &&
            as_root env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "$@"
    ) 8>/tmp/.retazo-apt.lock >"$log" 2>&1 || { tail -20 "$log" >&2; fail "could not install: $*"; }
    rm -f "$log"
}

require_java() {
    if ! command -v javac >/dev/null || ! javac -version 2>&1 | grep -Eq ' (1[7-9]|[2-9][0-9])'; then
        install_packages openjdk-17-jdk-headless
    fi
    install_missing mvn=maven
}

require_node() {
    command -v node >/dev/null || install_packages nodejs npm
    command -v npm >/dev/null || install_packages npm
}

require_postgres() {
    find_postgres || install_packages postgresql
    find_postgres || fail "PostgreSQL 15 or newer was not found under /usr/lib/postgresql."
    install_missing runuser=util-linux
}

find_postgres() {
    local dir
    dir="$(ls -d /usr/lib/postgresql/*/bin 2>/dev/null | sort -V | tail -1)" || true
    [ -n "$dir" ] && [ -x "$dir/initdb" ] && PG_BIN="$dir"
}

# PostgreSQL refuses to run as root; then it runs as the user 'postgres' of Debian's package.
as_postgres() {
    if [ "$(id -u)" = 0 ]; then runuser -u postgres -- "$@"; else "$@"; fi
}

# usable_data_dir DIR : prints a folder that PostgreSQL's user can reach; DIR itself, or one under /var/lib where DIR's
# parents are closed to it (a checkout below /root, say).
usable_data_dir() {
    mkdir -p "$1"
    local dir
    dir="$(cd "$1" && pwd)"
    if [ "$(id -u)" = 0 ] && ! runuser -u postgres -- test -x "$dir"; then
        local other="/var/lib/retazo-$(printf '%s' "$dir" | cksum | cut -d' ' -f1)"
        mkdir -p "$other"
        chmod 755 "$other"
        printf 'Retazo: PostgreSQL cannot reach %s (a folder above it is closed to other users); the data is in %s.\n' "$dir" "$other" >&2
        dir="$other"
    fi
    printf '%s' "$dir"
}

free_port() {
    local port
    for port in $(seq "$1" $(($1 + 400))); do
        if ! (exec 3<>"/dev/tcp/127.0.0.1/$port") 2>/dev/null; then
            printf '%s' "$port"
            return 0
        fi
    done
    fail "no free port from $1 on."
}

random_secret() { head -c 24 /dev/urandom | base64 | tr -d '+/=\n' | cut -c1-24; }

# start_postgres DIR FIRST_PORT : a cluster of its own in DIR/postgres on loopback; sets PG_PORT and the two passwords.
start_postgres() {
    local dir="$1" pg="$1/postgres"
    if [ ! -s "$pg/PG_VERSION" ]; then
        rm -rf "$pg"
        mkdir -p "$pg"
        random_secret >"$dir/owner.secret"
        random_secret >"$dir/app.secret"
        random_secret >"$dir/admin.secret"
        chmod 600 "$dir"/*.secret
        [ "$(id -u)" = 0 ] && chown postgres "$pg" && install -o postgres -m 600 "$dir/admin.secret" "$pg.pw"
        [ -e "$pg.pw" ] || install -m 600 "$dir/admin.secret" "$pg.pw"
        chmod 700 "$pg"
        as_postgres "$PG_BIN/initdb" -D "$pg" -U admin --pwfile="$pg.pw" --auth=scram-sha-256 -E UTF8 --locale=C.UTF-8 >"$dir/initdb.log" 2>&1 \
            || { tail -5 "$dir/initdb.log" >&2; rm -rf "$pg"; fail "could not make a database in $pg"; }
        rm -f "$pg.pw"
    fi
    PG_OWNER_PASSWORD="$(cat "$dir/owner.secret")"
    PG_APP_PASSWORD="$(cat "$dir/app.secret")"
    if as_postgres "$PG_BIN/pg_ctl" -D "$pg" status >/dev/null 2>&1; then
        PG_PORT="$(sed -n 4p "$pg/postmaster.pid")"
        return 0
    fi
    PG_PORT="$(free_port "$2")"
    # Started outside this shell's session, so that it lives on when the command returns, and without the locks that it holds.
    as_postgres setsid "$PG_BIN/pg_ctl" -D "$pg" -w -t 60 -l "$pg/server.log" \
        -o "-p $PG_PORT -c listen_addresses=127.0.0.1 -c unix_socket_directories='' ${PG_OPTIONS:-}" start >/dev/null 2>&1 8>&- 9>&- \
        || { tail -5 "$pg/server.log" >&2; fail "PostgreSQL did not start in $pg"; }
}

stop_postgres() {
    [ -s "$1/postgres/PG_VERSION" ] || return 0
    as_postgres "$PG_BIN/pg_ctl" -D "$1/postgres" -m fast -w stop >/dev/null 2>&1 || true
}

sql() { # sql DIR DATABASE STATEMENT
    PGPASSWORD="$(cat "$1/admin.secret")" "$PG_BIN/psql" -h 127.0.0.1 -p "$PG_PORT" -U admin -d "$2" -v ON_ERROR_STOP=1 -qAtc "$3"
}

# make_database DIR NAME : the two roles and the database, if they are not there.
make_database() {
    if [ -z "$(sql "$1" postgres "SELECT 1 FROM pg_roles WHERE rolname = 'retazo_owner'")" ]; then
        sql "$1" postgres "CREATE ROLE retazo_owner LOGIN PASSWORD '$PG_OWNER_PASSWORD'"
        sql "$1" postgres "CREATE ROLE retazo_app LOGIN PASSWORD '$PG_APP_PASSWORD'"
    fi
    if [ -z "$(sql "$1" postgres "SELECT 1 FROM pg_database WHERE datname = '$2'")" ]; then
        sql "$1" postgres "CREATE DATABASE $2 OWNER retazo_owner"
    fi
}

export_database() { # export_database NAME
    export RETAZO_DB_URL="jdbc:postgresql://127.0.0.1:$PG_PORT/$1"
    export RETAZO_DB_USER=retazo_app RETAZO_DB_PASSWORD="$PG_APP_PASSWORD"
    export RETAZO_DB_OWNER=retazo_owner RETAZO_DB_OWNER_PASSWORD="$PG_OWNER_PASSWORD"
}

# The style and font packages, once per lock file. npm leaves out the native part of the style builder where the part's
# engine field asks for a newer Node than Debian 12 has, although it runs there; then it is asked for by name.
require_node_modules() {
    (
        flock 9
        local stamp="$RETAZO_HOME/app/node_modules/.retazo-lock"
        if ! cmp -s "$RETAZO_HOME/app/package-lock.json" "$stamp"; then
            require_node
            say "Fetching style and font packages"
            (cd "$RETAZO_HOME/app" && npm ci --no-audit --no-fund --loglevel=error >/dev/null \
                && { node -e 'require("@tailwindcss/oxide")' 2>/dev/null || require_native_styles; }) \
                || fail "npm could not fetch the packages of app/package.json"
            cp "$RETAZO_HOME/app/package-lock.json" "$stamp"
        fi
        require_node
    ) 9>"$RETAZO_HOME/app/.npm.lock"
}

require_native_styles() {
    npm install --no-save --force --no-audit --no-fund --loglevel=error \
        "@tailwindcss/oxide-linux-$(node -p process.arch)-gnu@$(node -p 'require("@tailwindcss/oxide/package.json").version')" >/dev/null
}

# jars MODULE SCOPE TARGET : compiles, and prints the jars of a module's dependencies, as a class path.
jars() {
    local list
    list="$(mktemp)"
    (cd "$RETAZO_HOME" && mvn -B -q -ntp -Dstyle.color=never -Dretazo.target="$3" -pl "core,$1" test-compile dependency:build-classpath \
        -Dmdep.includeScope="$2" -Dmdep.outputFile="$list" >&2)
    tr ':' '\n' <"$list" | grep -v retazo-core | paste -sd: -
    rm -f "$list"
}

maven() { (cd "$RETAZO_HOME" && mvn -B -q -ntp -Dstyle.color=never "$@"); }

# One number for all that the application is built from.
source_mark() {
    (cd "$RETAZO_HOME" && find pom.xml .mvn core/pom.xml core/src/main app/pom.xml app/package-lock.json app/src/main bench/pom.xml -type f -print0 \
        | sort -z | xargs -0 cksum | cksum | cut -d' ' -f1)
}

# build_application : leaves app/target/retazo.jar, built only when a source has changed.
build_application() {
    (
        flock 9
        local mark jar="$RETAZO_HOME/app/target/retazo.jar"
        mark="$(source_mark)"
        if [ ! -s "$jar" ] || [ "$(cat "$jar.mark" 2>/dev/null)" != "$mark" ]; then
            require_node_modules
            say "Building the application"
            maven package -DskipTests -pl core,app || fail "the build failed; the messages above say where."
            printf '%s' "$mark" >"$jar.mark"
        fi
    ) 9>"$RETAZO_HOME/.build.lock"
}

# is_application PID DIR : whether this process is the application of the shop in DIR, and not another one that got its number since.
is_application() { [ -n "$1" ] && tr '\0' ' ' 2>/dev/null <"/proc/$1/cmdline" | grep -qF "$2/run/app/retazo.jar"; }

# wait_for_page URL PID DIR : however long it takes, as long as the application lives; says every quarter of a minute that it does.
wait_for_page() {
    local begun="$SECONDS" told="$SECONDS" log="$3/retazo.log"
    until curl -fsS -m 5 -o /dev/null "$1" 2>/dev/null; do
        is_application "$2" "$3" || { tail -20 "$log" >&2; fail "the application stopped; its log is $log. Start it again with the same command."; }
        if [ $((SECONDS - told)) -ge 15 ]; then
            told="$SECONDS"
            say "Still starting, $((SECONDS - begun)) s: $(tail -1 "$log" | cut -c1-100)"
        fi
        sleep 0.3
    done
}

# lay_out_application DIR : the built application beside its libraries, where it starts some seconds sooner than out of one packed file.
lay_out_application() {
    if [ ! -d "$1" ] || [ "$RETAZO_HOME/app/target/retazo.jar" -nt "$1" ]; then
        rm -rf "$1" "$1.new"
        java -Djarmode=tools -jar "$RETAZO_HOME/app/target/retazo.jar" extract --destination "$1.new"
        mv "$1.new" "$1"
        touch "$1"
    fi
}

# open_shop DIR : the database of the shop in DIR, or that of RETAZO_DB_URL; one that stood still is started, and stopped with this command.
open_shop() {
    [ -n "${RETAZO_DB_URL:-}" ] && return 0
    require_postgres
    [ -s "$1/postgres/PG_VERSION" ] || fail "there is no shop in $1. Name its folder with --data DIR."
    if ! as_postgres "$PG_BIN/pg_ctl" -D "$1/postgres" status >/dev/null 2>&1; then
        OPENED_SHOP="$1"
        trap 'stop_postgres "$OPENED_SHOP"' EXIT
    fi
    start_postgres "$1" 5480
    export_database retazo
}

# in_shop DIR OPTION... : runs the application once for what the options ask, without a page.
in_shop() {
    local dir="$1"
    shift
    require_java
    build_application
    open_shop "$dir"
    mkdir -p "$dir/run"
    lay_out_application "$dir/run/app"
    java -XX:+UseSerialGC -XX:TieredStopAtLevel=1 -jar "$dir/run/app/retazo.jar" --server.port=0 --server.address=127.0.0.1 \
        --spring.main.banner-mode=off --spring.main.log-startup-info=false --logging.level.root=error --logging.pattern.console='%m%n' "$@"
}

# connect_tools : lets the tools of PostgreSQL reach the database as the one that owns the tables.
connect_tools() {
    local address="${RETAZO_DB_URL#jdbc:postgresql://}"
    local server="${address%%/*}" name="${address#*/}"
    find_postgres || fail "the tools of PostgreSQL were not found under /usr/lib/postgresql; install its client."
    export PGHOST="${server%%:*}" PGPORT=5432 PGDATABASE="${name%%\?*}" PGUSER="$RETAZO_DB_OWNER" PGPASSWORD="$RETAZO_DB_OWNER_PASSWORD" PGTZ=UTC
    case "$server" in *:*) PGPORT="${server##*:}" ;; esac
}

# What tells two states of a shop apart: for every table its name, its rows and a sum over all that stands in them. Who is signed in is left out.
TABLE_SUMS="SELECT format('SELECT %L, count(*), coalesce(sum((''x'' || left(md5(t::text), 16))::bit(64)::bigint::numeric), 0) FROM %I t',
    c.relname, c.relname)
  FROM pg_class c WHERE c.relkind = 'r' AND c.relnamespace = 'public'::regnamespace AND c.relname NOT LIKE 'spring\_session%' ORDER BY 1 \\gexec"
