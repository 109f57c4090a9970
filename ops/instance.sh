# An instance is one running copy with its own folder, ports and data: "demo" for people, "test" for tests.

use_instance() {
    INSTANCE=$1
    DIR="$ROOT/var/$INSTANCE"
    local base=0
    [ "$INSTANCE" = test ] && base=100
    if [ "$INSTANCE" = test ]; then
        WEB_PORT=${TINTA_TEST_PORT:-$((8360 + base))}
        DB_PORT=${TINTA_TEST_DB_PORT:-$((33360 + base))}
        SCALE_PORT=${TINTA_TEST_SCALE_PORT:-$((8361 + base))}
        BRIDGE_PORT=${TINTA_TEST_BRIDGE_PORT:-$((8362 + base))}
        FPM_PORT=${TINTA_TEST_FPM_PORT:-$((8363 + base))}
        DB_NAME=tinta_browser
    else
        WEB_PORT=${TINTA_PORT:-8360}
        DB_PORT=${TINTA_DB_PORT:-33360}
        SCALE_PORT=${TINTA_SCALE_PORT:-8361}
        BRIDGE_PORT=${TINTA_BRIDGE_PORT:-8362}
        FPM_PORT=${TINTA_FPM_PORT:-8363}
        DB_NAME=tinta
    fi
    mkdir -p "$DIR"/{run,log,nginx} "$DIR"/storage/{app/private,logs} "$DIR"/storage/framework/{cache,views,sessions}
    secret app_key "base64:$(head -c 32 /dev/urandom | base64 -w0)"
    secret db_password "$(head -c 24 /dev/urandom | base64 -w0 | tr -d '/+=')"
    export APP_ENV=$([ "$INSTANCE" = test ] && echo testing || echo production)
    export APP_KEY=$(cat "$DIR/app_key") APP_URL="http://127.0.0.1:$WEB_PORT" TINTA_STORAGE="$DIR/storage"
    export DB_HOST=127.0.0.1 DB_PORT DB_DATABASE=$DB_NAME DB_USERNAME=tinta DB_PASSWORD=$(cat "$DIR/db_password")
    export TINTA_SCALE_PORT=$SCALE_PORT TINTA_SCALE_SIMULATED=true TINTA_WEB_PORT=$WEB_PORT
}

# secret NAME VALUE : keeps the first value ever given
secret() {
    [ -s "$DIR/$1" ] || (umask 077 && printf '%s' "$2" >"$DIR/$1")
}

port_is_open() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

# is_running NAME : the process we started under that name is alive (and still ours)
is_running() {
    local pid
    pid=$(cat "$DIR/run/$1.pid" 2>/dev/null) || return 1
    [ -n "$pid" ] && tr '\0' ' ' <"/proc/$pid/cmdline" 2>/dev/null | grep -qF -- "$2"
}

# need_port PORT WHAT VARIABLE : a taken port is said before anything is started on it
need_port() {
    if port_is_open "$1"; then
        fail "Port $1 ($2) is taken by another program. Stop that program, or choose another port: $3=… ./tinta ${COMMAND:-start}"
    fi
}

# wait_for PORT WHAT LOG
wait_for() {
    for _ in $(seq 1 150); do
        port_is_open "$1" && return
        sleep 0.1
    done
    fail "$2 did not come up on port $1; see ${3#"$ROOT"/}."
}

# start_process NAME COMMAND... : in the background, its own session, output to a log, pid kept
start_process() {
    local name=$1
    shift
    setsid nohup "$@" >>"$DIR/log/$name.log" 2>&1 </dev/null &
    echo $! >"$DIR/run/$name.pid"
}

# stop_process NAME MARK : asks by id, waits, and insists only after ten seconds
stop_process() {
    local pid
    is_running "$1" "$2" || { rm -f "$DIR/run/$1.pid"; return 0; }
    pid=$(cat "$DIR/run/$1.pid")
    kill "$pid" 2>/dev/null || true
    for _ in $(seq 1 100); do
        kill -0 "$pid" 2>/dev/null || break
        sleep 0.1
    done
    kill -0 "$pid" 2>/dev/null && kill -9 "$pid" 2>/dev/null
    rm -f "$DIR/run/$1.pid"
}
