# Sourced by bin/demo and bin/test: brings a fresh clone to the point where the application runs.
# Installs, where missing: PHP extensions and Chromium (Debian packages, as root), Composer's and npm's packages.

say() { printf '%s\n' "$*" >&2; }
stop() { say "Stopped: $*"; exit 1; }

need_packages() {
    local missing=()
    command -v php >/dev/null || missing+=(php8.2-cli)
    local has; has="$(php -m 2>/dev/null | tr '[:upper:]' '[:lower:]')"
    local pair
    for pair in pdo_sqlite:php8.2-sqlite3 gd:php8.2-gd zip:php8.2-zip curl:php8.2-curl intl:php8.2-intl mbstring:php8.2-mbstring dom:php8.2-xml; do
        grep -qx "${pair%%:*}" <<<"$has" || missing+=("${pair#*:}")
    done
    [ "${1:-}" = browser ] && [ ! -x /usr/bin/chromium ] && missing+=(chromium)
    [ ${#missing[@]} -eq 0 ] && return
    say "Installing Debian packages: ${missing[*]}"
    [ "$(id -u)" = 0 ] || stop "these Debian packages are missing and only root can install them: apt-get install ${missing[*]}"
    apt-get update -qq >/dev/null || stop "apt-get update failed; is a package source reachable?"
    DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "${missing[@]}" >/dev/null \
        || stop "apt-get could not install: ${missing[*]}"
}

need_php_packages() {
    command -v composer >/dev/null || stop "Composer is missing: install Debian's package composer"
    if [ ! -f vendor/.installed ] || ! cmp -s composer.json vendor/.installed; then
        say "Installing PHP packages (composer)"
        # There is no lock file; composer.pinned.json says each version (docs/decisions/pinned-packages.md).
        # shellcheck disable=SC2046
        COMPOSER_ALLOW_SUPERUSER=1 composer update --no-interaction --no-progress --quiet $(php bin/pinned.php with) \
            || { say "The versions of composer.pinned.json cannot be had; resolving anew"
                 COMPOSER_ALLOW_SUPERUSER=1 composer update --no-interaction --no-progress --quiet; } \
            || stop "composer could not install the packages of composer.json"
        # What the framework noted of the packages of before.
        rm -f bootstrap/cache/packages.php bootstrap/cache/services.php
        cp composer.json vendor/.installed
    fi
}

need_node_packages() {
    command -v npm >/dev/null || stop "Node.js and npm are missing (Node 20 or newer)"
    if [ ! -f node_modules/.installed ] || ! cmp -s package.json node_modules/.installed; then
        say "Installing Node packages (npm)"
        npm install --no-audit --no-fund --silent >&2 || stop "npm could not install the packages of package.json"
        cp package.json node_modules/.installed
    fi
}

need_assets() {
    local newest
    newest="$(find resources/css resources/js resources/views vite.config.js package.json -type f -newer public/build/manifest.json -print -quit 2>/dev/null || echo none)"
    if [ ! -f public/build/manifest.json ] || [ -n "$newest" ]; then
        say "Building styles and scripts (vite)"
        npm run build --silent >storage/logs/build.log 2>&1 || { cat storage/logs/build.log >&2; stop "the build of styles and scripts failed"; }
    fi
}
