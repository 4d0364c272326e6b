# Sourced by the other scripts: installs what is missing where it may, else prints the exact line to type.

may_install() { [ "$(id -u)" = 0 ] && command -v apt-get >/dev/null 2>&1; }

# need_debian "what for" package...
need_debian() {
    local why=$1 missing=(); shift
    for package in "$@"; do dpkg -s "$package" >/dev/null 2>&1 || missing+=("$package"); done
    [ ${#missing[@]} -eq 0 ] && return 0
    if may_install; then
        echo "Installing ${missing[*]} ($why) …"
        apt-get update -qq && DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "${missing[@]}" >/dev/null
    else
        echo "Missing for $why. Please run:  sudo apt-get install ${missing[*]}" >&2
        exit 1
    fi
}

# want_caddy: what answers the home network by https. Its package would switch a service of its own on: it doesn't get
# to. Where it may not be installed here, the line to type is printed, and the home network is answered by http only.
want_caddy() {
    command -v caddy >/dev/null && return 0
    if ! may_install; then
        { echo "For https in the home network, type this once (the second half keeps its service switched off):"
          echo "  sudo apt-get install --no-install-recommends caddy && sudo systemctl disable --now caddy"; } >&2
        return 1
    fi
    echo "Installing caddy (https in the home network) …"
    # Debian's own way to keep a package from starting what it brings
    local policy=/usr/sbin/policy-rc.d made=no
    [ -e "$policy" ] || { printf '#!/bin/sh\nexit 101\n' > "$policy" && chmod 755 "$policy" && made=yes; }
    apt-get update -qq &&
        DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends caddy >/dev/null || true
    [ "$made" = no ] || rm -f "$policy"
    command -v systemctl >/dev/null && systemctl disable --quiet caddy 2>/dev/null || true
    command -v caddy >/dev/null
}

# caddyfile DIRECTORY ADDRESS PORT BEHIND: what stands before the workroom in the home network, with no files but its
# own
caddyfile() {
    cat <<EOF
{
    admin off
    auto_https off
    default_sni $2
    storage file_system $1/caddy
    servers {
        protocols h1 h2
    }
    log {
        output file $1/caddy.log {
            roll_size 1MiB
            roll_keep 1
        }
        level WARN
    }
}
:$3 {
    tls $1/server.crt $1/server.key
    request_body {
        max_size 130MB
    }
    reverse_proxy 127.0.0.1:$4
}
EOF
}

need_php_extensions() {
    command -v php >/dev/null || { echo "PHP 8.2 or newer is missing. Please run:  sudo apt-get install php8.2-cli" >&2; exit 1; }
    local version missing=() extension
    version=$(php -r 'echo PHP_MAJOR_VERSION.".".PHP_MINOR_VERSION;')
    for extension in sqlite3:pdo_sqlite mbstring:mbstring intl:intl xml:dom curl:curl zip:zip; do
        php -m | grep -qix "${extension#*:}" || missing+=("php$version-${extension%%:*}")
    done
    [ ${#missing[@]} -eq 0 ] || need_debian "PHP" "${missing[@]}"
}

need_vendor() {
    mkdir -p bootstrap/cache storage/framework/{views,sessions,cache/data} storage/logs storage/workroom
    if [ ! -f vendor/autoload.php ] || [ composer.json -nt vendor/autoload.php ] || [ pinned/composer.json -nt vendor/autoload.php ]; then
        command -v composer >/dev/null || need_debian "PHP packages" composer
        echo "Fetching PHP packages …"
        COMPOSER_ALLOW_SUPERUSER=1 composer install --no-interaction --no-progress --quiet
        touch vendor/autoload.php
    fi
}

need_assets() {
    local built=public/build/manifest.json
    if [ ! -d node_modules ] || [ package-lock.json -nt node_modules/.package-lock.json ]; then
        command -v npm >/dev/null || need_debian "building styles and scripts" nodejs npm
        echo "Fetching front-end packages …"
        npm ci --no-audit --no-fund --loglevel=error >/dev/null
        touch node_modules/.package-lock.json
    fi
    if [ ! -f "$built" ] || [ -n "$(find resources/css resources/js resources/views vite.config.js package.json -newer "$built" -print -quit)" ]; then
        echo "Building styles and scripts …"
        npm run build --silent >/dev/null
    fi
}

export_key() {
    local file=storage/workroom/app.key
    [ -s "$file" ] || (umask 077; php -r 'echo "base64:".base64_encode(random_bytes(32));' > "$file")
    APP_KEY=$(cat "$file"); export APP_KEY
}
