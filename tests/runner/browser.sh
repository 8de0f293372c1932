# One server and one Chromium a lane, for all of its browser files. Sourced by bin/test.

free_port() { php -r '$s = stream_socket_server("tcp://127.0.0.1:0"); echo explode(":", stream_socket_get_name($s, false))[1];'; }

# await PORT NAME : until something answers there.
await() {
    for _ in $(seq 150); do
        (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null && return
        sleep 0.1
    done
    stop "$2 did not start."
}

# Where the demo lies that every browser file gets a copy of; made once a run, before the lanes start.
demo="$work/demo"
seed() {
    export APP_KEY="base64:$(head -c 32 /dev/urandom | base64)"
    mkdir -p "$demo"
    (
        settings_of_browser "$demo"
        touch "$DB_DATABASE"
        php artisan migrate --force --quiet
        php artisan cache:clear --quiet
        php artisan sprue:open --quiet
        php artisan route:cache --quiet
    )
}

# settings_of_browser FOLDER : the application over the workshop in that folder.
settings_of_browser() {
    export APP_ENV=testing SESSION_DRIVER=file CACHE_STORE=file
    export APP_CONFIG_CACHE="$work/config.php" APP_ROUTES_CACHE="$work/routes.php"
    export DB_DATABASE="$1/bench.sqlite" HOT_SPRUE_PICTURES="$1/pictures" HOT_SPRUE_BACKUPS="$1/backups"
}

# A lane's own workshop, server and driver; the browser itself is begun by the first test that needs one.
open_browser() {
    local port driver
    bench="$work/lane-$number"
    mkdir -p "$bench/app"
    port="$(free_port)"
    driver="$(free_port)"
    PHP_CLI_SERVER_WORKERS=4 php -d upload_max_filesize=61M -d post_max_size=62M -d memory_limit=256M \
        -d opcache.enable_cli=1 -d opcache.validate_timestamps=0 -d display_errors=0 \
        -S "127.0.0.1:$port" -t public public/router.php > >(masked >"$bench/server.log") 2>&1 &
    server=$!
    chromedriver --port="$driver" >"$bench/driver.log" 2>&1 &
    chrome=$!
    await "$port" "The server"
    await "$driver" "ChromeDriver"
    export HOT_SPRUE_URL="http://127.0.0.1:$port" HOT_SPRUE_DRIVER="http://127.0.0.1:$driver"
    export HOT_SPRUE_SESSION="$bench/session"
}
close_browser() {
    [ -n "${server:-}" ] || return 0
    pkill -TERM -P "$server" 2>/dev/null || true
    pkill -TERM -P "$chrome" 2>/dev/null || true
    kill "$server" "$chrome" 2>/dev/null || true
}

# browser NAME FILE : its tests over a fresh copy of the demo.
browser() {
    settings_of_browser "$work/lane-$number"
    [ -n "${server:-}" ] || open_browser
    rm -rf "$bench/pictures" "$bench/backups" "$DB_DATABASE"*
    cp -r "$demo/." "$bench/"
    suite "$@"
}
