# Installs what is missing: Debian packages (as root), Composer and npm packages, built assets.
DEBIAN_PACKAGES="mariadb-server mariadb-client nginx-light php8.2-fpm php8.2-cli php8.2-mysql php8.2-curl php8.2-gd php8.2-zip"
DEBIAN_PACKAGES+=" php8.2-intl php8.2-mbstring php8.2-xml procps unzip"
DEBIAN_PACKAGES_TESTS="chromium-headless-shell openssl snowball-data"

missing_packages() {
    for package in "$@"; do
        dpkg-query -W -f '${Status}' "$package" 2>/dev/null | grep -q 'ok installed' || printf '%s ' "$package"
    done
}

install_debian() {
    # nginx-full and nginx-extras do as well as nginx-light.
    local wanted="$*" missing
    if command -v nginx >/dev/null || [ -x /usr/sbin/nginx ]; then wanted=${wanted/nginx-light/}; fi
    # shellcheck disable=SC2086
    missing=$(missing_packages $wanted)
    [ -z "$missing" ] && return 0
    if [ "$(id -u)" != 0 ]; then
        die "These Debian packages are missing: $missing
Install them as root, then call this again:
    apt-get update && apt-get install --no-install-recommends $missing"
    fi
    say "Installing Debian packages: $missing"
    # Debian would start services of its own; ours are separate, so it is told not to.
    local policy=/usr/sbin/policy-rc.d made=
    if [ ! -e $policy ]; then printf '#!/bin/sh\nexit 101\n' > $policy; chmod 755 $policy; made=yes; fi
    apt-get update -qq >&2
    # shellcheck disable=SC2086
    DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends $missing >&2 \
        || { [ -z "$made" ] || rm -f $policy; die "apt-get could not install: $missing"; }
    [ -z "$made" ] || rm -f $policy
}

# Runs a command again only when one of the named files is newer than the stamp of its last success.
unless_done() {
    local stamp=$1 inputs=$2; shift 2
    # shellcheck disable=SC2086
    if [ -e "$stamp" ] && [ -z "$(find $inputs -newer "$stamp" -print -quit)" ]; then return 0; fi
    "$@"
    mkdir -p "$(dirname "$stamp")"; touch "$stamp"
}

composer_install() { say "Installing Composer packages"; composer install --no-interaction --no-progress --quiet --working-dir="$ROOT" >&2; }
npm_install() { say "Installing npm packages"; (cd "$ROOT" && PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1 npm ci --no-fund --no-audit --loglevel=error >&2); }
build_assets() { say "Building styles, fonts and scripts"; (cd "$ROOT" && npm run --silent build >&2); }

install_all() {
    command -v node >/dev/null || die "Node 20 or newer is missing; install Debian's nodejs and npm packages or Node's own."
    command -v composer >/dev/null || die "Composer is missing; install Debian's composer package or Composer's own."
    # shellcheck disable=SC2086
    install_debian "$@"
    unless_done "$ROOT/vendor/.done" "$ROOT/composer.json" composer_install
    unless_done "$ROOT/node_modules/.done" "$ROOT/package.json $ROOT/package-lock.json" npm_install
    unless_done "$ROOT/public/build/.done" \
        "$ROOT/resources/css $ROOT/resources/js $ROOT/resources/views $ROOT/package.json $ROOT/bin/lib/build-assets.mjs" build_assets
    keep_compiled
}

# Commands find what PHP made of their code the last time; who serves pages has a cache of its own, and must not have this one.
keep_compiled() {
    COMPILED=$ROOT/vendor/.compiled
    (umask 077; mkdir -p "$COMPILED") 2>/dev/null || return 0
    [ ! -w "$COMPILED" ] || export COMPILED PHP_INI_SCAN_DIR=":$ROOT/deploy/php-cli"
}
