# MariaDB in the instance's own folder, on loopback only.

DB_MARK() { echo "--datadir=$DIR/mysql"; }

start_database() {
    is_running database "$(DB_MARK)" && return
    need_port "$DB_PORT" database TINTA_DB_PORT
    local as=()
    [ "$(id -u)" -eq 0 ] && as=(--user=root)
    if [ ! -d "$DIR/mysql/mysql" ]; then
        say 'Creating the database'
        mariadb-install-db --no-defaults --datadir="$DIR/mysql" --auth-root-authentication-method=normal --skip-test-db "${as[@]}" \
            >"$DIR/log/install-db.log" 2>&1 || fail "The database could not be created; see var/$INSTANCE/log/install-db.log."
    fi
    # Idempotent, and read at every start: only our own user, with its own password, can come in.
    (umask 077 && cat >"$DIR/run/init.sql" <<SQL
CREATE USER IF NOT EXISTS 'tinta'@'127.0.0.1' IDENTIFIED BY '$DB_PASSWORD';
GRANT ALL ON \`tinta%\`.* TO 'tinta'@'127.0.0.1';
ALTER USER 'root'@'localhost' IDENTIFIED BY '$DB_PASSWORD';
CREATE DATABASE IF NOT EXISTS tinta CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
CREATE DATABASE IF NOT EXISTS tinta_http CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
CREATE DATABASE IF NOT EXISTS tinta_browser CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
CREATE DATABASE IF NOT EXISTS tinta_bench CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
SQL
    )
    # A recorded pour survives a pulled plug: the log is flushed to disk at every commit,
    # and pages are written twice so that a torn one can be mended.
    start_process database mariadbd --no-defaults --datadir="$DIR/mysql" --port="$DB_PORT" --bind-address=127.0.0.1 \
        --socket=sql.sock --pid-file="$DIR/run/mariadbd.pid" --init-file="$DIR/run/init.sql" "${as[@]}" \
        --skip-name-resolve --innodb-flush-log-at-trx-commit=1 --innodb-doublewrite=ON --innodb-buffer-pool-size=128M --skip-log-bin
    wait_for "$DB_PORT" 'The database' "$DIR/log/database.log"
}

stop_database() { stop_process database "$(DB_MARK)"; }

# Long enough for the init file to have been read after the port opened.
wait_for_login() {
    for _ in $(seq 1 100); do
        php -r 'try { new PDO("mysql:host=127.0.0.1;port=".getenv("DB_PORT").";dbname=".getenv("DB_DATABASE"), "tinta", getenv("DB_PASSWORD")); } catch (PDOException $e) { exit(1); }' && return
        sleep 0.1
    done
    fail "The database does not let the application in; see var/$INSTANCE/log/database.log."
}
