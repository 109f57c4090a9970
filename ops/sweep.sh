# sweep FOLDER NAME : before a service starts again, what its killed master left working is ended: it would hold the port, or answer
# beside the new one. Only what works in this instance's folder, and only of this service's kind.
sweep() {
    local kind signal each
    case "$2" in
        nginx) kind=nginx ;;
        fpm) kind=php-fpm8.2 ;;
        *) return 0 ;;
    esac
    # Asked first, and insisted on for as long as a busy machine takes to end them: a new master finds the socket held until then.
    for signal in TERM KILL KILL KILL KILL KILL; do
        local found=0
        for each in $(pgrep "^${kind%8.2}" 2>/dev/null); do
            is_left_over "$each" "$1" "$kind" || continue
            kill "-$signal" "$each" 2>/dev/null
            found=1
        done
        [ $found -eq 1 ] || return 0
        sleep 0.3
    done
    return 0
}

# is_left_over ID FOLDER KIND : of this instance. Whoever is answering a request has gone to where the pages are, which several instances
# may share, and is left over only where nobody of its kind is above it.
is_left_over() {
    local at above
    [ "$(basename "$(readlink "/proc/$1/exe" 2>/dev/null)")" = "$3" ] || return 1
    [ "$(awk '/^State:/ {print $2}' "/proc/$1/status" 2>/dev/null)" != Z ] || return 1
    at=$(readlink "/proc/$1/cwd" 2>/dev/null)
    [ "$at" != "$2" ] || return 0
    [ "$at" = "${BASH_SOURCE[0]%/ops/sweep.sh}/public" ] || return 1
    above=$(awk '/^PPid:/ {print $2}' "/proc/$1/status" 2>/dev/null)
    [ "$(basename "$(readlink "/proc/${above:-0}/exe" 2>/dev/null)")" != "$3" ]
}

# afterwards NAME : what a service leaves open when it starts is closed. The database makes its socket for everybody, in a folder that
# is nobody else's; it is made ours for as long as it may still be on its way.
afterwards() {
    [ "$1" = database ] || return 0
    (
        for _ in $(seq 1 60); do
            [ -S "$DB_SOCKET" ] && chmod 600 "$DB_SOCKET" 2>/dev/null
            sleep 0.2
        done
    ) >/dev/null 2>&1 &
}
