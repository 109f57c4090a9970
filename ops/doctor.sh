# ./tinta doctor: looks at everything that can be wrong with this machine and this salon, and says of each what mends it.

command_doctor() {
    COMMAND=doctor
    local sick=0 minor=0
    use_instance "$(chosen_instance)"
    fine() { printf '  \033[32m✓\033[0m %-11s %s\n' "$1" "$2"; }
    minds() { printf '  \033[33m!\033[0m %-11s %s\n      %s\n' "$1" "$2" "$3"; minor=$((minor + 1)); }
    wrong() { printf '  \033[31m✕\033[0m %-11s %s\n      %s\n' "$1" "$2" "$3"; sick=$((sick + 1)); }
    look_at_programs
    look_at_disk
    look_at_clock
    look_at_processes
    look_at_database
    look_at_keys
    look_at_tls
    look_at_backups
    look_at_logs
    if [ $sick -gt 0 ]; then
        printf '\033[31m✗\033[0m %s\n' "$sick to mend$([ $minor -gt 0 ] && printf ', %s to know' "$minor")."
        return 1
    fi
    done_saying "Nothing to mend in “$INSTANCE”$([ $minor -gt 0 ] && printf ', %s to know' "$minor")."
}

look_at_programs() {
    local missing=() package version
    for package in "${RUN_PACKAGES[@]}"; do
        dpkg-query -W -f='${Status}' "$package" 2>/dev/null | grep -q 'ok installed' || missing+=("$package")
    done
    if [ ${#missing[@]} -gt 0 ]; then
        wrong programs "Not installed: ${missing[*]}." 'Run ./tinta start: it installs them.'
    else
        version="PHP $(php -r 'echo PHP_VERSION;'), $(mariadbd --version 2>/dev/null | grep -oE '[0-9]+\.[0-9]+\.[0-9]+' | head -1 | sed 's/^/MariaDB /'), $(nginx -v 2>&1 | sed 's#.*/#nginx #')"
        fine programs "$version"
    fi
    if [ ! -f vendor/autoload.php ] || { stamp_is_old composer composer.json && stamp_is_old composer-run composer.json; }; then wrong packages 'The PHP packages are not those of this release.' 'Run ./tinta start.'; fi
    mapfile -t files < <(front_end_files)
    if [ ! -f public/build/manifest.json ] || stamp_is_old build "${files[@]}"; then wrong page 'The page that was built is not of this release.' 'Run ./tinta start: it builds it.'; fi
}

look_at_disk() {
    local free used owner
    free=$(df -Pk "$DIR" | awk 'NR == 2 {print int($4 / 1024)}')
    used=$(du -sm "$DIR" 2>/dev/null | cut -f1)
    if [ "${free:-0}" -lt 500 ]; then
        wrong disk "$free MB are free; the salon takes $used MB." 'Make room now: a database that cannot write stops taking pours. Earlier backups stand in var/'"$INSTANCE"'/backups.'
    elif [ "$free" -lt 2048 ]; then
        minds disk "$free MB are free; the salon takes $used MB." 'Make room soon.'
    else
        fine disk "$((free / 1024)) GB free; the salon takes $used MB"
    fi
    owner=$(stat -c %U "$DIR/mysql" 2>/dev/null || echo "$OWN_USER")
    if [ "$owner" != "$OWN_USER" ]; then
        wrong owner "The data belongs to “$owner”, and this would run as “$OWN_USER”." "Run it as “$owner”, or as root: sudo chown -R $OWN_USER: var/$INSTANCE"
    fi
}

look_at_clock() {
    local last now
    now=$(date +%s)
    if [ "$now" -lt "$(stat -c %Y composer.json)" ]; then
        wrong clock "It is $(date '+%d %B %Y, %H:%M'), which is before this program was put here." 'Set the clock of this machine; processing times and skin tests follow it.'
        return
    fi
    last=$(sql owner -N "$DB_NAME" -e 'SELECT UNIX_TIMESTAMP(MAX(poured_at)) FROM pours' 2>/dev/null | cut -d. -f1) || last=''
    if [[ "$last" =~ ^[0-9]+$ ]] && [ "$last" -gt $((now + 120)) ]; then
        wrong clock "It is $(date '+%d %B %Y, %H:%M'), and the last pour is of $(date -d "@$last" '+%d %B %Y, %H:%M')." 'The clock was turned back: set it. Nothing that is recorded is lost.'
    else
        fine clock "$(date '+%d %B %Y, %H:%M:%S %Z')"
    fi
}

look_at_processes() {
    local each name mark where stopped=() ports='' left
    for each in "database|$(DB_MARK)" "scale|$(SCALE_MARK)" "bridge|$(BRIDGE_MARK)" "fpm|$(FPM_MARK)" "nginx|$(NGINX_MARK)" "keeper|$(KEEPER_MARK)"; do
        IFS='|' read -r name mark where <<<"$each"
        is_running "$name" "$mark" || stopped+=("$name")
    done
    if [ ${#stopped[@]} -eq 6 ]; then
        minds processes 'Tinta is not running.' 'Run ./tinta start.'
        for each in "$WEB_PORT TINTA_PORT" "$SCALE_PORT TINTA_SCALE_PORT" "$BRIDGE_PORT TINTA_BRIDGE_PORT" "$SCALE2_PORT TINTA_SCALE2_PORT"; do
            port_is_open "${each% *}" && wrong ports "Port ${each% *} is taken by another program." "Stop that program, or choose another: ${each#* }=… ./tinta start"
        done
        return 0
    fi
    if [ ${#stopped[@]} -gt 0 ]; then
        wrong processes "Not running: ${stopped[*]}." "Run ./tinta start; if it ends again, look into var/$INSTANCE/log/${stopped[0]}.log."
    else
        fine processes 'all of them run'
    fi
    is_running supervisor "$(SUPERVISOR_MARK)" || wrong supervisor 'Nothing starts again what ends.' 'Run ./tinta start.'
    left=$(orphans)
    [ -z "$left" ] || minds processes "Left behind by an earlier start: $(tr '\n' ';' <<<"$left")" './tinta stop ends them.'
}

look_at_database() {
    is_running database "$(DB_MARK)" || return 0
    local pending broken
    if ! sql app "$DB_NAME" -e 'SELECT 1' >/dev/null 2>&1; then
        wrong database 'The application cannot get into its database.' "Run ./tinta stop, then ./tinta start; the accounts are written anew. See var/$INSTANCE/log/database.log."
        return 0
    fi
    MIGRATIONS=$ROOT/database/migrations
    pending=$(pending_migrations)
    if [ -n "$pending" ]; then
        wrong database "The record is of an earlier release: $(wc -l <<<"$pending") steps are missing." 'Run ./tinta stop, then ./tinta start: it backs up first.'
        return 0
    fi
    if [ -n "$(sql owner -N "$DB_NAME" -e "SELECT migration FROM migrations" | while read -r each; do [ -f "$MIGRATIONS/$each.php" ] || echo "$each"; done)" ]; then
        wrong database 'The record was written by a newer Tinta.' 'Put that release back here.'
        return 0
    fi
    broken=$(sql root -N -e "SELECT table_name FROM information_schema.tables WHERE table_schema = '$DB_NAME' AND engine IS NULL" 2>/dev/null)
    if [ -n "$broken" ]; then
        wrong database "Cannot be read: $(tr '\n' ' ' <<<"$broken")." 'Put the newest backup back: ./tinta restore FILE.'
        return 0
    fi
    fine database "$(salons_held) salon(s), $(sql owner -N "$DB_NAME" -e 'SELECT COUNT(*) FROM visits') visits, $(sql owner -N "$DB_NAME" -e 'SELECT COUNT(*) FROM pours') pours"
}

look_at_keys() {
    local each
    for each in app_key notes_keys db_root db_owner db_app db_backup; do
        if [ ! -s "$SECRETS/$each" ]; then
            wrong keys "var/$INSTANCE/secrets/$each is missing." 'Put it back from a copy; a backup carries the keys of health notes.'
            return 0
        fi
    done
    is_running database "$(DB_MARK)" || return 0
    local lost
    lost=$(artisan notes:lost --no-interaction 2>/dev/null | tail -1)
    if [[ "$lost" =~ ^[1-9] ]]; then
        wrong keys "$lost notes about health cannot be opened: their key is not here." 'Restore a backup that was made when they could be read, or put its notes_keys first in var/'"$INSTANCE"'/secrets/notes_keys.'
    else
        fine keys 'every note about health can be opened'
    fi
}

look_at_tls() {
    [ -s "$DIR/tls/cert.pem" ] || return 0
    local name
    name=$(cat "$DIR/tls/name")
    if ! openssl x509 -in "$DIR/tls/cert.pem" -noout -checkend 0 >/dev/null 2>&1; then
        wrong tls "The certificate of $name has ended." "./tinta tls $name makes a new one."
    elif ! openssl x509 -in "$DIR/tls/cert.pem" -noout -checkend $((21 * 86400)) >/dev/null 2>&1; then
        minds tls "The certificate of $name ends on $(openssl x509 -in "$DIR/tls/cert.pem" -noout -enddate | cut -d= -f2)." "./tinta tls $name makes a new one."
    else
        fine tls "https://$name:$TLS_PORT, until $(openssl x509 -in "$DIR/tls/cert.pem" -noout -enddate | cut -d= -f2)"
    fi
}

look_at_backups() {
    local newest age
    newest=$(ls -1t "$DIR"/backups/daily-*.tar.gz 2>/dev/null | head -1) || true
    if [ -z "$newest" ]; then
        minds backups 'There is no daily backup yet.' 'The keeper writes one within minutes of a start; ./tinta backup FILE writes one now. Keep a copy on another machine.'
        return 0
    fi
    age=$((($(date +%s) - $(stat -c %Y "$newest")) / 3600))
    if [ "$age" -gt 30 ]; then
        wrong backups "The newest is $age hours old." "Is Tinta running, and is there room? See var/$INSTANCE/log/keeper.log."
    elif ! tar -tzf "$newest" record.sql >/dev/null 2>&1; then
        wrong backups "$(basename "$newest") cannot be read." './tinta backup FILE writes a new one; look at the disk.'
    else
        fine backups "$(basename "$newest"), $age hours old; keep a copy on another machine"
    fi
}

look_at_logs() {
    local count
    count=$(find "$DIR/storage/logs" -name '*.log' -mtime -1 -exec grep -hcE '\.(ERROR|CRITICAL|ALERT|EMERGENCY):' {} + 2>/dev/null | awk '{n += $1} END {print n + 0}')
    if [ "${count:-0}" -gt 0 ]; then
        minds log "$count things went wrong within a day." "They stand in var/$INSTANCE/storage/logs, without anybody’s data."
    else
        fine log 'nothing went wrong within a day'
    fi
}
