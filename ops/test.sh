# ./tinta test: sets itself up, on its own database and ports, and leaves nothing running.

command_test() {
    COMMAND=test
    install_debian "${RUN_PACKAGES[@]}" "${TEST_PACKAGES[@]}"
    install_composer
    install_npm
    mkdir -p var
    exec 8>var/test.lock
    flock -n 8 || fail 'Another ./tinta test runs in this checkout. Wait for it: both would use the same salon, scale and browser.'
    rm -f var/junit-*.xml
    local beside=()
    if [ $# -eq 0 ]; then
        # The core needs neither database nor browser, and what is only read needs nothing: in the time that the others wait.
        rm -f var/static.failed
        in_spare_time bash -c 'ops/static.sh || { touch var/static.failed; exit 1; }' >var/static.log 2>&1 8>&- &
        beside+=($!)
        in_spare_time "${COMPILED[@]}" vendor/bin/pest --testsuite Core,Arch --log-junit var/junit-core.xml >var/core.log 2>&1 8>&- &
        beside+=($!)
        trap 'end_beside' EXIT
    fi
    build_front_end
    use_instance test
    # A password is slow to try on purpose; ninety times over it is slow to test. Where it matters it is as slow as anywhere (CrowdTest).
    export BCRYPT_ROUNDS=4
    trap 'end_beside; stop_web; stop_database; stop_supervisor; end_orphans' EXIT
    end_orphans
    start_database
    say 'Preparing the test databases'
    test_database tinta_http
    [ $# -gt 0 ] || test_database tinta_http2
    # The browser tests need the running application; naming only other suites spares the wait.
    if [[ "$*" != *testsuite* || "$*" == *Browser* ]]; then
        artisan migrate:fresh --seed --force --no-interaction >"$DIR/log/seed.log" 2>&1 || fail 'The demo could not be loaded for the browser tests; see var/test/log/seed.log.'
        grant_app tinta_browser
        [ $# -gt 0 ] || demo_database
        [ $# -gt 0 ] || [ ${#LANES[@]} -eq 0 ] || lanes_data
        start_web
    fi
    start_scale
    local status=0
    say 'Running the PHP tests'
    if [ $# -gt 0 ]; then
        run_pest given "$@" || status=$?
    else
        run_lanes || status=$?
        say 'What can be said without running it'
        wait "${beside[0]}" || status=$?
        cat var/static.log
        say 'The tests of the core'
        wait "${beside[1]}" || status=$?
        beside=()
        cat var/core.log
    fi
    php ops/closing-line.php var/junit-*.xml
    return $status
}

test_database() {
    make_database "$1"
    DB_DATABASE=$1 artisan migrate:fresh --force --no-interaction >"$DIR/log/migrate.log" 2>&1 || fail 'The test database could not be prepared; see var/test/log/migrate.log.'
    grant_app "$1"
}

# The demo once more, for the tests that look at all of it: copied, for loading it takes longer.
demo_database() {
    make_database tinta_demo
    MYSQL_PWD=$(cat "$SECRETS/db_root") mariadb-dump --no-defaults --socket="$DB_SOCKET" -uroot --single-transaction --triggers "$DB_NAME" | sql root tinta_demo
    grant_app tinta_demo
}

# run_pest NAME ARGUMENTS...
run_pest() { (on_database tinta_http && compiled_pest --log-junit "var/junit-$1.xml" "${@:2}"); }

# What the tests themselves write is not the running application's.
on_database() {
    local own=$DIR/tests/$1
    mkdir -p "$own"/{app/private,logs,framework/cache,framework/views,framework/sessions}
    export APP_PACKAGES_CACHE="$own/framework/packages.php" APP_SERVICES_CACHE="$own/framework/services.php" TINTA_STORAGE="$own" \
        DB_DATABASE=$1 SESSION_DRIVER=array CACHE_STORE=array BCRYPT_ROUNDS=4
}

# Compiled as the pages' own PHP is: it takes two thirds of the time.
COMPILED=(php -d opcache.enable_cli=1 -d opcache.memory_consumption=256 -d opcache.interned_strings_buffer=16 -d opcache.max_accelerated_files=20000
    -d opcache.jit=tracing -d opcache.jit_buffer_size=128M)

compiled() { "${COMPILED[@]}" "$@"; }

compiled_pest() { compiled vendor/bin/pest "$@"; }

# in_spare_time COMMAND... : in the time that nobody else wants, instead of the shell that asks for it. A session of its own, for
# where Linux shares its processors out by sessions, a nice one alone is as good as any other.
in_spare_time() {
    exec setsid bash -c '{ echo 19 >/proc/self/autogroup; } 2>/dev/null; exec nice -n 19 "$@"' spare "$@"
}

# What runs in spare time, with whatever it has begun itself.
end_beside() {
    local each
    for each in "${beside[@]}"; do kill -- "-$each" 2>/dev/null || true; done
}

# Beside the first lane, where there is more than one core. A third one on two cores is faster while nothing else works on the machine,
# and much slower where something does: its browsers wait longer than the tests.
LANES=()
if [ "$(nproc)" -ge 2 ]; then LANES=(test2); fi
if [ "$(nproc)" -ge 3 ]; then LANES=(test2 test3); fi

# Browser tests mostly wait, for the scale to rest as a hand does: lanes of them, each with a salon, a scale and a browser of its own,
# take the files one by one from the same pile; the first when it has asked all that needs no browser. What measures time runs before
# everything; what stops the database and starts it again, at the beginning of the last lane, in its own.
run_lanes() {
    local status=0 each lanes=() spare=()
    rm -rf var/test-pile var/test-again
    mkdir -p var/test-pile var/test-again
    run_pest alone --testsuite Feature,Ops --group alone || status=1
    # What works whole services over, and what looks at the whole demo, beside the others, each in a database of its own.
    (on_database tinta_http2 && in_spare_time "${COMPILED[@]}" vendor/bin/pest --log-junit var/junit-heavy.xml --testsuite Feature --group heavy) \
        >var/heavy.log 2>&1 8>&- &
    spare+=($!) beside+=($!)
    (on_database tinta_demo && in_spare_time "${COMPILED[@]}" vendor/bin/pest --log-junit var/junit-demo.xml --testsuite Feature --group demo) \
        >var/demo.log 2>&1 8>&- &
    spare+=($!) beside+=($!)
    for each in "${LANES[@]}"; do
        (
            trap 'stop_web; stop_database; stop_supervisor; end_orphans' EXIT
            use_instance "$each"
            end_orphans
            start_database
            start_scale
            start_web
            local found=0
            [ "$each" != "${LANES[-1]}" ] || TINTA_TEST_INSTANCE=$each run_pest ops --testsuite Ops --exclude-group apart || found=1
            take_from_pile || found=1
            exit $found
        ) >"var/$each.log" 2>&1 8>&- &
        lanes+=($!)
    done
    run_pest suites --testsuite Scale,Feature --exclude-group apart || status=1
    [ ${#LANES[@]} -gt 0 ] || run_pest ops --testsuite Ops --exclude-group apart || status=1
    take_from_pile || status=1
    for each in "${lanes[@]}"; do
        wait "$each" || status=1
    done
    for each in "${LANES[@]}"; do
        say "Lane of $each"
        cat "var/$each.log"
    done
    say 'Whole services, and the whole demo'
    for each in "${spare[@]}"; do
        wait "$each" || status=1
    done
    cat var/heavy.log var/demo.log
    once_more || status=1
    return $status
}

# Browsers share the processors with salons: a file that failed beside another is run once more by itself, and said to be. Only what fails
# by itself has failed. What it did to the salon the first time would be in its way: the demo is loaded anew.
once_more() {
    local each name status=0
    for each in var/test-again/*; do
        [ -e "$each" ] || continue
        name=$(basename "$each")
        say "$name failed beside another lane: once more, by itself, on the demo loaded anew"
        artisan migrate:fresh --seed --force --no-interaction >"$DIR/log/seed.log" 2>&1 || fail 'The demo could not be loaded anew; see var/test/log/seed.log.'
        grant_app tinta_browser
        run_pest "browser-$name" "tests/Browser/$name.php" || status=1
    done
    return $status
}

# The data of the first lane's salon, copied before anybody works with it; its keys with it.
lanes_data() {
    local each
    stop_database
    for each in "${LANES[@]}"; do
        rm -rf "$ROOT/var/$each"
        mkdir -p "$ROOT/var/$each"
        cp -a "$DIR/." "$ROOT/var/$each/"
        rm -rf "$ROOT/var/$each"/{run,sv,tests}
    done
    start_database
}

# In the order of their names, whichever lane takes them: what one leaves behind is known to those after it. None any more where
# what can be said without running it has found something.
take_from_pile() {
    local file name status=0
    for file in tests/Browser/*Test.php; do
        [ ! -e var/static.failed ] || return 1
        name=$(basename "$file" .php)
        mkdir "var/test-pile/$name" 2>/dev/null || continue
        run_pest "browser-$name" "$file" && continue
        if [ ${#LANES[@]} -gt 0 ]; then touch "var/test-again/$name"; else status=1; fi
    done
    return $status
}

# Quiet on standard output: what it prints is the document.
command_work() {
    install_composer run >&2
    php ops/work.php "$@"
}

# Draws the core's folders and who imports whom.
# Brings the page’s catalogues up to what the page says, and tells what is to be said in each.
command_words() {
    install_node
    node ops/words.mjs
}

command_map() {
    install_composer
    php ops/map.php
}

command_bench() {
    install_composer
    if [ "${1:-}" = wish ]; then php ops/bench-wish.php; return; fi
    if [ "${1:-}" = plan ]; then install_debian "${TEST_PACKAGES[@]}"; php ops/bench-plan.php; return; fi
    [ "${1:-}" = search ] || [ "${1:-}" = scale ] || [ "${1:-}" = devices ] || [ "${1:-}" = http ] || [ "${1:-}" = first ] || { php ops/bench.php "$@"; php ops/bench-wish.php; }
    install_debian "${RUN_PACKAGES[@]}" "${TEST_PACKAGES[@]}"
    COMMAND=bench
    if [ "${2:-}" = --group ]; then bench_group; return; fi
    use_instance test
    trap 'stop_web; stop_database; stop_supervisor; end_orphans' EXIT
    end_orphans
    start_database
    if [ "${1:-}" != search ]; then
        install_npm
        build_front_end
        artisan migrate:fresh --seed --force --no-interaction >"$DIR/log/seed.log" 2>&1 || fail 'The demo could not be loaded; see var/test/log/seed.log.'
        grant_app tinta_browser
        start_web
        start_scale
        if [ "${1:-}" != http ]; then
            say 'The first view on a tablet'
            php ops/bench-first.php
        fi
        if [ "${1:-}" = first ]; then return; fi
        say 'Requests of the pages'
        php ops/bench-http.php
        if [ "${1:-}" = http ]; then return; fi
        say 'Thirty open devices'
        php ops/bench-devices.php "$DIR"
        if [ "${1:-}" = devices ]; then return; fi
        say 'The plan of times beside glpsol'
        php ops/bench-plan.php
        say 'From the scale to the screen'
        php ops/bench-scale.php
        if [ "${1:-}" = scale ]; then return; fi
    fi
    say 'Making 100,000 clients to search among'
    make_database tinta_bench
    DB_DATABASE=tinta_bench artisan migrate:fresh --force --no-interaction >"$DIR/log/migrate.log" 2>&1 || fail 'The database could not be prepared; see var/test/log/migrate.log.'
    DB_DATABASE=tinta_bench as_owner php -d memory_limit=1G ops/bench-search.php
}

# The pages' requests at the salon that ./tinta generate made.
bench_group() {
    [ -d "$ROOT/var/group/mysql/tinta" ] || fail 'There is no large salon here yet: ./tinta generate makes it.'
    use_instance group
    MIGRATIONS=$ROOT/database/migrations
    trap 'stop_web; stop_database; stop_supervisor; end_orphans' EXIT
    end_orphans
    start_database
    install_npm
    build_front_end
    update_record
    grant_app "$DB_NAME"
    start_scale
    start_web
    say "Requests of the pages, with $(sql root -N "$DB_NAME" -e 'SELECT COUNT(*) FROM clients') clients and $(sql root -N "$DB_NAME" -e 'SELECT COUNT(*) FROM visits') visits"
    php ops/bench-http.php
}

# Changes the core operator by operator and sees whether a test notices.
# mutate [LAYER...] : the mutation score of each layer of the core; of all of them where none is named
command_mutate() {
    install_debian "${RUN_PACKAGES[@]}" php8.2-pcov
    # Loaded everywhere it would keep PHP from compiling anything to machine code: it is loaded where it is asked for.
    if php -m | grep -qx pcov; then
        if [ "$(id -u)" -eq 0 ]; then phpdismod pcov; else sudo phpdismod pcov; fi
    fi
    install_composer
    local layers=("$@") layer
    [ $# -gt 0 ] || mapfile -t layers < <(cd core && ls -d */ | tr -d /)
    for layer in "${layers[@]}"; do
        [ -d "core/$layer" ] || fail "Name a layer of the core: $(cd core && ls -d */ | tr -d / | tr '\n' ' ')"
    done
    # The plugin that changes the classes does not make the folder it writes to.
    mkdir -p vendor/pestphp/pest-plugin-mutate/.temp/mutations var/opcache-mutate
    say "Which test of the core runs which line"
    php -d extension=pcov.so -d pcov.enabled=1 -d pcov.directory=core ops/mutate.php record
    say "What the tests notice of each layer; what they do not is laid in var/mutate-LAYER.txt"
    php -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=128M \
        ops/mutate.php layers "${layers[@]}"
}
