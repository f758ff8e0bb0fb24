# Shared by bin/start, bin/test and bin/bench: sets up what is missing, says what it does, and what to do if it cannot.
# shellcheck shell=bash
set -euo pipefail
cd "$(dirname "${BASH_SOURCE[0]}")/.."

step() { printf '== %s\n' "$*"; }
stop() { printf '\nCannot go on: %s\n' "$*" >&2; exit 1; }

apt_install() {
    command -v apt-get >/dev/null || stop "please install $* with this system's package manager, then run this again."
    local sudo=''
    [ "$(id -u)" = 0 ] || sudo='sudo -n'
    $sudo env DEBIAN_FRONTEND=noninteractive apt-get update -qq >/dev/null 2>&1 || true
    $sudo env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "$@" >/dev/null 2>&1 \
        || stop "the packages $* are missing and could not be installed. As an administrator: apt-get install $*"
}

need_tools() {
    command -v php >/dev/null || stop 'PHP 8.2 is missing. On Debian: apt-get install php8.2-cli'
    command -v composer >/dev/null || stop 'Composer is missing. On Debian: apt-get install composer'
    command -v npm >/dev/null || stop 'Node.js 20 with npm is missing.'
    local missing=() modules
    modules=$(php -m)
    for extension in sqlite3:pdo_sqlite curl:curl zip:zip mbstring:mbstring intl:intl xml:dom; do
        grep -qix "${extension#*:}" <<<"$modules" || missing+=("php8.2-${extension%:*}")
    done
    [ ${#missing[@]} -eq 0 ] || { step "PHP extensions: ${missing[*]}"; apt_install "${missing[@]}"; }
}

need_php_packages() {
    local stamp=vendor/.nailrod-stamp
    if [ ! -f vendor/autoload.php ] || [ ! -f "$stamp" ] || [ composer.json -nt "$stamp" ]; then
        step 'PHP packages (Composer)'
        COMPOSER_ALLOW_SUPERUSER=1 composer install --no-interaction --no-progress --quiet \
            || stop 'Composer could not install the packages; it needs the network the first time.'
        touch "$stamp"
    fi
}

need_node_packages() {
    local stamp=node_modules/.nailrod-stamp
    if [ ! -f "$stamp" ] || [ package.json -nt "$stamp" ]; then
        step 'Node packages (npm)'
        PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1 npm ci --no-audit --no-fund --silent 2>/dev/null \
            || PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1 npm install --no-save --no-audit --no-fund --silent \
            || stop 'npm could not install the packages; it needs the network the first time.'
        touch "$stamp"
    fi
}

need_build() {
    local manifest=public/build/manifest.json
    if [ ! -f "$manifest" ] || [ -n "$(find resources vite.config.js package.json -newer "$manifest" -print -quit)" ]; then
        step 'Styles and scripts (vite)'
        npx --no-install vite build --logLevel warn || stop 'the styles and scripts could not be built; the lines above say why.'
    fi
}

need_storage() {
    mkdir -p bootstrap/cache storage/{app,logs,database,devices} storage/framework/{views,cache/data,sessions,programs} 2>/dev/null || true
    local folder
    for folder in bootstrap/cache storage/{app,logs,database,devices} storage/framework/{views,cache/data,sessions,programs}; do
        [ -d "$folder" ] && touch "$folder/.writable" 2>/dev/null && rm -f "$folder/.writable" \
            || stop "the folder $folder cannot be written to, or its disk is full. Nailrod keeps its data there: give this user the right to write, or make room."
    done
    if [ ! -f .env ]; then
        step 'A key of its own (.env)'
        printf 'APP_KEY=base64:%s\n' "$(php -r 'echo base64_encode(random_bytes(32));')" > .env
        chmod 600 .env
    fi
}

# What holds keys, sets and what the rig remembers is read by nobody else on this machine.
only_mine() {
    local file
    for file in "$@"; do
        [ ! -f "$file" ] || chmod 600 "$file" 2>/dev/null || true
    done
}

# Compiled programs, live sessions, kept drawings and compiled views are of the code that wrote them: after a change of it
# they are made anew. A view that was compiled in the second of its last change would else be compiled again by every request.
need_fresh_programs() {
    local programs=storage/framework/programs
    if [ ! -f "$programs/.stamp" ] || [ -n "$(find core app resources/views -newer "$programs/.stamp" -print -quit)" ]; then
        mkdir -p "$programs"
        find "$programs" -mindepth 1 ! -name .gitignore -delete
        rm -f storage/framework/views/*.php
        # Compiled before they are asked for: on a full disk every page can still be shown.
        php artisan view:cache --quiet || true
        touch "$programs/.stamp"
    fi
}

need_database() {
    [ -f storage/database/nailrod.sqlite ] || step 'Database with the demo data'
    touch storage/database/nailrod.sqlite
    only_mine storage/database/nailrod.sqlite*
    # A copy of what is whole is made at each start; what is not whole is not touched.
    if [ -s storage/database/nailrod.sqlite ] || [ -n "${1:-}" ]; then
        php artisan nailrod:database ${1:+--restore="$1"} || stop 'the database cannot be used as it is; the lines above say what to do.'
    fi
    php artisan migrate --force --no-interaction --quiet || stop 'the database could not be set up; storage/logs/nailrod.log says why.'
    php artisan nailrod:demo --quiet || stop 'the demo data could not be loaded; storage/logs/nailrod.log says why.'
}

need_curl() {
    command -v curl >/dev/null || { step 'curl, by which the calls that the documents show are made'; apt_install curl; }
}

# What a browser prints is measured with these.
need_poppler() {
    command -v pdftocairo >/dev/null || { step 'Tools that read PDF, for the browser tests'; apt_install poppler-utils; }
}

need_chromium() {
    command -v chromium >/dev/null || { step 'Chromium, for the browser tests'; apt_install chromium; }
}

