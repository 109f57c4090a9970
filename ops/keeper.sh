#!/usr/bin/env bash
# Runs beside the salon as the own user: one backup a day, seven of them kept, messages that go by themselves, what closed
# visits teach, and logs that do not grow for ever.
set -uo pipefail
ROOT=$1
DIR=$2
DB_NAME=$3
INSTANCE=${DIR##*/}
SECRETS=$DIR/run/keeper
# shellcheck source=/dev/null
for part in say owner instance cluster supervise database record; do source "$ROOT/ops/$part.sh"; done
OWN_USER=$(id -un)
OWN=()
SOCKETS=$(socket_folder)
DB_SOCKET="$SOCKETS/sql.sock"
trap 'kill "${resting:-}" 2>/dev/null; exit 0' TERM INT
while true; do
    today="$DIR/backups/daily-$(date +%Y-%m-%d).tar.gz"
    if [ ! -f "$today" ] && [ -S "$DB_SOCKET" ]; then
        (backup_to "$today") && ls -1 "$DIR"/backups/daily-*.tar.gz | sort -r | tail -n +8 | xargs -r rm -f --
    fi
    # What the owner lets go out by itself.
    [ -S "$DB_SOCKET" ] && php "$ROOT/artisan" messages:send --no-interaction >>"$DIR/log/messages.log" 2>&1
    # What closed visits teach by a model that is newer than they are: a little at a time, behind everything else.
    [ -S "$DB_SOCKET" ] && nice -n 15 php "$ROOT/artisan" learn --latest=1000 --no-interaction >>"$DIR/log/learning.log" 2>&1
    command -v logrotate >/dev/null && logrotate -s "$DIR/run/logrotate.state" "$DIR/run/logrotate.conf"
    sleep "${TINTA_KEEPER_SECONDS:-300}" &
    resting=$!
    wait "$resting"
done
