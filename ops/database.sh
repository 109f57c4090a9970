# MariaDB in the instance's own folder, reached through a socket only.

DB_MARK() { echo "--datadir=$DIR/mysql"; }

start_database() {
    is_running database "$(DB_MARK)" && return
    if [ ! -d "$DIR/mysql/mysql" ]; then
        say 'Creating the database'
        # Whole or not at all: a cut-off attempt is thrown away and made again.
        rm -rf "$DIR/mysql.new" "$DIR/mysql"
        as_own mariadb-install-db --no-defaults --datadir="$DIR/mysql.new" --auth-root-authentication-method=normal --skip-test-db \
            >"$DIR/log/install-db.log" 2>&1 || fail "The database could not be created; see var/$INSTANCE/log/install-db.log."
        mv "$DIR/mysql.new" "$DIR/mysql"
    fi
    # Read at every start: exactly these accounts, each with its own password, and no other can come in.
    (
        umask 077
        cat >"$DIR/run/init.sql" <<SQL
DELETE FROM mysql.global_priv WHERE NOT (User = 'mariadb.sys' OR (Host = 'localhost' AND User IN ('root', 'tinta_owner', 'tinta_app', 'tinta_backup')));
DELETE FROM mysql.db WHERE User NOT IN ('tinta_owner', 'tinta_app', 'tinta_backup', 'mariadb.sys');
DELETE FROM mysql.proxies_priv;
FLUSH PRIVILEGES;
CREATE USER IF NOT EXISTS 'root'@'localhost' IDENTIFIED BY '$(cat "$SECRETS/db_root")';
ALTER USER 'root'@'localhost' IDENTIFIED BY '$(cat "$SECRETS/db_root")';
GRANT ALL PRIVILEGES ON *.* TO 'root'@'localhost' WITH GRANT OPTION;
CREATE USER IF NOT EXISTS 'tinta_owner'@'localhost' IDENTIFIED BY '$(cat "$SECRETS/db_owner")';
ALTER USER 'tinta_owner'@'localhost' IDENTIFIED BY '$(cat "$SECRETS/db_owner")';
GRANT ALL PRIVILEGES ON \`tinta%\`.* TO 'tinta_owner'@'localhost';
CREATE USER IF NOT EXISTS 'tinta_backup'@'localhost' IDENTIFIED BY '$(cat "$SECRETS/db_backup")';
ALTER USER 'tinta_backup'@'localhost' IDENTIFIED BY '$(cat "$SECRETS/db_backup")';
GRANT SELECT, SHOW VIEW, TRIGGER, LOCK TABLES ON \`tinta%\`.* TO 'tinta_backup'@'localhost';
CREATE USER IF NOT EXISTS 'tinta_app'@'localhost' IDENTIFIED BY '$(cat "$SECRETS/db_app")';
ALTER USER 'tinta_app'@'localhost' IDENTIFIED BY '$(cat "$SECRETS/db_app")';
CREATE DATABASE IF NOT EXISTS $DB_NAME CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
SQL
        if [ "$(id -u)" -eq 0 ]; then chown "$OWN_USER:" "$DIR/run/init.sql"; fi
    )
    # A recorded pour survives a pulled plug: the log is flushed to disk at every commit, and pages are written twice so that a
    # torn one can be mended. Tests write as much and pull no plug.
    local flush=1
    is_for_tests && flush=0
    # A quarter of the machine's memory, as far as that is needed: pages are kept there only once they were read.
    local pool=$(($(awk '/^MemTotal/ {print $2}' /proc/meminfo 2>/dev/null || echo 524288) / 4096))
    if [ $pool -lt 128 ]; then pool=128; elif [ $pool -gt 8192 ]; then pool=8192; fi
    is_for_tests && pool=128
    # A folder of its own for what it sorts: at its start it clears away what it finds there, and in one that several share that is what
    # another is just working with.
    local server=(mariadbd --no-defaults --datadir="$DIR/mysql" --tmpdir="$DIR/tmp" --skip-networking --socket="$DB_SOCKET"
        --pid-file="$DIR/run/mariadbd.own" --local-infile=0 --secure-file-priv="$DIR/nginx"
        --innodb-flush-log-at-trx-commit=$((flush == 1 ? 1 : 2)) --innodb-doublewrite=ON --innodb-buffer-pool-size=${pool}M
        --log-bin="$DIR/binlog/tinta" --binlog-format=ROW --sync-binlog="$flush" --expire-logs-days=7 --max-binlog-size=64M
        --log-bin-trust-function-creators=1 --server-id=1)
    local options=() first=(--init-file="$DIR/run/init.sql")
    mapfile -t options < <(cluster_options)
    if is_cluster_node; then
        # The first makes the accounts; whoever joins has them from the others, with everything else, however long that takes.
        server=("$ROOT/ops/cluster-database.sh" "${server[@]}" "${options[@]}")
        if [ -n "${FIRST_OF_ALL:-}" ]; then first+=(--wsrep-new-cluster); else first=(); fi
        WAIT_TENTHS=36000
    fi
    start_process database "${server[@]}" "${first[@]}"
    wait_until 'The database' "$DIR/log/database.log" database "$(DB_MARK)" sql owner -e 'SELECT 1'
    # Started again by itself, it finds its accounts as they are: the file with their passwords is gone by then.
    write_service database "${server[@]}"
    # The server makes its socket for everybody; the folder around it is closed, and now it is too.
    chmod 600 "$DB_SOCKET"
    rm -f "$DIR/run/init.sql"
}

stop_database() { stop_process database "$(DB_MARK)"; }

# sql ACCOUNT ARGUMENTS... : root, owner, app or backup
sql() {
    local account=$1 user="tinta_$1"
    shift
    [ "$account" = root ] && user=root
    MYSQL_PWD=$(cat "$SECRETS/db_$account") mariadb --no-defaults --socket="$DB_SOCKET" --default-character-set=utf8mb4 -u"$user" "$@"
}

# as_owner COMMAND... : the application's own commands with the account that may change tables
as_owner() {
    DB_USERNAME=tinta_owner DB_PASSWORD=$(cat "$SECRETS/db_owner") "$@"
}

# artisan ARGUMENTS... : as the own user and the account that may change tables
artisan() {
    # Which packages there are is looked up anew: the list may be from before an update.
    rm -f "$APP_PACKAGES_CACHE" "$APP_SERVICES_CACHE"
    as_owner as_own php "$ROOT/artisan" "$@"
}

make_database() { sql root -e "CREATE DATABASE IF NOT EXISTS \`$1\` CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci"; }

# grant_app DATABASE : what the application may do, table by table. It can neither drop nor empty a table nor touch a trigger;
# what was poured, marked, waived and logged it can only add to, and the plan of a batch it cannot change.
grant_app() {
    local database=$1 table
    {
        echo "DELETE FROM mysql.tables_priv WHERE User = 'tinta_app' AND Db = '$database';"
        echo "DELETE FROM mysql.columns_priv WHERE User = 'tinta_app' AND Db = '$database';"
        echo 'FLUSH PRIVILEGES;'
        for table in $(sql root -N -e "SELECT table_name FROM information_schema.tables WHERE table_schema = '$database'"); do
            case "$table" in
                pours | stamps | waivers | activity_log | editions | stock_moves) echo "GRANT SELECT, INSERT ON \`$database\`.\`$table\` TO 'tinta_app'@'localhost';" ;;
                writes) echo "GRANT SELECT, INSERT, DELETE ON \`$database\`.\`$table\` TO 'tinta_app'@'localhost';" ;;
                batches) echo "GRANT SELECT, INSERT, UPDATE (status, mixed_cg, used_cg, finished_at, updated_at) ON \`$database\`.\`$table\` TO 'tinta_app'@'localhost';" ;;
                stock_sums) echo "GRANT SELECT ON \`$database\`.\`$table\` TO 'tinta_app'@'localhost';" ;;
                migrations) echo "GRANT SELECT ON \`$database\`.\`$table\` TO 'tinta_app'@'localhost';" ;;
                *) echo "GRANT SELECT, INSERT, UPDATE, DELETE ON \`$database\`.\`$table\` TO 'tinta_app'@'localhost';" ;;
            esac
        done
        erasure "$database"
    } | sql root
}

# The one way in which the application takes words out of what is only ever added to: all of one client's, and nothing else. It runs as
# the tables' owner; the triggers let through nothing but the words of a row becoming “erased”.
erasure() {
    echo "DELETE FROM mysql.procs_priv WHERE User = 'tinta_app' AND Db = '$1'; FLUSH PRIVILEGES;"
    [ -n "$(sql root -N -e "SELECT 1 FROM information_schema.columns WHERE table_schema = '$1' AND table_name = 'clients' AND column_name = 'erased_at'")" ] || return 0
    sed "s/@database@/$1/g" "$ROOT/ops/erase-client.sql"
}
