# A PostgreSQL server in a folder of its own, reached at a free port; the server refuses to be root. Sourced by bin/test.

as_postgres() { if [ "$(id -u)" = 0 ]; then runuser -u postgres -- "$@"; else "$@"; fi; }
start_postgres() {
    programs="$(ls -d /usr/lib/postgresql/*/bin 2>/dev/null | sort -V | tail -1)"
    [ -n "$programs" ] && php -m | grep -qix pdo_pgsql || need postgresql "php$(php -r 'echo PHP_MAJOR_VERSION.".".PHP_MINOR_VERSION;')-pgsql"
    programs="$(ls -d /usr/lib/postgresql/*/bin | sort -V | tail -1)"
    mkdir -p "$work/postgres"
    [ "$(id -u)" != 0 ] || chown -R postgres "$work"
    chmod 755 "$work"
    export PG_PORT PG_DATABASE=hot_sprue PG_USERNAME=hot_sprue DB_CONNECTION=pgsql
    PG_PORT="$(free_port)"
    as_postgres "$programs/initdb" -D "$work/postgres/data" -U hot_sprue --auth=trust >/dev/null
    as_postgres "$programs/pg_ctl" -D "$work/postgres/data" -o "-p $PG_PORT -c listen_addresses=127.0.0.1 -c unix_socket_directories=$work/postgres -c fsync=off" -l "$work/postgres/log" -w start >/dev/null
    as_postgres "$programs/createdb" -h 127.0.0.1 -p "$PG_PORT" -U hot_sprue hot_sprue
}
end_postgres() { [ ! -d "$work/postgres/data" ] || as_postgres "$programs/pg_ctl" -D "$work/postgres/data" -m immediate stop >/dev/null 2>&1 || true; }
