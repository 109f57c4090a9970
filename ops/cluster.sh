# Several machines with one record: each has its own pages, PHP and database, and MariaDB's Galera keeps the databases the same. What
# makes a machine one of them stands in a file of its instance:
#
#     node=1                                      which one it is: 1, 2, 3 …
#     address=10.20.0.1:4567                      where the others reach its database, on a network of their own
#     nodes=10.20.0.1:4567,10.20.0.2:4567,10.20.0.3:4567

is_cluster_node() { [ -s "$DIR/cluster" ]; }

cluster_says() { sed -n "s/^$1=//p" "$DIR/cluster" 2>/dev/null | head -1; }

# What a process of a node has to know: its number, and that others write too.
export_cluster() {
    unset TINTA_NODE TINTA_CLUSTER
    is_cluster_node || return 0
    TINTA_NODE=$(cluster_says node)
    export TINTA_NODE TINTA_CLUSTER=true
}

# Options of the database server, one a line. Three ports beside each other: the group's own, small catches-up, whole copies. One hand
# applies what the others wrote: with two at once, catching up, this server reads a table's triggers as empty now and then, and refuses
# every pour from then on (error 1064, seen in the drill).
cluster_options() {
    is_cluster_node || return 0
    local address host port
    address=$(cluster_says address)
    host=${address%:*} port=${address##*:}
    cat <<OPTIONS
--wsrep-on=ON
--wsrep-provider=/usr/lib/galera/libgalera_smm.so
--wsrep-cluster-name=tinta
--wsrep-cluster-address=gcomm://$(cluster_says nodes)
--wsrep-node-name=node$(cluster_says node)
--wsrep-node-address=$address
--wsrep-sst-method=rsync
--wsrep-sst-receive-address=$host:$((port + 2))
--wsrep-slave-threads=1
--innodb-autoinc-lock-mode=2
--wsrep-provider-options=base_host=$host;base_port=$port;gmcast.listen_addr=tcp://$host:$port;ist.recv_addr=$host:$((port + 1));gcache.size=256M;gcache.recover=yes;repl.causal_read_timeout=PT1S;evs.keepalive_period=PT0.5S;evs.inactive_check_period=PT0.5S;evs.suspect_timeout=PT2S;evs.inactive_timeout=PT6S;pc.recovery=TRUE
OPTIONS
}

# The web server in front reaches a node's pages in the nodes' own network.
cluster_listen() {
    local host
    host=$(cluster_says address)
    host=${host%:*}
    case "$host" in '' | 127.*) ;; *) printf 'listen %s:%s;' "$host" "$WEB_PORT" ;; esac
}

# cluster NODE ADDRESS,ADDRESS,… : this machine becomes one of them from its next start; cluster off: it is one by itself again
command_cluster() {
    use_instance "$(chosen_instance)"
    COMMAND=cluster
    case "${1:-}" in
        '')
            is_cluster_node || { say 'This machine is one by itself. ./tinta cluster NODE ADDRESS,ADDRESS,ADDRESS makes it one of several.'; return; }
            say "Node $(cluster_says node) of $(cluster_says nodes)"
            is_running database "$(DB_MARK)" || { say 'Its database does not run.'; return 1; }
            sql root -N -e "SHOW STATUS WHERE Variable_name IN ('wsrep_cluster_size', 'wsrep_cluster_status', 'wsrep_local_state_comment', 'wsrep_ready')" | sed 's/^wsrep_/  /'
            ;;
        off)
            rm -f "$DIR/cluster"
            done_saying 'From its next start this machine is one by itself, with the record as it is now.'
            ;;
        *)
            local number=$1 nodes=${2:-} address each
            [[ "$number" =~ ^[1-9][0-9]?$ ]] || fail "“$number” is no number of a node. Say 1 for the first, 2 for the second: ./tinta cluster 1 10.20.0.1,10.20.0.2,10.20.0.3"
            local all=()
            for each in ${nodes//,/ }; do
                [[ "$each" == *:* ]] || each="$each:4567"
                [[ "$each" =~ ^[A-Za-z0-9.-]+:[0-9]+$ ]] || fail "“$each” is no address. Write names or numbers, with a port or without: 10.20.0.1"
                all+=("$each")
            done
            [ ${#all[@]} -ge 3 ] || fail 'A cluster has three machines or more: of two, neither could tell whether the other is down or out of reach.'
            [ "$number" -le ${#all[@]} ] || fail "There is no node $number among ${#all[@]} addresses."
            address=${all[$((number - 1))]}
            (umask 077 && printf 'node=%s\naddress=%s\nnodes=%s\n' "$number" "$address" "$(IFS=,; printf '%s' "${all[*]}")" >"$DIR/cluster")
            if [ "$(id -u)" -eq 0 ]; then chown "$OWN_USER:" "$DIR/cluster"; fi
            done_saying "Node $number at $address, from its next start. The very first of all says once: ./tinta start --first"
            ;;
    esac
}
