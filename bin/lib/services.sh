# Starts, watches and stops the parts, each an own instance on loopback, each stopped by its own process id.

PARTS="mariadb fpm nginx mailbox lists site worker worker2 queue scheduler"

alive() { [ -s "$RUN/$1.pid" ] && kill -0 "$(cat "$RUN/$1.pid")" 2>/dev/null; }

# background NAME COMMAND...: runs it in a session of its own, its output in the log folder, its id in NAME.pid
background() {
    local name=$1; shift
    setsid "$@" >>"$LOGS/$name.log" 2>&1 </dev/null &
    echo $! > "$RUN/$name.pid"
}

# fill TEMPLATE: puts this instance's paths into a configuration from deploy/
fill() {
    # Only root may name the user that nginx works as.
    local nginx_user="" trusted="" proxy files
    [ "$(id -u)" != 0 ] || nginx_user="user root;"
    files=$(ulimit -Hn)
    [ "$files" != unlimited ] && [ "$files" -lt 18000 ] || files=18000
    # What the application trusts as proxies, nginx counts by what they say.
    for proxy in $(setting TRUSTED_PROXIES | tr -d '"' | tr ',' ' '); do trusted+="set_real_ip_from $proxy; "; done
    [ -z "$trusted" ] || trusted+="real_ip_header X-Forwarded-For; real_ip_recursive on;"
    sed -e "s|@FILES@|$files|g" -e "s|@NGINX_USER@|$nginx_user|g" -e "s|@TRUSTED@|    $trusted|g" -e "s|@ROOT@|$ROOT|g" \
        -e "s|@HOME@|$JURAMEN_HOME|g" -e "s|@RUN@|$RUN|g" -e "s|@LOGS@|$LOGS|g" -e "s|@PORT@|$PORT|g" -e "s|@USER@|$(id -un)|g" \
        "$ROOT/deploy/$1" > "$RUN/${1%.in}"
}

make_home() {
    (umask 077; mkdir -p "$JURAMEN_HOME" "$RUN" "$LOGS" "$JURAMEN_HOME/keys" "$JURAMEN_HOME/mailbox" "$RUN/nginx" "$RUN/mariadb-tmp" \
        "$JURAMEN_HOME/storage/framework/views" "$JURAMEN_HOME/storage/framework/cache" "$JURAMEN_HOME/storage/published" "$JURAMEN_HOME/storage/logs")
    [ -s "$JURAMEN_HOME/env" ] || (umask 077; cat > "$JURAMEN_HOME/env" <<SETTINGS
APP_ENV=production
APP_DEBUG=false
APP_KEY=base64:$(head -c 32 /dev/urandom | base64)
APP_URL=$URL
DB_SOCKET=$SOCKET
DB_PASSWORD=$(head -c 18 /dev/urandom | base64 | tr '+/' 'ab')
DB_OWNER_PASSWORD=$(head -c 18 /dev/urandom | base64 | tr '+/' 'ab')
MAIL_HOST=127.0.0.1
SETTINGS
    )
    # Where the stand-ins are to be found, of an instance that is older too.
    set_to APP_URL "$URL"
    set_to MAIL_PORT "$SMTP_PORT"
    set_to MAILBOX_URL "http://127.0.0.1:$MAILBOX_PORT"
    set_to SMS_URL "http://127.0.0.1:$MAILBOX_PORT/sms"
    set_to STAND_INS "lists.quayside-post.example=http://127.0.0.1:$LISTS_PORT,jobs.tidewick.example=http://127.0.0.1:$SITE_PORT"
    set_to ZONE_FILE "$ROOT/standins/resolver/zone.json"
}

# set_to NAME VALUE: in the settings of this instance
set_to() { if grep -q "^$1=" "$JURAMEN_HOME/env"; then sed -i "s|^$1=.*|$1=$2|" "$JURAMEN_HOME/env"; else echo "$1=$2" >> "$JURAMEN_HOME/env"; fi; }
setting() { sed -n "s/^$1=//p" "$JURAMEN_HOME/env"; }

# What a part that was killed (kill -9) left behind: its children live on in its session and hold its socket or port.
clear_orphans() {
    local old
    [ -s "$RUN/$1.pid" ] || return 0
    old=$(cat "$RUN/$1.pid")
    kill -0 "$old" 2>/dev/null && return 0
    pkill -KILL -s "$old" 2>/dev/null || return 0
    sleep 0.2
}

start_mariadb() {
    local try
    fill mariadb.cnf.in
    if [ ! -d "$JURAMEN_HOME/mariadb/mysql" ]; then
        say "Preparing an own MariaDB in $JURAMEN_HOME/mariadb"
        rm -rf "$JURAMEN_HOME/mariadb"
        mariadb-install-db --no-defaults --datadir="$JURAMEN_HOME/mariadb" --user="$(id -un)" --skip-test-db \
            --auth-root-authentication-method=socket --auth-root-socket-user="$(id -un)" >"$LOGS/mariadb-install.log" 2>&1 \
            || die "MariaDB could not prepare its data; see $LOGS/mariadb-install.log"
    fi
    # It may be killed, or die, while it starts: then it is started again.
    for try in 1 2 3; do
        background mariadb "$(command -v mariadbd || echo /usr/sbin/mariadbd)" --defaults-file="$RUN/mariadb.cnf"
        for _ in $(seq 300); do
            mariadb --no-defaults --socket="$SOCKET" --user="$(id -un)" -e 'SELECT 1' >/dev/null 2>&1 && return 0
            alive mariadb || break
            sleep 0.1
        done
        alive mariadb && { say "MariaDB does not answer within 30 seconds; see $LOGS/mariadb.log"; return 1; }
        say "MariaDB did not start (try $try of 3); see $LOGS/mariadb.log"
        sleep 1
    done
    return 1
}

sql() { mariadb --no-defaults --socket="$SOCKET" --user="$(id -un)" "$@"; }

# The owner migrates; the running application may only read and add in the ledger's schema.
make_databases() {
    local name grants=""
    for name in "$@"; do
        grants+="CREATE DATABASE IF NOT EXISTS \`$name\` CHARACTER SET utf8mb4 COLLATE utf8mb4_bin;
            CREATE DATABASE IF NOT EXISTS \`${name}_ledger\` CHARACTER SET utf8mb4 COLLATE utf8mb4_bin;
            GRANT ALL ON \`${name//_/\\_}\`.* TO 'juramen_owner'@'localhost';
            GRANT ALL ON \`${name//_/\\_}\\_ledger\`.* TO 'juramen_owner'@'localhost';
            GRANT SELECT, INSERT, UPDATE, DELETE ON \`${name//_/\\_}\`.* TO 'juramen_app'@'localhost';
            GRANT SELECT, INSERT ON \`${name//_/\\_}\\_ledger\`.* TO 'juramen_app'@'localhost';"
    done
    sql <<SQL
CREATE USER IF NOT EXISTS 'juramen_owner'@'localhost';
CREATE USER IF NOT EXISTS 'juramen_app'@'localhost';
ALTER USER 'juramen_owner'@'localhost' IDENTIFIED BY '$(setting DB_OWNER_PASSWORD)';
ALTER USER 'juramen_app'@'localhost' IDENTIFIED BY '$(setting DB_PASSWORD)';
$grants
SQL
}

# What the settings and routes come to is worked out once for the pages; commands and tests read them anew.
PAGE_CACHES="APP_CONFIG_CACHE=$JURAMEN_HOME/storage/framework/page-config.php APP_ROUTES_CACHE=$JURAMEN_HOME/storage/framework/page-routes.php"
cache_for_pages() {
    # shellcheck disable=SC2086
    env $PAGE_CACHES php "$ROOT/artisan" config:cache >>"$LOGS/cache.log" && env $PAGE_CACHES php "$ROOT/artisan" route:cache >>"$LOGS/cache.log"
}
start_fpm() {
    clear_orphans fpm
    cache_for_pages || say "Pages do without caches; see $LOGS/cache.log"
    fill php-fpm.conf.in
    background fpm env -u PHP_INI_SCAN_DIR "$(command -v php-fpm8.2 || echo /usr/sbin/php-fpm8.2)" --nodaemonize --allow-to-run-as-root \
        --fpm-config "$RUN/php-fpm.conf"
}
start_nginx() {
    clear_orphans nginx
    fill nginx.conf.in
    background nginx "$(command -v nginx || echo /usr/sbin/nginx)" -c "$RUN/nginx.conf" -e "$LOGS/nginx-error.log"
}
start_mailbox() {
    background mailbox node "$ROOT/standins/mailbox/server.mjs" --smtp="$SMTP_PORT" --http="$MAILBOX_PORT" --store="$JURAMEN_HOME/mailbox" \
        --returns="http://127.0.0.1:$PORT/mail/returned"
}
start_site() { background site node "$ROOT/standins/site/server.mjs" --http="$SITE_PORT" --store="$JURAMEN_HOME/site"; }
start_lists() { background lists node "$ROOT/standins/lists/server.mjs" --http="$LISTS_PORT" --store="$JURAMEN_HOME/lists"; }
# Two, so that one that waits for a slow mail server does not stop the other.
start_worker() { background worker php "$ROOT/artisan" deliveries:work; }
start_worker2() { background worker2 php "$ROOT/artisan" deliveries:work; }
# As the scheduler below, it asks the cache between two jobs.
start_queue() { background queue env CACHE_STORE=array php "$ROOT/artisan" queue:work --sleep=1 --quiet; }
# Between its beats the scheduler asks the cache whether it is to stop; were that the database, an outage would silence it
# until the next full minute.
start_scheduler() { background scheduler env CACHE_STORE=array php "$ROOT/artisan" schedule:work; }

# Free means that nobody listens; a port of somebody else's is never touched.
port_free() { ! (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

# Starts again what died, unless a file NAME.hold says to leave it down.
watch_parts() {
    local name
    while :; do
        for name in $PARTS; do
            if ! alive "$name" && [ ! -e "$RUN/$name.hold" ]; then
                say "$name has stopped; starting it again"
                # What cannot be started now is tried again; the other parts go on meanwhile.
                "start_$name" || sleep 2
            fi
        done
        sleep 0.5 &
        wait $! || true
    done
}

stop_parts() {
    local name pid
    for name in scheduler queue worker2 worker site lists mailbox nginx fpm mariadb; do
        alive "$name" || { rm -f "$RUN/$name.pid"; continue; }
        pid=$(cat "$RUN/$name.pid")
        case $name in fpm|nginx) kill -QUIT "$pid" ;; *) kill -TERM "$pid" ;; esac
        for _ in $(seq 100); do kill -0 "$pid" 2>/dev/null || break; sleep 0.1; done
        kill -KILL "$pid" 2>/dev/null || true
        # What it had begun and not ended, such as a beat of the scheduler, is of its session.
        pkill -KILL -s "$pid" 2>/dev/null || true
        rm -f "$RUN/$name.pid"
    done
}
