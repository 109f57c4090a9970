# Words on the terminal.

say() { printf '\033[2m·\033[0m %s\n' "$*"; }

done_saying() { printf '\033[32m✓\033[0m %s\n' "$*"; }

fail() {
    printf '\033[31m✗\033[0m %s\n' "$*" >&2
    exit 1
}

command_help() {
    cat <<'TEXT'
./tinta start        install what is missing, start database, scale and application, print the address
./tinta start --empty   a salon of your own instead of the demo, which is laid aside as it is; --demo takes it up again
./tinta test         everything that must hold: static checks, core, HTTP and browser tests
                     (with arguments: only the PHP tests, the arguments go to the runner)
./tinta work FILE    work a formula document (- for standard input); --table for people, --in pt in Portuguese
./tinta words        brings the catalogues of further languages up to what the page says, and tells what is to be said
./tinta map          draws who imports whom in the core (docs/map.svg)
./tinta bench        the core's timings, as ratios against something measured in the same run
./tinta generate [CLIENTS] [VISITS]  a salon as large as a group of salons, beside everything else (100,000 and 1,000,000; about a quarter of an hour, 12 GB)
./tinta judge           foretell every closed visit from what was known before it, and say how far off that is
./tinta mutate [LAYER…] change layers of the core operator by operator and see whether a test notices; all of them where none is named
./tinta stop         stop what start started; the data stays
./tinta status       what is running, and where
./tinta doctor       what is wrong here, and what mends it: programs, disk, clock, processes, database, keys, backups
./tinta tls NAME     reached from the salon’s tablets by TLS; with NAME CERTIFICATE KEY by a certificate of yours; off takes it back
./tinta cluster      one record on several machines: ./tinta cluster NODE ADDRESS,ADDRESS,ADDRESS (docs/deploy.md); alone it tells whether this one is whole
./tinta backup FILE  the record and the photographs as of one moment, while the salon works
./tinta restore FILE put a backup in the place of what is here; what is here is kept beside
./tinta password ADDRESS  a link for a new password, once
./tinta new-key      a new key for notes about health, which stand sealed in the database
./tinta export DIR   a whole salon as open files: JSON, CSV, photographs
./tinta import DIR   such a salon into an empty instance (./tinta start --empty)
./tinta reset-demo   throw the demo's data away and load it afresh
./tinta drill [bench|cluster] kills, races, interrupted starts and a lost connection, each again and again; three machines of which some end;
                     counts what was lost

Ports, each can be set in the environment:
  TINTA_PORT (8360)         the application
  TINTA_SCALE_PORT (8361)   the simulated scale
  TINTA_BRIDGE_PORT (8362)  the scale bridge
  TINTA_SCALE2_PORT (8363)  the second simulated scale
  TINTA_TLS_PORT (8443)     the application by TLS, on TINTA_LISTEN (0.0.0.0)
Database and PHP are reached through sockets that only their own user may open.
TEXT
}
