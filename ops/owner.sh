# Whose the processes are. Started as root, they run as an own user that owns the data and nothing else; else as whoever starts them.

choose_own_user() {
    if [ "$(id -u)" -ne 0 ]; then
        OWN_USER=$(id -un)
        OWN=()
        return
    fi
    OWN_USER=tinta
    OWN=(setpriv --reuid=tinta --regid=tinta --clear-groups --no-new-privs --inh-caps=-all)
    if ! id -u "$OWN_USER" >/dev/null 2>&1; then
        say 'Making the user “tinta”, which everything runs as'
        useradd --system --no-create-home --home-dir /nonexistent --shell /usr/sbin/nologin "$OWN_USER" || fail 'The user “tinta” could not be made.'
    fi
    let_through
}

as_own() { "${OWN[@]}" "$@"; }

# The own user must be able to read the program. In a folder that only root may enter it is let through, and shown nothing more.
let_through() {
    as_own test -r "$ROOT/public/index.php" 2>/dev/null && return
    local at="$ROOT"
    while [ "$at" != / ]; do
        at=$(dirname "$at")
        as_own test -x "$at" 2>/dev/null || setfacl -m "u:$OWN_USER:--x" "$at" 2>/dev/null || true
    done
    as_own test -x "$ROOT" 2>/dev/null || setfacl -m "u:$OWN_USER:r-x" "$ROOT" 2>/dev/null || true
    as_own test -r "$ROOT/public/index.php" 2>/dev/null && { say "The user “$OWN_USER” may now pass through the folders above this one; it can list none of them."; return; }
    fail "The user “$OWN_USER” cannot read this folder. Move the checkout where others may read it, or: chmod -R o+rX $ROOT"
}
