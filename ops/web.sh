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
        rm -f "$FPM_SOCKET" "$SEARCH_SOCKET"
        (
            keep_settings
            # What a pool says of the code cache is said too late: it is made before any pool is.
            start_process fpm php-fpm8.2 --nodaemonize --fpm-config "$DIR/fpm.conf" -d opcache.enable=1 -d opcache.memory_consumption=192 \
                -d opcache.max_accelerated_files=20000 -d opcache.interned_strings_buffer=16 -d opcache.validate_timestamps=0 \
                -d opcache.jit=tracing -d opcache.jit_buffer_size=64M \
                -d apc.enabled=1 -d apc.shm_size=128M -d apc.serializer=php
        )
        wait_until PHP "$DIR/log/fpm.log" fpm "$(FPM_MARK)" test -S "$FPM_SOCKET" -a -S "$SEARCH_SOCKET"
    fi
    if ! is_running nginx "$(NGINX_MARK)"; then
        need_port "$WEB_PORT" 'the application' TINTA_PORT
        [ ! -s "$DIR/tls/cert.pem" ] || need_port "$TLS_PORT" 'the application by TLS' TINTA_TLS_PORT
        start_process nginx nginx -c "$DIR/nginx.conf" -e "$DIR/log/nginx.log"
        wait_until 'The web server' "$DIR/log/nginx.log" nginx "$(NGINX_MARK)" port_is_open "$WEB_PORT"
    fi
    # Also where nothing had to be started: it names the pieces of the page that was built last.
    keep_bare_pages
}

# The page with nothing in it, in each language, as this release serves it: given out while PHP is starting again. It then asks by itself
# until it is answered. Where it cannot be kept, whoever opens a page in that second sees the web server's own word for it.
keep_bare_pages() {
    as_own php -r '
        foreach (["en", "pt"] as $language) {
            $page = @file_get_contents($argv[1]."/?bare", false, stream_context_create(["http" => ["timeout" => 10, "header" => "Cookie: language=$language\r\nAccept: text/html"]]));
            if ($page !== false) { file_put_contents("$argv[2]/bare-$language.html.new", $page) && rename("$argv[2]/bare-$language.html.new", "$argv[2]/bare-$language.html"); }
        }' "http://127.0.0.1:$WEB_PORT" "$DIR/nginx"
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

# Configuration, addresses and events of this release, worked once and kept: of the processes that answer pages alone, for commands
# come with other accounts. Where it cannot be kept, each request works it, and the salon opens all the same.
keep_settings() {
    export APP_CONFIG_CACHE="$DIR/storage/framework/config.php" APP_ROUTES_CACHE="$DIR/storage/framework/routes.php" APP_EVENTS_CACHE="$DIR/storage/framework/events.php"
    rm -f "$APP_CONFIG_CACHE" "$APP_ROUTES_CACHE" "$APP_EVENTS_CACHE" "$APP_PACKAGES_CACHE" "$APP_SERVICES_CACHE"
    (umask 077 && for each in config:cache route:cache event:cache; do as_own php "$ROOT/artisan" "$each" --no-interaction || exit 1; done) >"$DIR/log/settings.log" 2>&1 && return
    say "The settings could not be kept ready; see var/$INSTANCE/log/settings.log. Pages answer a little slower."
    rm -f "$APP_CONFIG_CACHE" "$APP_ROUTES_CACHE" "$APP_EVENTS_CACHE"
}

write_fpm_conf() {
    # As many as the machine carries beside the database, and never so few that one slow request is everybody's.
    local workers=$(($(nproc) * 3))
    if [ $workers -lt 6 ]; then workers=6; elif [ $workers -gt 32 ]; then workers=32; fi

    cat >"$DIR/fpm.conf" <<CONF
[global]
error_log = $DIR/log/fpm.log
daemonize = no
$(pool tinta "$FPM_SOCKET" "$workers")
; What searches, plans and sums has hands of its own, and fewer: twenty of them at once wait for each other, and for nobody who pours.
$(pool search "$SEARCH_SOCKET" "$(nproc)")
process.priority = 5
CONF
}

# pool NAME SOCKET WORKERS
pool() {
    cat <<CONF
[$1]
listen = $2
listen.mode = 0600
listen.backlog = 511
pm = static
pm.max_children = $3
pm.max_requests = 5000
request_terminate_timeout = 40s
clear_env = no
catch_workers_output = yes
php_admin_value[memory_limit] = 384M
php_admin_value[upload_max_filesize] = 20M
php_admin_value[post_max_size] = 22M
php_admin_flag[expose_php] = off
php_admin_flag[display_errors] = off
php_admin_flag[zend.exception_ignore_args] = on
CONF
}

write_nginx_conf() {
    # What Debian has of it; where it is not there, gzip does.
    local module=/usr/lib/nginx/modules/ngx_http_brotli_static_module.so brotli_load='' brotli_on=''
    if [ -e "$module" ]; then brotli_load="load_module $module;" brotli_on='brotli_static on;'; fi
    cat >"$DIR/nginx.conf" <<CONF
$brotli_load
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
    gzip_vary on;
    gzip_comp_level 5;
    gzip_min_length 600;
    # What was built is compressed once, as far as it goes.
    gzip_static on;
    $brotli_on
    gzip_types text/css application/javascript application/json image/svg+xml;
    fastcgi_buffers 16 32k;
    fastcgi_buffer_size 64k;

    # Requests that search, plan or sum up, by their address as it was asked for.
    map \$request_uri \$tinta_pool {
        default unix:$FPM_SOCKET;
        ~^/api/(bowls/(preview|adjusted|substitutes)|visits/[^/?]+/(picture|ways|times|rounds/plan|compare)|workbench/|costs|stock\$|messages\$|house/judgement|clients/[^/?]+/(page|all)|lines/[^/?]+/table) unix:$SEARCH_SOCKET;
    }
    # What stands in for a page while PHP is away: in the language this device was last read in, or its browser asks for.
    map "\$cookie_language \$http_accept_language" \$tinta_language { default en; ~^pt pt; "~^ pt" pt; }
    map "\$request_method \$http_accept" \$tinta_bare { default ''; "~^GET text/html" "/bare-\$tinta_language.html"; }
    # Whoever came by TLS once comes by nothing else.
    map \$https \$tinta_hsts { default ''; on 'max-age=31536000'; }
    server {
        listen 127.0.0.1:$WEB_PORT;
        $(cluster_listen)
        include "$DIR/nginx-site.conf";
    }
$(tls_server)
}
CONF
    write_nginx_site
}

# Where a certificate is, the salon's tablets reach it by TLS, and by nothing else.
tls_server() {
    [ -s "$DIR/tls/cert.pem" ] && [ -s "$DIR/tls/key.pem" ] || return 0
    cat <<CONF
    server {
        listen $TLS_LISTEN:$TLS_PORT ssl http2;
        ssl_certificate "$DIR/tls/cert.pem";
        ssl_certificate_key "$DIR/tls/key.pem";
        ssl_protocols TLSv1.2 TLSv1.3;
        ssl_ciphers ECDHE-ECDSA-AES128-GCM-SHA256:ECDHE-RSA-AES128-GCM-SHA256:ECDHE-ECDSA-AES256-GCM-SHA384:ECDHE-RSA-AES256-GCM-SHA384:ECDHE-ECDSA-CHACHA20-POLY1305:ECDHE-RSA-CHACHA20-POLY1305;
        ssl_prefer_server_ciphers off;
        ssl_session_cache shared:tinta:2m;
        ssl_session_timeout 1d;
        ssl_session_tickets off;
        error_page 497 =301 https://\$host:\$server_port\$request_uri;
        include "$DIR/nginx-site.conf";
    }
CONF
}

# What every door of the instance serves, and the headers of every answer, streams as well.
write_nginx_site() {
    cat >"$DIR/nginx-headers.conf" <<CONF
add_header X-Content-Type-Options nosniff always;
add_header X-Frame-Options DENY always;
add_header Referrer-Policy same-origin always;
add_header Permissions-Policy "geolocation=(), microphone=(), payment=(), usb=()" always;
add_header Cross-Origin-Opener-Policy same-origin always;
add_header Strict-Transport-Security \$tinta_hsts always;
add_header Content-Security-Policy "default-src 'self'; style-src 'self'; script-src 'self'; img-src 'self' data: blob:; font-src 'self' data:; object-src 'none'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'" always;
CONF
    cat >"$DIR/nginx-site.conf" <<CONF
        root "$ROOT/public";
        include "$DIR/nginx-headers.conf";

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
            include "$DIR/nginx-headers.conf";
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
            include "$DIR/nginx-headers.conf";
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
            fastcgi_pass \$tinta_pool;
            include /etc/nginx/fastcgi_params;
            fastcgi_param SCRIPT_FILENAME "$ROOT/public/index.php";
            error_page 502 504 = @away;
        }
        location @away {
            root "$DIR/nginx";
            try_files \$tinta_bare =502;
        }
CONF
}
