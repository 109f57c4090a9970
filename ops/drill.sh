# ./tinta drill: what must never happen, tried again and again on an instance of its own; prints what was lost, doubled or stuck.

command_drill() {
    local what=${1:-all} times=${2:-20} status=0
    if [ "$what" = cluster ]; then drill_cluster; return; fi
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
            *) fail "There is no drill “$what”: start, kills, races, bench, page, fuzz, cluster." ;;
        esac
    ) || status=1
    if [ "$what" = all ] || [ "$what" = page ] || [ "$what" = bench ]; then
        say "The page without a network, its tab closed, $times times"
        (TINTA_DRILLS=$times command_test --testsuite Browser --filter '(GuardsTest|OfflineTest).*network') || status=1
    fi
    if [ "$what" = fuzz ]; then
        say 'Bodies that are wrong, 20,000 of them'
        (FUZZ=20000 FUZZ_SEED=$(date +%s) command_test tests/Feature/FuzzTest.php) || status=1
        say 'Documents that are wrong: 9,000 at random, and every place of the example in every way'
        DAMAGE=9000 FUZZ_SEED=$(date +%s) compiled_pest tests/Core/Codec --filter 'damaged|schema just' || status=1
    fi
    return $status
}

# Three machines on loopback with one record, begun as docs/deploy.md says, and its front before two of them.
drill_cluster() {
    local nodes=127.0.0.1:4910,127.0.0.1:4920,127.0.0.1:4930 each status=0
    install_debian "${RUN_PACKAGES[@]}" "${TEST_PACKAGES[@]}" "${CLUSTER_PACKAGES[@]}"
    install_composer
    install_npm
    build_front_end
    trap 'end_cluster_drill' EXIT
    end_cluster_drill
    rm -rf "$ROOT"/var/cluster[123]
    say 'Three nodes begin'
    for each in 1 2 3; do
        mkdir -p "$ROOT/var/cluster$each"
        [ "$each" = 1 ] || cp -a "$ROOT/var/cluster1/secrets" "$ROOT/var/cluster$each/"
        TINTA_INSTANCE=cluster$each ./tinta cluster "$each" "$nodes" >/dev/null
        TINTA_INSTANCE=cluster$each TINTA_PROXIES=127.0.0.1 ./tinta start $([ "$each" != 1 ] || echo --first) >"$ROOT/var/cluster$each.log" 2>&1 || fail "Node $each did not begin; see var/cluster$each.log."
    done
    use_instance drill
    write_front_conf 8850 8870 8880
    start_process front nginx -c "$DIR/front.conf" -e "$DIR/log/front.log"
    wait_until 'The front' "$DIR/log/front.log" front front.conf port_is_open 8850
    say 'Five benches weigh while machines end'
    php ops/drill-cluster.php 8850 || status=1
    return $status
}

end_cluster_drill() {
    local each
    for each in 1 2 3; do
        [ ! -d "$ROOT/var/cluster$each/run" ] || TINTA_INSTANCE=cluster$each ./tinta stop >/dev/null 2>&1 || true
    done
    TINTA_INSTANCE=drill ./tinta stop >/dev/null 2>&1 || true
}

# write_front_conf PORT NODE_PORT... : the front of docs/deploy.md as it stands there, for nodes on loopback and without TLS
write_front_conf() {
    local port=$1 each at=0
    shift
    local front
    front=$(awk '/^upstream tinta \{/ {on = 1} on && /^```/ {exit} on' docs/deploy.md | grep -v ssl_)
    front=${front//listen 443 ssl http2;/listen 127.0.0.1:$port;}
    front=$(grep -v Strict-Transport <<<"$front")
    for each in "$@"; do
        at=$((at + 1))
        front=${front//10.20.0.$at:8360/127.0.0.1:$each}
    done
    # Machines that the document has and this front has not.
    front=$(grep -v '10\.20\.0\.' <<<"$front")
    cat >"$DIR/front.conf" <<CONF
daemon off;
worker_processes 1;
pid "$DIR/run/front-master.pid";
error_log "$DIR/log/front.log" error;
events { worker_connections 512; }
http {
    access_log off;
    client_body_temp_path "$DIR/nginx/body";
    proxy_temp_path "$DIR/nginx/proxy";
    fastcgi_temp_path "$DIR/nginx/fastcgi";
    uwsgi_temp_path "$DIR/nginx/uwsgi";
    scgi_temp_path "$DIR/nginx/scgi";
$front
}
CONF
    if [ "$(id -u)" -eq 0 ]; then chown "$OWN_USER:" "$DIR/front.conf"; fi
}
