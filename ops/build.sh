# Building the page, and the commands that start, stop and tell.

front_end_files() { find resources vite.config.ts tsconfig.json package-lock.json -type f | LC_ALL=C sort; }

build_front_end() {
    mapfile -t files < <(front_end_files)
    if [ ! -f public/build/manifest.json ] || stamp_is_old build "${files[@]}"; then
        say 'Building the page'
        npx vite build >var/build.log 2>&1 || { tail -30 var/build.log >&2; fail 'The page could not be built; see var/build.log.'; }
        record_stamp build "${files[@]}"
    fi
}

command_start() {
    COMMAND=start
    install_debian "${RUN_PACKAGES[@]}"
    install_composer
    install_npm
    build_front_end
    use_instance demo
    start_database
    wait_for_login
    php artisan migrate --force --no-interaction >"$DIR/log/migrate.log" 2>&1 || fail "The database could not be brought up to date; see var/demo/log/migrate.log."
    if [ ! -f "$DIR/demo-loaded" ]; then
        say 'Loading the demo salon'
        php artisan db:seed --force --no-interaction >"$DIR/log/seed.log" 2>&1 || fail "The demo could not be loaded; see var/demo/log/seed.log."
        touch "$DIR/demo-loaded"
    fi
    start_scale
    start_web
    done_saying "Tinta is at http://127.0.0.1:$WEB_PORT"
    print_logins
}

print_logins() {
    cat <<'TEXT'

  Demo salon: Sailcloth Row Colour Studio. Password for everybody: harbour-light
    owner       ines@sailcloth.example
    colourist   tomasz@sailcloth.example
    assistant   noor@sailcloth.example

TEXT
}

command_stop() {
    use_instance demo
    stop_web
    stop_database
    done_saying 'Stopped. The data stays; ./tinta start carries on with it.'
}

command_status() {
    use_instance demo
    local all=0
    for each in "database:$(DB_MARK):$DB_PORT" "scale:$(SCALE_MARK):$SCALE_PORT" "bridge:$(BRIDGE_MARK):$BRIDGE_PORT" "fpm:$(FPM_MARK):$FPM_PORT" "nginx:$(NGINX_MARK):$WEB_PORT"; do
        local name=${each%%:*} port=${each##*:} mark=${each#*:}
        mark=${mark%:*}
        if is_running "$name" "$mark"; then
            printf '  %-9s running  port %s\n' "$name" "$port"
        else
            printf '  %-9s stopped\n' "$name"
            all=1
        fi
    done
    [ $all -eq 0 ] && done_saying "Tinta is at http://127.0.0.1:$WEB_PORT"
    return $all
}

command_reset_demo() {
    use_instance demo
    COMMAND=reset-demo
    is_running database "$(DB_MARK)" || { install_debian "${RUN_PACKAGES[@]}"; install_composer; start_database; }
    wait_for_login
    say 'Loading the demo salon afresh'
    php artisan migrate:fresh --seed --force --no-interaction >"$DIR/log/seed.log" 2>&1 || fail "The demo could not be loaded; see var/demo/log/seed.log."
    touch "$DIR/demo-loaded"
    done_saying 'The demo is as on its first day.'
}
