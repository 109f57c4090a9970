# The salon's record: brought up to date, backed up, put back. Nothing here throws a salon away.

# How many salons the database holds; none where there are no tables yet. Where it cannot be asked, that is said: a salon that is not
# seen for a moment must not be taken for none.
salons_held() {
    local tables
    tables=$(sql owner -N -e "SELECT COUNT(*) FROM information_schema.tables WHERE table_schema = '$DB_NAME' AND table_name = 'salons'") || fail 'The database does not tell what it holds. Nothing was changed; try again.'
    if [ "$tables" -eq 0 ]; then echo 0; return; fi
    sql owner -N "$DB_NAME" -e 'SELECT COUNT(*) FROM salons' || fail 'The database does not tell what it holds. Nothing was changed; try again.'
}

pending_migrations() {
    local done_already
    done_already=$(sql owner -N "$DB_NAME" -e 'SELECT migration FROM migrations' 2>/dev/null) || done_already=''
    for file in "$MIGRATIONS"/*.php; do
        grep -qxF "$(basename "$file" .php)" <<<"$done_already" || basename "$file" .php
    done
}

# Where no salon is yet, everything is made anew, whatever a cut-off start left; where one is, it is kept.
prepare_record() {
    MIGRATIONS=${TINTA_MIGRATIONS:-$ROOT/database/migrations}
    if is_cluster_node && [ -z "${FIRST_OF_ALL:-}" ]; then
        # What is here came from the others, and what is made anew here is made anew everywhere.
        update_record
    elif [ "$INSTANCE" = salon ]; then
        # It may be empty: whoever opens it first begins the salon. What is in it is kept, whatever it is.
        if [ -z "$(sql owner -N "$DB_NAME" -e 'SELECT 1 FROM migrations LIMIT 1' 2>/dev/null)" ]; then
            artisan migrate --path="$MIGRATIONS" --realpath --force --no-interaction >"$DIR/log/migrate.log" 2>&1 || fail "The database could not be made ready; see var/$INSTANCE/log/migrate.log."
        else
            update_record
        fi
    elif [ "$(salons_held)" -eq 0 ]; then
        say 'Loading the demo salon'
        artisan migrate:fresh --path="$MIGRATIONS" --realpath --force --no-interaction >"$DIR/log/migrate.log" 2>&1 || fail "The database could not be made ready; see var/$INSTANCE/log/migrate.log."
        artisan db:seed --force --no-interaction >"$DIR/log/seed.log" 2>&1 || fail "The demo could not be loaded; see var/$INSTANCE/log/seed.log."
    else
        update_record
    fi
}

# A migration that fails leaves the old state: the backup from just before it is put back.
update_record() {
    local pending before
    pending=$(pending_migrations)
    [ -z "$pending" ] && return 0
    before="$DIR/backups/before-$(tail -1 <<<"$pending")-$(date +%Y%m%d-%H%M%S).tar.gz"
    say "Backing up before the update: ${before#"$ROOT"/}"
    backup_to "$before"
    if ! artisan migrate --path="$MIGRATIONS" --realpath --force --no-interaction >"$DIR/log/migrate.log" 2>&1; then
        say 'The update failed; the state from before is put back'
        load_backup "$before" "$DB_NAME"
        fail "The database could not be brought up to date, and is as it was. See var/$INSTANCE/log/migrate.log; the earlier release of Tinta still opens it."
    fi
    # It follows from the record and can be worked again: where it fails, the record is whole. The latest visits are what the
    # outlook goes by; the keeper works the others while the salon is open.
    artisan learn --latest=3000 --no-interaction >"$DIR/log/learn.log" 2>&1 || say "What closed visits teach was not worked; see var/$INSTANCE/log/learn.log."
}

# backup_to FILE : database and photographs as of one moment, while the salon works
backup_to() {
    local work file=$1
    work=$(as_own mktemp -d "$DIR/run/backup.XXXXXX")
    # No word of the tables' makers: the account that puts it back makes them.
    (
        umask 077
        MYSQL_PWD=$(cat "$SECRETS/db_backup") mariadb-dump --no-defaults --socket="$DB_SOCKET" -utinta_backup --default-character-set=utf8mb4 \
            --single-transaction --quick --triggers --hex-blob --no-tablespaces --skip-lock-tables --skip-comments "$DB_NAME" >"$work/record.sql" \
            && tail -c 200 "$work/record.sql" >/dev/null && [ -s "$work/record.sql" ]
    ) || { rm -rf "$work"; fail 'The database could not be read; nothing was written.'; }
    printf '{"format": 1, "database": "tinta", "made": "%s", "migration": "%s"}\n' "$(date -u +%Y-%m-%dT%H:%M:%SZ)" \
        "$(sql backup -N "$DB_NAME" -e 'SELECT migration FROM migrations ORDER BY id DESC LIMIT 1' 2>/dev/null)" >"$work/tinta.json"
    # Notes about health are sealed; without their keys a backup would hold them and nobody could read them.
    (umask 077 && cp "$SECRETS/notes_keys" "$work/notes_keys")
    mkdir -p "$work/photos"
    if [ -d "$DIR/storage/app/private/photos" ]; then cp -a "$DIR/storage/app/private/photos/." "$work/photos/"; fi
    (umask 077 && tar -C "$work" -czf "$file.part" tinta.json record.sql notes_keys photos) || { rm -rf "$work" "$file.part"; fail "The backup could not be written to $file."; }
    mv "$file.part" "$file"
    rm -rf "$work"
}

# load_backup FILE DATABASE : the tables of a backup in place of what the database holds
load_backup() {
    local status=0
    sql root -e "DROP DATABASE IF EXISTS \`$2\`" && make_database "$2"
    tar -xzOf "$1" record.sql | sed -E 's/DEFINER=`[^`]+`@`[^`]+`//' | sql root "$2" || status=1
    return $status
}

# The keys of a backup before our own; none is ever thrown away, for each still opens what it sealed.
take_keys() {
    local theirs both
    theirs=$(tar -xzOf "$1" notes_keys 2>/dev/null) || return 0
    both=$(printf '%s,%s' "$theirs" "$(cat "$SECRETS/notes_keys")" | tr ',' '\n' | awk 'NF && !seen[$0]++' | paste -sd, -)
    replace_keys "$both"
}

replace_keys() {
    (umask 077 && printf '%s' "$1" >"$SECRETS/notes_keys.new" && mv "$SECRETS/notes_keys.new" "$SECRETS/notes_keys")
    if [ "$(id -u)" -eq 0 ]; then chown root: "$SECRETS/notes_keys"; fi
    if [ -d "$DIR/run/keeper" ]; then
        (umask 077 && cp "$SECRETS/notes_keys" "$DIR/run/keeper/notes_keys")
        if [ "$(id -u)" -eq 0 ]; then chown "$OWN_USER:" "$DIR/run/keeper/notes_keys"; fi
    fi
    export TINTA_NOTES_KEYS=$1
}

# A new key for notes about health, before the old ones; what stands is sealed with it at once.
command_new_key() {
    use_instance "$(chosen_instance)"
    COMMAND=new-key
    take_lock
    local working=0 said
    is_running database "$(DB_MARK)" || { STARTED_DATABASE=1; start_database; }
    is_running nginx "$(NGINX_MARK)" && working=1
    # Pages that are open wait: they would be given notes that the processes at work cannot open.
    stop_web
    is_running keeper "$(KEEPER_MARK)" && { stop_keeper; working=2; }
    replace_keys "$(head -c 32 /dev/urandom | base64 -w0),$(cat "$SECRETS/notes_keys")"
    said=$(artisan notes:seal --no-interaction 2>&1) || fail "$said"
    if [ $working -ge 1 ]; then start_scale; start_web; fi
    if [ $working -eq 2 ]; then start_keeper; fi
    [ -z "${STARTED_DATABASE:-}" ] || { stop_database; stop_supervisor; }
    done_saying "$said Write a new backup: earlier ones carry the earlier keys."
}

command_backup() {
    [ -n "${1:-}" ] || fail 'Name the file: ./tinta backup FILE'
    use_instance "$(chosen_instance)"
    is_running database "$(DB_MARK)" || { STARTED_DATABASE=1; start_database; }
    backup_to "$(from_caller "$1")"
    [ -z "${STARTED_DATABASE:-}" ] || { stop_database; stop_supervisor; }
    done_saying "Written to $1, readable by its owner only."
}

command_restore() {
    [ -n "${1:-}" ] || fail 'Name the file: ./tinta restore FILE'
    local file working=0 before
    file=$(from_caller "$1")
    tar -xzOf "$file" tinta.json 2>/dev/null | grep -q '"format": 1' || fail "$1 is no backup of Tinta."
    use_instance "$(chosen_instance)"
    take_lock
    MIGRATIONS=$ROOT/database/migrations
    is_running database "$(DB_MARK)" || { STARTED_DATABASE=1; start_database; }
    say 'Trying the backup beside the record'
    load_backup "$file" tinta_check || fail "$1 cannot be read to its end; nothing was changed."
    [ "$(sql root -N tinta_check -e 'SELECT COUNT(*) FROM salons' 2>/dev/null || echo 0)" -gt 0 ] || fail "$1 holds no salon; nothing was changed."
    sql root -e 'DROP DATABASE tinta_check'
    before="$DIR/backups/before-restore-$(date +%Y%m%d-%H%M%S).tar.gz"
    if [ "$(salons_held)" -gt 0 ]; then
        say "What is here now is kept: ${before#"$ROOT"/}"
        backup_to "$before"
    fi
    # Pages that are open wait, and send what they keep when it is back.
    is_running nginx "$(NGINX_MARK)" && working=1
    stop_web
    if ! load_backup "$file" "$DB_NAME"; then
        [ -f "$before" ] && load_backup "$before" "$DB_NAME"
        fail "$1 could not be put back; the record is as it was."
    fi
    take_keys "$file"
    rm -rf "$DIR/storage/app/private/photos.new"
    as_own mkdir -p "$DIR/storage/app/private/photos.new"
    tar -C "$DIR/storage/app/private/photos.new" --strip-components=1 -xzf "$file" photos
    if [ "$(id -u)" -eq 0 ]; then chown -R "$OWN_USER:" "$DIR/storage/app/private/photos.new"; fi
    rm -rf "$DIR/storage/app/private/photos"
    mv "$DIR/storage/app/private/photos.new" "$DIR/storage/app/private/photos"
    update_record
    grant_app "$DB_NAME"
    if [ $working -eq 1 ]; then start_scale; start_web; fi
    [ -z "${STARTED_DATABASE:-}" ] || { stop_database; stop_supervisor; }
    done_saying "The record is as it was when $1 was written."
}

command_reset_demo() {
    use_instance "${TINTA_INSTANCE:-demo}"
    COMMAND=reset-demo
    take_lock
    is_running database "$(DB_MARK)" || { install_debian "${RUN_PACKAGES[@]}"; install_composer run; start_database; }
    local others
    others=$(sql owner -N "$DB_NAME" -e 'SELECT COUNT(*) FROM salons WHERE demo = 0' 2>/dev/null || sql owner -N "$DB_NAME" -e "SELECT COUNT(*) FROM salons WHERE name <> 'Sailcloth Row Colour Studio'" 2>/dev/null || echo 0)
    [ "$others" -eq 0 ] || fail 'There is a salon here that is not the demo. It is not thrown away; back it up with ./tinta backup FILE.'
    say 'Loading the demo salon afresh'
    artisan migrate:fresh --force --no-interaction >"$DIR/log/migrate.log" 2>&1 || fail "The demo could not be loaded; see var/$INSTANCE/log/migrate.log."
    artisan db:seed --force --no-interaction >"$DIR/log/seed.log" 2>&1 || fail "The demo could not be loaded; see var/$INSTANCE/log/seed.log."
    grant_app "$DB_NAME"
    done_saying 'The demo is as on its first day.'
}

# A salon as large as a group of salons, beside everything else: invented clients, and closed visits copied from the demo's.
#   generate [CLIENTS] [VISITS]
command_generate() {
    local clients=${1:-100000} visits=${2:-1000000} each
    for each in "$clients" "$visits"; do [[ "$each" =~ ^[1-9][0-9]{0,8}$ ]] || fail "“$each” is no number: ./tinta generate 100000 1000000"; done
    use_instance group
    COMMAND=generate
    take_lock
    install_debian "${RUN_PACKAGES[@]}"
    install_composer run
    start_database
    say 'Loading the demo salon'
    artisan migrate:fresh --seed --force --no-interaction >"$DIR/log/seed.log" 2>&1 || fail "The demo could not be loaded; see var/$INSTANCE/log/seed.log."
    say "Making $clients clients and $visits visits of it"
    sql root -N -e "SELECT table_name, column_name, data_type FROM information_schema.columns WHERE table_schema = '$DB_NAME' AND is_generated = 'NEVER' ORDER BY table_name, ordinal_position" |
        php ops/generate.php "$clients" "$visits" | sql root -N "$DB_NAME" >"$DIR/log/generate.log" 2>&1 || fail "They could not be made; see var/$INSTANCE/log/generate.log."
    grant_app "$DB_NAME"
    done_saying "There are $(sql root -N "$DB_NAME" -e 'SELECT COUNT(*) FROM clients') clients and $(sql root -N "$DB_NAME" -e 'SELECT COUNT(*) FROM visits') visits: TINTA_INSTANCE=group ./tinta start, or ./tinta bench http --group"
}

# Foretells every closed visit from what was known before it.
command_judge() {
    use_instance "$(chosen_instance)"
    COMMAND=judge
    is_running database "$(DB_MARK)" || { install_debian "${RUN_PACKAGES[@]}"; install_composer run; start_database; STARTED_DATABASE=1; }
    artisan judge --no-interaction
    [ -z "${STARTED_DATABASE:-}" ] || { stop_database; stop_supervisor; }
}

# A path as whoever called meant it.
from_caller() {
    case "$1" in /*) printf '%s' "$1" ;; *) printf '%s/%s' "$CALLER" "$1" ;; esac
}

# A whole salon as open files; the folder must not be there yet.
command_export() {
    [ -n "${1:-}" ] || fail 'Name the folder: ./tinta export DIR'
    local folder work
    folder=$(from_caller "$1")
    [ ! -e "$folder" ] || fail "$1 is there already. Name a folder that is not."
    use_instance "$(chosen_instance)"
    is_running database "$(DB_MARK)" || { STARTED_DATABASE=1; start_database; }
    work=$(as_own mktemp -d "$DIR/run/export.XXXXXX")
    artisan salon:export "$work/salon" --salon="${2:-}" --no-interaction >"$DIR/log/export.log" 2>&1 || { rm -rf "$work"; fail "$(tail -1 "$DIR/log/export.log")"; }
    (umask 077 && cp -R "$work/salon" "$folder") || { rm -rf "$work" "$folder"; fail "It could not be written to $1."; }
    rm -rf "$work"
    [ -z "${STARTED_DATABASE:-}" ] || { stop_database; stop_supervisor; }
    done_saying "Written to $1, readable by its owner only: $(tail -1 "$DIR/log/export.log")"
}

# Takes it into an instance that is empty.
command_import() {
    [ -n "${1:-}" ] || fail 'Name the folder: ./tinta import DIR'
    local folder work
    folder=$(from_caller "$1")
    [ -f "$folder/tinta.json" ] || fail "$1 is no salon that ./tinta export has written."
    use_instance "$(chosen_instance)"
    take_lock
    is_running database "$(DB_MARK)" || { STARTED_DATABASE=1; start_database; }
    work=$(as_own mktemp -d "$DIR/run/import.XXXXXX")
    cp -R "$folder/." "$work/"
    if [ "$(id -u)" -eq 0 ]; then chown -R "$OWN_USER:" "$work"; fi
    artisan salon:import "$work" --no-interaction >"$DIR/log/import.log" 2>&1 || { rm -rf "$work"; fail "$(tail -1 "$DIR/log/import.log")"; }
    rm -rf "$work"
    [ -z "${STARTED_DATABASE:-}" ] || { stop_database; stop_supervisor; }
    done_saying "Taken from $1: $(tail -1 "$DIR/log/import.log")"
}

# A link for a new password, for whoever stands at the machine: also an owner who is the only one.
command_password() {
    [ -n "${1:-}" ] || fail 'Name the mail address: ./tinta password ADDRESS'
    use_instance "$(chosen_instance)"
    is_running database "$(DB_MARK)" || fail 'Tinta is not running: ./tinta start first.'
    local said
    said=$(artisan password:link "$1" --no-interaction 2>&1) || fail "$said"
    done_saying "It works once, for a week: $said"
}
