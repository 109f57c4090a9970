# What the machine needs beyond PHP, Composer and Node: Debian's packages, then the project's own.

RUN_PACKAGES=(mariadb-server nginx-light libnginx-mod-http-brotli-static php8.2-fpm php8.2-mysql php8.2-curl php8.2-mbstring php8.2-xml php8.2-intl php8.2-zip php8.2-gd php8.2-opcache php8.2-apcu acl logrotate runit procps openssl)
CLUSTER_PACKAGES=(galera-4 rsync lsof)
TEST_PACKAGES=(chromium chromium-headless-shell chromium-driver units glpk-utils fonts-dejavu-core)

install_debian() {
    local missing=()
    for package in "$@"; do
        dpkg-query -W -f='${Status}' "$package" 2>/dev/null | grep -q 'ok installed' || missing+=("$package")
    done
    [ ${#missing[@]} -eq 0 ] && return
    say "Installing from Debian: ${missing[*]}"
    local become=()
    if [ "$(id -u)" -ne 0 ]; then
        command -v sudo >/dev/null || fail "These packages are missing and only root can install them: ${missing[*]}"
        become=(sudo)
    fi
    mkdir -p var
    # An installation that was cut off is finished first.
    "${become[@]}" dpkg --configure -a >var/dpkg.log 2>&1 || true
    {
        "${become[@]}" apt-get update -qq
        # Packages must not start their own servers: ours run from the project's folder.
        "${become[@]}" env DEBIAN_FRONTEND=noninteractive RUNLEVEL=1 apt-get install -y -qq --no-install-recommends "${missing[@]}"
    } >var/apt.log 2>&1 || fail "Debian's packages could not be installed; see var/apt.log."
}

# stamp NAME FILE... : true when the files are not what they were at the last record_stamp NAME
stamp_is_old() {
    local name=$1
    shift
    [ "$(cat "var/stamps/$name" 2>/dev/null)" != "$(cat "$@" | sha256sum)" ]
}

record_stamp() {
    local name=$1
    shift
    mkdir -p var/stamps
    cat "$@" | sha256sum >"var/stamps/$name"
}

# install_composer [run] : what the application runs on; without “run” also what it is tested with, which a salon's machine never gets
install_composer() {
    local stamp=composer how=()
    if [ "${1:-}" = run ]; then stamp=composer-run how=(--no-dev); fi
    if [ -f vendor/autoload.php ] && { ! stamp_is_old composer composer.json || ! stamp_is_old "$stamp" composer.json; }; then
        return 0
    fi
    say 'Installing PHP packages'
    mkdir -p var
    composer install --no-interaction --no-progress "${how[@]}" >var/composer.log 2>&1 \
        || composer install --no-interaction --no-progress "${how[@]}" >var/composer.log 2>&1 \
        || fail 'Composer could not install its packages; see var/composer.log.'
    # Some packages come readable to their installer only; the own user runs them.
    chmod -R go+rX vendor
    rm -f var/stamps/composer var/stamps/composer-run
    record_stamp "$stamp" composer.json
}

install_npm() {
    if [ ! -d node_modules ] || stamp_is_old npm package-lock.json; then
        say 'Installing front-end packages'
        mkdir -p var
        npm ci --no-audit --no-fund >var/npm.log 2>&1 \
            || npm ci --no-audit --no-fund >var/npm.log 2>&1 \
            || fail 'npm could not install its packages; see var/npm.log.'
        record_stamp npm package-lock.json
    fi
}
