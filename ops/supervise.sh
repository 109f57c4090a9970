# What starts our processes and starts them again: runit's runsvdir, one for each instance, as the own user. It is Debian's, small, needs
# no root and no init of its own, and works where there is no systemd; at boot, systemd or anything else says ./tinta start.

SERVICES=(database scale bridge fpm nginx keeper front)

SUPERVISOR_MARK() { echo "runsvdir -P $DIR/sv"; }

# Every service has a folder from the beginning, so that none waits until the supervisor looks again.
start_supervisor() {
    is_running supervisor "$(SUPERVISOR_MARK)" && return
    end_stray_guards
    local each
    (
        umask 077
        for each in "${SERVICES[@]}"; do
            mkdir -p "$DIR/sv/$each"
            rm -rf "$DIR/sv/$each/supervise"
            touch "$DIR/sv/$each/down"
            [ -x "$DIR/sv/$each/run" ] || { printf '#!/bin/sh\nexec sleep 1\n' >"$DIR/sv/$each/run" && chmod 700 "$DIR/sv/$each/run"; }
        done
        touch "$DIR/log/supervisor.log"
        if [ "$(id -u)" -eq 0 ]; then chown -R "$OWN_USER:" "$DIR/sv" "$DIR/log/supervisor.log"; fi
        # The locks of the start, or of the tests, must not live on in what they start.
        exec 8>&- 9>&-
        "${OWN[@]}" setsid bash -c 'cd "$1" && echo $$ >"$1/run/supervisor.pid" && exec runsvdir -P "$1/sv"' start "$DIR" >>"$DIR/log/supervisor.log" 2>&1 </dev/null &
    )
    for each in "${SERVICES[@]}"; do
        for _ in $(seq 1 100); do
            "${OWN[@]}" sv status "$DIR/sv/$each" >/dev/null 2>&1 && continue 2
            sleep 0.05
        done
        fail "The supervisor did not come up; see var/$INSTANCE/log/supervisor.log."
    done
}

# Guards whose supervisor was killed would keep the next one's from their folders.
end_stray_guards() {
    local each
    for each in $(pgrep -x runsv 2>/dev/null); do
        case "$(readlink "/proc/$each/cwd" 2>/dev/null)" in "$DIR"/sv/*) kill "$each" 2>/dev/null || true ;; esac
    done
    for each in $(pgrep -x runsv 2>/dev/null); do
        case "$(readlink "/proc/$each/cwd" 2>/dev/null)" in "$DIR"/sv/*) end_process "$each" ;; esac
    done
}

stop_supervisor() {
    is_running supervisor "$(SUPERVISOR_MARK)" || { end_stray_guards; rm -f "$DIR/run/supervisor.pid"; return 0; }
    local pid
    pid=$(cat "$DIR/run/supervisor.pid")
    # At this signal it asks every guard to stop what it guards.
    kill -HUP "$pid" 2>/dev/null || true
    for _ in $(seq 1 150); do
        is_alive "$pid" || break
        sleep 0.1
    done
    end_process "$pid"
    end_stray_guards
    rm -f "$DIR/run/supervisor.pid"
}

# write_service NAME COMMAND... : how it is started, now and whenever it has to be started again
write_service() {
    local name=$1
    shift
    (
        umask 077
        # What it needs to know stands in a file of the own user's, so that it is the same each time.
        export -p | grep -E '^declare -x (APP_[A-Z_]*|DB_[A-Z_]*|TINTA_[A-Z_]*|PATH|LANG|LC_[A-Z_]*|TZ|PHP_[A-Z_]*)=' | sed 's/^declare -x /export /' >"$DIR/sv/$name/env.new" || true
        mv "$DIR/sv/$name/env.new" "$DIR/sv/$name/env"
        {
            printf '#!/usr/bin/env bash\n'
            printf 'exec >>%q 2>&1 </dev/null\n' "$DIR/log/$name.log"
            printf '. %q\n. %q\n' "$DIR/sv/$name/env" "$ROOT/ops/sweep.sh"
            printf 'cd %q || exit 1\nsweep %q %q\nafterwards %q\necho $$ >%q\nexec' "$DIR" "$DIR" "$name" "$name" "$DIR/run/$name.pid"
            printf ' %q' "$@"
            printf '\n'
        } >"$DIR/sv/$name/run.new"
        chmod 700 "$DIR/sv/$name/run.new"
        mv "$DIR/sv/$name/run.new" "$DIR/sv/$name/run"
        if [ "$(id -u)" -eq 0 ]; then chown "$OWN_USER:" "$DIR/sv/$name/run" "$DIR/sv/$name/env"; fi
    )
}

# start_process NAME COMMAND... : as the own user, in the instance's folder, output to a log, id kept; started again when it ends
start_process() {
    local name=$1
    start_supervisor
    (umask 077 && touch "$DIR/log/$name.log")
    if [ "$(id -u)" -eq 0 ]; then chown "$OWN_USER:" "$DIR/log/$name.log"; fi
    write_service "$@"
    rm -f "$DIR/run/$name.pid" "$DIR/sv/$name/down"
    "${OWN[@]}" sv up "$DIR/sv/$name" >/dev/null
    for _ in $(seq 1 100); do
        [ -s "$DIR/run/$name.pid" ] && break
        sleep 0.02
    done
}

# stop_process NAME MARK : asks, waits, and insists only after ten seconds; it is not started again
stop_process() {
    local pid
    if [ -d "$DIR/sv/$1" ]; then
        touch "$DIR/sv/$1/down"
        "${OWN[@]}" sv -w 10 force-stop "$DIR/sv/$1" >/dev/null 2>&1 || true
    fi
    # Of an earlier release, or of a guard that was killed.
    if is_running "$1" "$2"; then
        pid=$(cat "$DIR/run/$1.pid")
        end_process "$pid"
    fi
    rm -f "$DIR/run/$1.pid"
}
