# The application: php-fpm, nginx in front of it, the simulated scale and its bridge.

SCALE_MARK() { echo "scale/run-simulator.php $SCALE_PORT"; }
BRIDGE_MARK() { echo "scale/run-bridge.php $BRIDGE_PORT"; }
FPM_MARK() { echo "php-fpm: master process ($DIR/fpm.conf)"; }
NGINX_MARK() { echo "$DIR/nginx.conf"; }

start_scale() {
    if ! is_running scale "$(SCALE_MARK)"; then
        need_port "$SCALE_PORT" 'simulated scale' TINTA_SCALE_PORT
        start_process scale php scale/run-simulator.php "$SCALE_PORT"
        wait_for "$SCALE_PORT" 'The simulated scale' "$DIR/log/scale.log"
    fi
    if ! is_running bridge "$(BRIDGE_MARK)"; then
        need_port "$BRIDGE_PORT" 'scale bridge' TINTA_BRIDGE_PORT
        start_process bridge php scale/run-bridge.php "$BRIDGE_PORT" "$SCALE_PORT"
        wait_for "$BRIDGE_PORT" 'The scale bridge' "$DIR/log/bridge.log"
    fi
}

start_web() {
    write_fpm_conf
    write_nginx_conf
    if ! is_running fpm "$(FPM_MARK)"; then
        need_port "$FPM_PORT" PHP TINTA_FPM_PORT
        local as_root=()
        [ "$(id -u)" -eq 0 ] && as_root=(--allow-to-run-as-root)
        start_process fpm php-fpm8.2 --nodaemonize --fpm-config "$DIR/fpm.conf" "${as_root[@]}"
        wait_for "$FPM_PORT" PHP "$DIR/log/fpm.log"
    fi
    if ! is_running nginx "$(NGINX_MARK)"; then
        need_port "$WEB_PORT" 'the application' TINTA_PORT
        start_process nginx nginx -c "$DIR/nginx.conf" -e "$DIR/log/nginx.log"
        wait_for "$WEB_PORT" 'The web server' "$DIR/log/nginx.log"
    fi
}

stop_web() {
    stop_process nginx "$(NGINX_MARK)"
    stop_process fpm "$(FPM_MARK)"
    stop_process bridge "$(BRIDGE_MARK)"
    stop_process scale "$(SCALE_MARK)"
}

write_fpm_conf() {
    local who=''
    [ "$(id -u)" -eq 0 ] && who=$'user = root\ngroup = root'
    cat >"$DIR/fpm.conf" <<CONF
[global]
error_log = $DIR/log/fpm.log
daemonize = no
[tinta]
$who
listen = 127.0.0.1:$FPM_PORT
listen.allowed_clients = 127.0.0.1
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
CONF
}

write_nginx_conf() {
    local who=''
    [ "$(id -u)" -eq 0 ] && who='user root;'
    cat >"$DIR/nginx.conf" <<CONF
$who
daemon off;
worker_processes 2;
pid "$DIR/run/nginx-master.pid";
error_log "$DIR/log/nginx.log" warn;
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

        # Readings come from the bridge; whether a device may listen is the application's word.
        location = /scale/stream {
            auth_request /scale/allowed;
            proxy_pass http://127.0.0.1:$BRIDGE_PORT;
            proxy_http_version 1.1;
            proxy_set_header Connection '';
            proxy_buffering off;
            proxy_read_timeout 1h;
            add_header X-Accel-Buffering no;
        }
        location = /scale/allowed {
            internal;
            fastcgi_pass 127.0.0.1:$FPM_PORT;
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
            fastcgi_pass 127.0.0.1:$FPM_PORT;
            include /etc/nginx/fastcgi_params;
            fastcgi_param SCRIPT_FILENAME "$ROOT/public/index.php";
        }
    }
}
CONF
}
