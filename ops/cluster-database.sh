#!/usr/bin/env bash
# cluster-database.sh mariadbd OPTION... : a node's database after any end. Where it was killed, the server first tells how far its own
# record goes; then the others send it only what it has missed, not everything.
set -uo pipefail
server=("$@")
data=
for each in "${server[@]}"; do case "$each" in --datadir=*) data=${each#--datadir=} ;; esac; done
position=()
if [ -s "$data/grastate.dat" ]; then
    # Killed a moment ago: whoever comes back while the others still agree that it is gone makes all of them wait.
    if grep -q 'seqno: *-1' "$data/grastate.dat"; then sleep 4; fi
    said=$("${server[@]}" --wsrep-recover 2>&1)
    at=$(grep -oE 'Recovered position:? *[0-9a-f-]{36}:-?[0-9]+' <<<"$said" | tail -1 | grep -oE '[0-9a-f-]{36}:-?[0-9]+$')
    [ -n "$at" ] && position=("--wsrep-start-position=$at")
fi
exec "${server[@]}" "${position[@]}"
