# The application: php-fpm, nginx in front of it, the simulated scale and its bridge.

SCALE_MARK() { echo "scale/run-simulator.php $SCALE_PORT"; }
BRIDGE_MARK() { echo "scale/run-bridge.php $BRIDGE_PORT"; }
FPM_MARK() { echo "$DIR/fpm.conf"; }
KEEPER_MARK() { echo "ops/keeper.sh"; }
NGINX_MARK() { echo "$DIR/nginx.conf"; }

start_scale() {
    if ! is_running scale "$(SCALE_MARK)"; then
        need_port "$SCALE_PORT" 'simulated scale' TINTA_SCALE_PORT
        need_port "$SCALE2_PORT" 'second simulated scale' TINTA_SCALE2_PORT
        start_process scale php "$ROOT/scale/run-simulator.php" "$SCALE_PORT" "$SCALE2_PORT"
        wait_until 'The simulated scale' "$DIR/log/scale.log" scale "$(SCALE_MARK)" port_is_open "$SCALE_PORT"
    fi
    if ! is_running bridge "$(BRIDGE_MARK)"; then
        need_port "$BRIDGE_PORT" 'scale bridge' TINTA_BRIDGE_PORT
        start_process bridge php "$ROOT/scale/run-bridge.php" "$BRIDGE_PORT" "$SCALE_PORT" "$SCALE2_PORT"
        wait_until 'The scale bridge' "$DIR/log/bridge.log" bridge "$(BRIDGE_MARK)" port_is_open "$BRIDGE_PORT"
    fi
}

start_web() {
    write_fpm_conf
    write_nginx_conf
    if ! is_running fpm "$(FPM_MARK)"; then
        rm -f "$FPM_SOCKET"
        start_process fpm php-fpm8.2 --nodaemonize --fpm-config "$DIR/fpm.conf"
        wait_until PHP "$DIR/log/fpm.log" fpm "$(FPM_MARK)" test -S "$FPM_SOCKET"
    fi
    if ! is_running nginx "$(NGINX_MARK)"; then
        need_port "$WEB_PORT" 'the application' TINTA_PORT
        start_process nginx nginx -c "$DIR/nginx.conf" -e "$DIR/log/nginx.log"
        wait_until 'The web server' "$DIR/log/nginx.log" nginx "$(NGINX_MARK)" port_is_open "$WEB_PORT"
    fi
}

# Daily backups and log rotation, for an instance that people work with.
start_keeper() {
    is_running keeper "$(KEEPER_MARK)" && return
    (
        umask 077
        mkdir -p "$DIR/run/keeper"
        cp "$SECRETS/db_backup" "$SECRETS/notes_keys" "$DIR/run/keeper/"
        cat >"$DIR/run/logrotate.conf" <<CONF
$DIR/log/*.log {
    size 2M
    rotate 7
    copytruncate
    missingok
    notifempty
    create 0600
}
CONF
    )
    if [ "$(id -u)" -eq 0 ]; then chown -R "$OWN_USER:" "$DIR/run/keeper" "$DIR/run/logrotate.conf"; fi
    start_process keeper bash "$ROOT/ops/keeper.sh" "$ROOT" "$DIR" "$DB_NAME"
}

stop_keeper() { stop_process keeper "$(KEEPER_MARK)"; }

stop_web() {
    stop_process nginx "$(NGINX_MARK)"
    stop_process fpm "$(FPM_MARK)"
    stop_process bridge "$(BRIDGE_MARK)"
    stop_process scale "$(SCALE_MARK)"
}

write_fpm_conf() {
    cat >"$DIR/fpm.conf" <<CONF
[global]
error_log = $DIR/log/fpm.log
daemonize = no
[tinta]
listen = $FPM_SOCKET
listen.mode = 0600
pm = static
pm.max_children = 6
clear_env = no
catch_workers_output = yes
php_admin_flag[opcache.enable] = on
php_admin_value[opcache.memory_consumption] = 128
php_admin_value[opcache.max_accelerated_files] = 20000
php_admin_value[opcache.revalidate_freq] = 2
php_admin_value[opcache.jit_buffer_size] = 32M
php_admin_value[memory_limit] = 384M
php_admin_value[upload_max_filesize] = 20M
php_admin_value[post_max_size] = 22M
php_admin_flag[expose_php] = off
php_admin_flag[display_errors] = off
php_admin_flag[zend.exception_ignore_args] = on
CONF
}

write_nginx_conf() {
    cat >"$DIR/nginx.conf" <<CONF
daemon off;
worker_processes 2;
pid "$DIR/run/nginx-master.pid";
# Lower levels write the addresses that were asked for, and an address may hold a client's name.
error_log "$DIR/log/nginx.log" crit;
events { worker_connections 512; }
http {
    include /etc/nginx/mime.types;
    default_type application/octet-stream;
    access_log off;
    server_tokens off;
    sendfile on;
    keepalive_timeout 65;
    client_max_body_size 22m;
    client_body_temp_path "$DIR/nginx/body";
    proxy_temp_path "$DIR/nginx/proxy";
    fastcgi_temp_path "$DIR/nginx/fastcgi";
    uwsgi_temp_path "$DIR/nginx/uwsgi";
    scgi_temp_path "$DIR/nginx/scgi";
    gzip on;
    gzip_types text/css application/javascript application/json image/svg+xml;
    fastcgi_buffers 16 32k;
    fastcgi_buffer_size 64k;

    server {
        listen 127.0.0.1:$WEB_PORT;
        root "$ROOT/public";
        add_header X-Content-Type-Options nosniff always;
        add_header X-Frame-Options DENY always;
        add_header Referrer-Policy same-origin always;
        add_header Content-Security-Policy "default-src 'self'; style-src 'self' 'unsafe-inline'; script-src 'self' 'unsafe-inline'; img-src 'self' data: blob:; font-src 'self' data:; frame-ancestors 'none'" always;

        location /build/ {
            expires 1y;
            access_log off;
        }

        # A newer worker is found at the next load.
        location = /sw.js { expires epoch; }

        # Readings come from the bridge; whether a device may listen is the application's word.
        location = /scale/stream {
            auth_request /scale/allowed;
            auth_request_set \$tinta_salon \$upstream_http_x_tinta_salon;
            proxy_pass http://127.0.0.1:$BRIDGE_PORT;
            proxy_http_version 1.1;
            proxy_set_header Connection '';
            proxy_set_header X-Tinta-Salon \$tinta_salon;
            proxy_buffering off;
            proxy_read_timeout 1h;
            add_header X-Accel-Buffering no;
        }
        # That something was written, to the devices of its salon.
        location = /news {
            limit_except GET { deny all; }
            auth_request /scale/allowed;
            auth_request_set \$tinta_salon \$upstream_http_x_tinta_salon;
            proxy_pass http://127.0.0.1:$BRIDGE_PORT;
            proxy_http_version 1.1;
            proxy_set_header Connection '';
            proxy_set_header X-Tinta-Salon \$tinta_salon;
            proxy_buffering off;
            proxy_read_timeout 1h;
            add_header X-Accel-Buffering no;
        }
        # Which scales are heard, and one at a tablet's own cable, for the device's own salon.
        location ~ ^/scale/(list|attach)\$ {
            auth_request /scale/allowed;
            auth_request_set \$tinta_salon \$upstream_http_x_tinta_salon;
            proxy_pass http://127.0.0.1:$BRIDGE_PORT;
            proxy_set_header X-Tinta-Salon \$tinta_salon;
        }
        # Its lines, ten times a second: let in by the ticket it was given when it was attached.
        location = /scale/feed {
            proxy_pass http://127.0.0.1:$BRIDGE_PORT;
            proxy_set_header X-Tinta-Salon '';
        }
        location = /scale/allowed {
            internal;
            fastcgi_pass "unix:$FPM_SOCKET";
            include /etc/nginx/fastcgi_params;
            fastcgi_param SCRIPT_FILENAME "$ROOT/public/index.php";
            fastcgi_param REQUEST_URI /api/scale/check;
            fastcgi_param REQUEST_METHOD GET;
            fastcgi_param HTTP_ACCEPT application/json;
            fastcgi_pass_request_body off;
            fastcgi_param CONTENT_LENGTH '';
        }

        location / { try_files \$uri /index.php\$is_args\$args; }
        location = /index.php {
            fastcgi_pass "unix:$FPM_SOCKET";
            include /etc/nginx/fastcgi_params;
            fastcgi_param SCRIPT_FILENAME "$ROOT/public/index.php";
        }
    }
}
CONF
}
