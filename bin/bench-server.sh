# Sourced by bin/benchmark-http and bin/load: a workshop of its own in a folder of its own, served by nginx and php-fpm on loopback.
# Starts what is measured, stops it again, leaves nothing. Sets $work, $port, $url and DB_DATABASE.

started=()
cleanup() { for pid in "${started[@]}"; do kill "$pid" 2>/dev/null || true; done; wait 2>/dev/null || true; rm -rf "$work"; }

need_server() {
    local pair
    for pair in nginx:nginx-light php-fpm8.2:php8.2-fpm; do
        command -v "${pair%%:*}" >/dev/null && continue
        [ "$(id -u)" = 0 ] || stop "${pair%%:*} is missing and only root can install it: apt-get install ${pair#*:}"
        say "Installing Debian package ${pair#*:}"
        # Its own service is not wanted: what is measured is started here.
        printf '#!/bin/sh\nexit 101\n' >/usr/sbin/policy-rc.d; chmod +x /usr/sbin/policy-rc.d
        DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "${pair#*:}" >/dev/null || { rm -f /usr/sbin/policy-rc.d; stop "apt-get could not install ${pair#*:}"; }
        rm -f /usr/sbin/policy-rc.d
    done
}

bench_shop() { # the invented workshop, filled anew
    work="$(mktemp -d)"
    trap cleanup EXIT
    port="$(php -r '$s = stream_socket_server("tcp://127.0.0.1:0"); echo explode(":", stream_socket_get_name($s, false))[1];')"
    url="http://127.0.0.1:$port"
    mkdir -p "$work/views" "$work/tmp" "$work/disk"
    export APP_ENV=benchmark APP_DEBUG=false APP_KEY=base64:7UXQ2b3FkuP9DBTWh7uHgvXyDNvAx0LDe0MHeoQTF6Y= APP_URL="$url" DB_CONNECTION=sqlite DB_DATABASE="$work/benchmark.sqlite" \
        SESSION_DRIVER=database DB_PERSISTENT=${PERSISTENT:-true} CACHE_STORE=file QUEUE_CONNECTION=sync ARGON_MEMORY=64 ARGON_TIME=1 SPINDLE_DEMO=true SPINDLE_REGISTER=simulated LOG_CHANNEL=single VIEW_COMPILED_PATH="$work/views" VIEW_CHECK_TIMESTAMPS=false \
        LOCAL_DISK="$work/disk" SPINDLE_BACKUPS="$work/backups" APP_CONFIG_CACHE="$work/config.php" APP_ROUTES_CACHE="$work/routes.php" APP_EVENTS_CACHE="$work/events.php" APP_FIELDS_CACHE="$work/fields.php"
    touch "$DB_DATABASE"
    php artisan migrate --force --seed --quiet
}

bench_serve() { # how many PHP processes
    php artisan config:cache --quiet; php artisan route:cache --quiet; php artisan event:cache --quiet; php artisan view:cache --quiet; php artisan fields:cache --quiet
    chmod -R a+rwX "$work"
    printf '[global]\nerror_log = %s/fpm.log\ndaemonize = no\n' "$work" >"$work/fpm.conf"
    # As bin/workshop sets it up: what is sent has people of its own to take it, before those who show pages.
    local pool
    for pool in "pages $1 10" "entries 2 0"; do
        set -- $pool
        cat >>"$work/fpm.conf" <<CONF
[$1]
user = $(id -un)
group = $(id -gn)
listen = $work/$1.sock
listen.backlog = 511
pm = static
pm.max_children = $2
process.priority = $3
clear_env = no
php_admin_value[opcache.enable] = 1
php_admin_value[opcache.validate_timestamps] = 0
php_admin_value[upload_max_filesize] = 16M
php_admin_value[post_max_size] = 20M
CONF
    done
    cat >"$work/nginx.conf" <<CONF
worker_processes 1;
daemon off;
pid $work/nginx.pid;
error_log $work/nginx.log;
events {}
http {
    include /etc/nginx/mime.types;
    access_log off;
    map \$request_method \$pool { default pages; POST entries; }
    client_body_temp_path $work/tmp/body; proxy_temp_path $work/tmp/proxy; fastcgi_temp_path $work/tmp/fastcgi; uwsgi_temp_path $work/tmp/uwsgi; scgi_temp_path $work/tmp/scgi;
    server {
        listen 127.0.0.1:$port;
        root $PWD/public;
        client_max_body_size 20m;
        location / { try_files \$uri @app; }
        location @app {
            include /etc/nginx/fastcgi_params;
            fastcgi_param HTTP_HOST \$http_host;
            fastcgi_buffers 32 32k; fastcgi_buffer_size 32k;
            fastcgi_param SCRIPT_FILENAME $PWD/tests/Support/benchmark-index.php;
            fastcgi_param SCRIPT_NAME /index.php;
            fastcgi_pass unix:$work/\$pool.sock;
        }
    }
}
CONF
    local user=""; [ "$(id -u)" = 0 ] && user="user root;"
    sed -i "1i $user" "$work/nginx.conf"
    php-fpm8.2 -R -d opcache.preload="$PWD/bootstrap/preload.php" -d opcache.jit=tracing -d opcache.jit_buffer_size=64M -d opcache.preload_user="$(id -un)" -y "$work/fpm.conf" >/dev/null 2>&1 & started+=($!)
    nginx -c "$work/nginx.conf" 2>/dev/null & started+=($!)
    for _ in $(seq 50); do php -r 'exit(@file_get_contents($argv[1]) === false ? 1 : 0);' "$url/sign-in" && return; sleep 0.2; done
}
