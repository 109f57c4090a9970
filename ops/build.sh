# Building the page, and the commands that start, stop and tell.

front_end_files() { find resources vite.config.ts chunks.ts vite.worker.config.ts vite.door.config.ts tsconfig.json words.plugin.ts lingui.config.ts package-lock.json ops/brotli.mjs ops/door.mjs -type f | LC_ALL=C sort; }

# The sign-in page in each language, as it is served before its own piece has come.
draw_doors() {
    local language
    for language in en pt; do
        node ops/door.mjs "$language" >"public/build/door-$language.html" || return 1
    done
    rm -rf var/door
}

build_front_end() {
    mapfile -t files < <(front_end_files)
    if [ ! -f public/build/manifest.json ] || [ ! -f public/sw.js ] || stamp_is_old build "${files[@]}"; then
        say 'Building the page'
        { npx vite build && npx vite build -c vite.worker.config.ts && npx vite build -c vite.door.config.ts && draw_doors; } >var/build.log 2>&1 || { tail -30 var/build.log >&2; fail 'The page could not be built; see var/build.log.'; }
        # As far as it goes, once; by Brotli for whoever takes it, which browsers do by TLS and on the machine itself.
        find public/build -type f \( -name '*.js' -o -name '*.css' -o -name '*.svg' \) -exec gzip -9 -k -f {} + -exec node ops/brotli.mjs {} +
        record_stamp build "${files[@]}"
    fi
}

# Of two starts at once the second waits for the first, and then finds everything done.
take_lock() {
    mkdir -p "$ROOT/var"
    exec 9>"$ROOT/var/tinta.lock"
    if ! flock -n 9; then
        say 'Another ./tinta is at work here; waiting for it.'
        flock -w 900 9 || fail 'The other ./tinta did not come to an end. ./tinta status tells what runs.'
    fi
}

# What an earlier release left running speaks another language with its parts: it is stopped before this one starts.
end_older_release() {
    local release
    # Programs are read once: whoever changes one starts anew what reads it.
    release=$({ cat ops/*.sh ops/*.sql composer.json; find app bootstrap config core database/migrations lang resources/views routes scale simulator -type f -name '*.php' -print0 | LC_ALL=C sort -z | xargs -0 cat; } | sha256sum | cut -c1-16)
    if [ "$(cat "$DIR/run/release" 2>/dev/null)" != "$release" ]; then
        if [ -n "$(instance_processes)" ] || is_running database "$(DB_MARK)" || is_running nginx "$(NGINX_MARK)"; then
            say 'Another release is running here; it is stopped first.'
            stop_keeper
            stop_web
            stop_database
            stop_supervisor
        fi
        # Which packages there are, and what was made ready of the settings, was the other release's.
        rm -f "$DIR"/storage/framework/{packages,services,config,routes,events}.php
        (umask 077 && printf '%s' "$release" >"$DIR/run/release")
    fi
}

command_start() {
    COMMAND=start
    take_lock
    install_debian "${RUN_PACKAGES[@]}"
    install_composer run
    install_npm
    build_front_end
    FIRST_OF_ALL=
    [ "${1:-}" = --first ] && { FIRST_OF_ALL=1; shift; }
    choose_instance "${1:-}"
    use_instance "$(chosen_instance)"
    [ -z "$FIRST_OF_ALL" ] || is_cluster_node || fail 'This machine is no node yet: ./tinta cluster NODE ADDRESS,ADDRESS,ADDRESS says which it is.'
    # A node takes the whole record from another by these.
    if is_cluster_node; then install_debian "${CLUSTER_PACKAGES[@]}"; fi
    end_older_release
    end_orphans
    # Taken ports are said before anything is begun.
    is_running nginx "$(NGINX_MARK)" || need_port "$WEB_PORT" 'the application' TINTA_PORT
    start_database
    is_running fpm "$(FPM_MARK)" || { prepare_record; grant_app "$DB_NAME"; }
    [ -z "$FIRST_OF_ALL" ] || artisan photos:gather --no-interaction >"$DIR/log/photos.log" 2>&1 || fail "The photographs could not be taken into the record; see var/$INSTANCE/log/photos.log."
    start_scale
    start_web
    # Backups and what is learnt over night are one machine's work.
    if ! is_cluster_node || [ "$(cluster_says node)" = 1 ]; then start_keeper; fi
    done_saying "Tinta is at http://127.0.0.1:$WEB_PORT$([ ! -s "$DIR/tls/name" ] || printf ' and https://%s:%s' "$(cat "$DIR/tls/name")" "$TLS_PORT")"
    print_logins
}

print_logins() {
    if [ "$INSTANCE" = salon ]; then
        if [ "$(salons_held)" -eq 0 ]; then
            say 'No salon is here yet: open the address and begin yours.'
        fi
        say 'The demo salon is laid aside as it was; ./tinta start --demo takes it up again.'
        return
    fi
    cat <<'TEXT'

  Demo salon: Sailcloth Row Colour Studio. Password for everybody: harbour-light
    owner       ines@sailcloth.example
    colourist   tomasz@sailcloth.example
    assistant   noor@sailcloth.example

TEXT
}

command_stop() {
    use_instance "$(chosen_instance)"
    stop_keeper
    stop_web
    stop_database
    stop_supervisor
    end_orphans
    done_saying 'Stopped. The data stays; ./tinta start carries on with it.'
}

command_status() {
    use_instance "$(chosen_instance)"
    local all=0 left
    for each in "database|$(DB_MARK)|socket" "scale|$(SCALE_MARK)|port $SCALE_PORT" "bridge|$(BRIDGE_MARK)|port $BRIDGE_PORT" "fpm|$(FPM_MARK)|socket" "nginx|$(NGINX_MARK)|port $WEB_PORT" "supervisor|$(SUPERVISOR_MARK)|starts what ends" "keeper|$(KEEPER_MARK)|backups and logs"; do
        IFS='|' read -r name mark where <<<"$each"
        if is_running "$name" "$mark"; then
            printf '  %-10s running  %s\n' "$name" "$where"
        else
            printf '  %-10s stopped\n' "$name"
            all=1
        fi
    done
    left=$(orphans)
    [ -z "$left" ] || { say "Left behind by an earlier start: $(tr '\n' ';' <<<"$left") ./tinta stop ends it."; all=1; }
    [ $all -eq 0 ] && done_saying "Tinta is at http://127.0.0.1:$WEB_PORT"
    return $all
}

