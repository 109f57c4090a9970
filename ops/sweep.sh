# sweep FOLDER NAME : before a service starts again, what its killed master left working is ended: it would hold the port, or answer
# beside the new one. Only what works in this instance's folder, and only of this service's kind.
sweep() {
    local kind each
    case "$2" in
        nginx) kind=nginx ;;
        fpm) kind=php-fpm8.2 ;;
        *) return 0 ;;
    esac
    for signal in TERM KILL; do
        local found=0
        for each in $(pgrep "^${kind%8.2}" 2>/dev/null); do
            [ "$(readlink "/proc/$each/cwd" 2>/dev/null)" = "$1" ] || continue
            [ "$(basename "$(readlink "/proc/$each/exe" 2>/dev/null)")" = "$kind" ] || continue
            [ "$(awk '/^State:/ {print $2}' "/proc/$each/status" 2>/dev/null)" != Z ] || continue
            kill "-$signal" "$each" 2>/dev/null
            found=1
        done
        [ $found -eq 1 ] || return 0
        sleep 0.3
    done
    return 0
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
