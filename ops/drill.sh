# ./tinta drill: what must never happen, tried again and again on an instance of its own; prints what was lost, doubled or stuck.

command_drill() {
    local what=${1:-all} times=${2:-20} status=0
    install_debian "${RUN_PACKAGES[@]}" "${TEST_PACKAGES[@]}"
    install_composer
    install_npm
    build_front_end
    (
        export TINTA_INSTANCE=drill
        trap './tinta stop >/dev/null 2>&1 || true' EXIT
        case "$what" in
            all | start | kills | races | bench) php ops/drill.php "$what" "$times" ;;
            page | fuzz) ;;
            *) fail "There is no drill “$what”: start, kills, races, bench, page, fuzz." ;;
        esac
    ) || status=1
    if [ "$what" = all ] || [ "$what" = page ] || [ "$what" = bench ]; then
        say "The page without a network, its tab closed, $times times"
        (TINTA_DRILLS=$times command_test --testsuite Browser --filter '(GuardsTest|OfflineTest).*network') || status=1
    fi
    if [ "$what" = fuzz ]; then
        say 'Bodies that are wrong, 20,000 of them'
        (FUZZ=20000 FUZZ_SEED=$(date +%s) command_test tests/Feature/FuzzTest.php) || status=1
    fi
    return $status
}
