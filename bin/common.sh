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
    # Started outside this shell's session, so that it lives on when the command returns.
    as_postgres setsid "$PG_BIN/pg_ctl" -D "$pg" -w -t 60 -l "$pg/server.log" \
        -o "-p $PG_PORT -c listen_addresses=127.0.0.1 -c unix_socket_directories='' ${PG_OPTIONS:-}" start >/dev/null 2>&1 \
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

wait_for_page() { # wait_for_page URL PID LOG
    local tries=0
    until curl -fsS -o /dev/null "$1" 2>/dev/null; do
        kill -0 "$2" 2>/dev/null || { tail -20 "$3" >&2; fail "the application stopped; its log is $3"; }
        tries=$((tries + 1))
        [ "$tries" -lt 240 ] || { tail -20 "$3" >&2; fail "the application did not answer within two minutes; its log is $3"; }
        sleep 0.5
    done
}
