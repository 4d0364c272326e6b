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
