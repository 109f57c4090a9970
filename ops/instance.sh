# An instance is one running copy with its own folder, ports, sockets and data: "demo" for people, "test" for tests.

# The demo, or a salon of one's own beside it: each with its own folder and data, one of them at work at a time.
chosen_instance() {
    local chosen=${TINTA_INSTANCE:-$(cat "$ROOT/var/current" 2>/dev/null || echo demo)}
    case "$chosen" in demo | salon | drill | test | test[23] | group | cluster[1-9]) printf '%s' "$chosen" ;; *) printf 'demo' ;; esac
}

# choose_instance --empty|--demo : which of the two is started from now on; the other is laid aside as it is
choose_instance() {
    local wanted other
    case "$1" in
        '') return 0 ;;
        --empty) wanted=salon other=demo ;;
        --demo) wanted=demo other=salon ;;
        *) fail "There is no ./tinta start $1. Say --empty for a salon of your own, or --demo for the demo." ;;
    esac
    [ -z "${TINTA_INSTANCE:-}" ] || fail 'TINTA_INSTANCE says already which one is meant; leave it out, or leave out the option.'
    if [ -d "$ROOT/var/$other" ]; then
        use_instance "$other"
        if [ -n "$(instance_processes)" ]; then
            say "Laying the ${other/salon/own salon} aside"
            stop_keeper
            stop_web
            stop_database
            stop_supervisor
            end_orphans
        fi
    fi
    mkdir -p "$ROOT/var"
    printf '%s' "$wanted" >"$ROOT/var/current"
}

# Tests have several: lanes of browser tests work beside each other.
is_for_tests() { [[ "$INSTANCE" == test* ]]; }

use_instance() {
    INSTANCE=$1
    DIR="$ROOT/var/$INSTANCE"
    local base=0
    [ "$INSTANCE" = test ] && base=100
    [ "$INSTANCE" = drill ] && base=200
    [ "$INSTANCE" = group ] && base=300
    [ "$INSTANCE" = test2 ] && base=400
    [ "$INSTANCE" = test3 ] && base=450
    [[ "$INSTANCE" == cluster[1-9] ]] && base=$((500 + 10 * ${INSTANCE#cluster}))
    DB_NAME=tinta
    is_for_tests && DB_NAME=tinta_browser
    if [ "$INSTANCE" = test ]; then
        WEB_PORT=${TINTA_TEST_PORT:-$((8360 + base))}
        SCALE_PORT=${TINTA_TEST_SCALE_PORT:-$((8361 + base))}
        BRIDGE_PORT=${TINTA_TEST_BRIDGE_PORT:-$((8362 + base))}
        SCALE2_PORT=${TINTA_TEST_SCALE2_PORT:-$((8363 + base))}
    elif is_for_tests; then
        WEB_PORT=$((8360 + base))
        SCALE_PORT=$((WEB_PORT + 1)) BRIDGE_PORT=$((WEB_PORT + 2)) SCALE2_PORT=$((WEB_PORT + 3))
    else
        WEB_PORT=${TINTA_PORT:-$((8360 + base))}
        SCALE_PORT=${TINTA_SCALE_PORT:-$((8361 + base))}
        BRIDGE_PORT=${TINTA_BRIDGE_PORT:-$((8362 + base))}
        SCALE2_PORT=${TINTA_SCALE2_PORT:-$((8363 + base))}
    fi
    TLS_PORT=${TINTA_TLS_PORT:-$((8443 + base))}
    TLS_LISTEN=${TINTA_LISTEN:-0.0.0.0}
    choose_own_user
    own_folders
    SECRETS="$DIR/secrets"
    keep_secrets
    SOCKETS=$(socket_folder)
    DB_SOCKET="$SOCKETS/sql.sock"
    FPM_SOCKET="$SOCKETS/fpm.sock"
    SEARCH_SOCKET="$SOCKETS/search.sock"
    local env=production
    is_for_tests && env=testing
    export_cluster
    export TINTA_NOTES_KEYS
    TINTA_NOTES_KEYS=$(cat "$SECRETS/notes_keys")
    local address="http://127.0.0.1:$WEB_PORT"
    if [ -s "$DIR/tls/name" ]; then address="https://$(cat "$DIR/tls/name"):$TLS_PORT"; fi
    export APP_ENV=$env APP_KEY APP_URL="$address" TINTA_STORAGE="$DIR/storage"
    export APP_PACKAGES_CACHE="$DIR/storage/framework/packages.php" APP_SERVICES_CACHE="$DIR/storage/framework/services.php"
    export DB_SOCKET DB_DATABASE=$DB_NAME DB_USERNAME=tinta_app DB_PASSWORD
    # In the tests' instance a new salon begins beside the demo, whoever starts the application anew.
    if is_for_tests; then export TINTA_HOSTED=true; fi
    export TINTA_SCALE_PORT=$SCALE_PORT TINTA_SCALE2_PORT=$SCALE2_PORT TINTA_SCALE_SIMULATED=true TINTA_WEB_PORT=$WEB_PORT TINTA_BRIDGE_PORT=$BRIDGE_PORT
    # Through whom mail goes out, where somebody has said it once in this file or says it now.
    if [ -s "$SECRETS/mail_url" ] && [ -z "${TINTA_MAIL_URL:-}" ]; then TINTA_MAIL_URL=$(cat "$SECRETS/mail_url"); export TINTA_MAIL_URL; fi
    APP_KEY=$(cat "$SECRETS/app_key")
    DB_PASSWORD=$(cat "$SECRETS/db_app")
}

# Nobody but the own user may look into the data; what root must keep from it is root's.
own_folders() {
    mkdir -p "$ROOT/var"
    chmod 700 "$ROOT/var"
    (
        umask 077
        mkdir -p "$DIR"/{run,log,nginx,backups,binlog,tmp} "$DIR"/storage/{app/private,logs} "$DIR"/storage/framework/{cache,views,sessions}
        mkdir -p "$DIR/secrets"
    )
    if [ "$(id -u)" -eq 0 ]; then
        chown "$OWN_USER:" "$ROOT/var"
        # A folder of an earlier release, or one that was cut off in the making, may still be root's.
        local owned
        owned=$(stat -c %U "$DIR" "$DIR"/{run,log,nginx,backups,binlog,tmp,storage,storage/logs} "$DIR"/nginx/* "$DIR"/mysql 2>/dev/null | sort -u | tr '\n' ' ') || true
        if [ "$owned" != "$OWN_USER " ]; then
            chown -R "$OWN_USER:" "$DIR"
        fi
        chown root: "$DIR/secrets"
    fi
    find "$DIR" -maxdepth 1 -type d -perm /077 -exec chmod 700 {} +
    find "$DIR/log" "$DIR/storage/logs" -type f -perm /077 -exec chmod 600 {} + 2>/dev/null || true
}

keep_secrets() {
    # The key of an earlier release keeps its sessions.
    if [ -s "$DIR/app_key" ] && [ ! -s "$SECRETS/app_key" ]; then
        mv "$DIR/app_key" "$SECRETS/app_key"
    fi
    rm -f "$DIR/app_key" "$DIR/db_password"
    secret app_key "base64:$(head -c 32 /dev/urandom | base64 -w0)"
    # Seals notes about somebody's health. A backup carries it: without it they are lost.
    secret notes_keys "$(head -c 32 /dev/urandom | base64 -w0)"
    for each in db_root db_owner db_app db_backup; do
        secret "$each" "$(head -c 24 /dev/urandom | base64 -w0 | tr -d '/+=')"
    done
}

# secret NAME VALUE : keeps the first value ever given; whole or not at all
secret() {
    [ -s "$SECRETS/$1" ] && return
    (umask 077 && printf '%s' "$2" >"$SECRETS/$1.new" && mv "$SECRETS/$1.new" "$SECRETS/$1")
    if [ "$(id -u)" -eq 0 ]; then chown root: "$SECRETS/$1"; fi
}

# A socket's address may have no more than 107 letters: in a deep checkout it moves into a short folder of the own user's.
socket_folder() {
    local folder="$DIR/run"
    if [ "${#folder}" -gt 90 ]; then
        folder="/tmp/tinta-$(printf '%s' "$DIR" | sha256sum | cut -c1-12)"
        mkdir -p -m 700 "$folder"
        if [ "$(id -u)" -eq 0 ]; then chown "$OWN_USER:" "$folder"; fi
        [ "$(stat -c '%U %a' "$folder")" = "$OWN_USER 700" ] || fail "The folder $folder belongs to somebody else. Take it away, or move this checkout to a shorter path."
    fi
    printf '%s' "$folder"
}

port_is_open() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

# is_running NAME MARK : the process we started under that name is alive (and still ours)
is_running() {
    local pid
    pid=$(cat "$DIR/run/$1.pid" 2>/dev/null) || return 1
    [ -n "$pid" ] && { tr '\0' ' ' <"/proc/$pid/cmdline"; } 2>/dev/null | grep -qF -- "$2"
}

# need_port PORT WHAT VARIABLE : a taken port is said before anything is started on it
need_port() {
    if port_is_open "$1"; then
        fail "Port $1 ($2) is taken by another program. Stop that program, or choose another port: $3=… ./tinta ${COMMAND:-start}"
    fi
}

# wait_until WHAT LOG MARK_NAME MARK COMMAND... : until the command succeeds, while the process lives
wait_until() {
    local what=$1 log=$2 name=$3 mark=$4
    shift 4
    for _ in $(seq 1 "${WAIT_TENTHS:-300}"); do
        "$@" >/dev/null 2>&1 && return
        sleep 0.1
        is_running "$name" "$mark" || { sleep 0.5; is_running "$name" "$mark" || break; }
    done
    "$@" >/dev/null 2>&1 && return
    # It is not tried again and again where it cannot come up.
    if [ -d "$DIR/sv/$name" ]; then touch "$DIR/sv/$name/down"; "${OWN[@]}" sv -w 2 force-stop "$DIR/sv/$name" >/dev/null 2>&1 || true; fi
    fail "$what did not come up; see ${log#"$ROOT"/}."
}

# A process that has ended and that nobody has asked about yet is not alive.
is_alive() { [ "$(awk '/^State:/ {print $2}' "/proc/$1/status" 2>/dev/null || echo Z)" != Z ]; }

end_process() {
    kill "$1" 2>/dev/null || return 0
    for _ in $(seq 1 100); do
        is_alive "$1" || return 0
        sleep 0.1
    done
    kill -9 "$1" 2>/dev/null || true
}

# What runs in the instance's folder: everything we start does, and its children with it. One line each: id and name.
instance_processes() {
    local each cwd exe
    for each in /proc/[0-9]*; do
        cwd=$(readlink "$each/cwd" 2>/dev/null) || continue
        case "$cwd" in "$DIR" | "$DIR/sv"/* | "$DIR/mysql" | "$DIR/mysql (deleted)") ;; *) continue ;; esac
        is_alive "${each#/proc/}" || continue
        exe=$(readlink "$each/exe" 2>/dev/null) || continue
        case "${exe##*/}" in
            mariadbd | php-fpm8.2 | nginx | php8.2 | runsvdir | runsv) ;;
            bash) tr '\0' ' ' <"$each/cmdline" | grep -qF ops/keeper.sh || continue ;;
            *) continue ;;
        esac
        printf '%s %s\n' "${each#/proc/}" "${exe##*/}"
    done
}

# Those of them that no living process we have on record answers for: a master was killed and its workers live on, or a start
# was cut off before it could write an id down.
orphans() {
    local recorded=' ' file pid
    for file in "$DIR"/run/*.pid; do
        [ -e "$file" ] || continue
        pid=$(cat "$file" 2>/dev/null)
        [ -n "$pid" ] && [ -d "/proc/$pid" ] && recorded+="$pid "
    done
    instance_processes | while read -r pid name; do
        local at=$pid
        while [ -n "$at" ] && [ "$at" -gt 1 ]; do
            [[ "$recorded" == *" $at "* ]] && continue 2
            at=$(awk '/^PPid:/ {print $2}' "/proc/$at/status" 2>/dev/null)
        done
        printf '%s %s\n' "$pid" "$name"
    done
}

end_orphans() {
    local found
    found=$(orphans)
    [ -z "$found" ] && return 0
    say "Left behind by an earlier start, ended: $(printf '%s' "$found" | awk '{printf "%s%s (%s)", (NR > 1 ? ", " : ""), $2, $1}')"
    # All are asked at once, then each is waited for.
    printf '%s\n' "$found" | while read -r pid _; do kill "$pid" 2>/dev/null || true; done
    printf '%s\n' "$found" | while read -r pid _; do end_process "$pid"; done
}
