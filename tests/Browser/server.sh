#!/usr/bin/env bash
# A server with a demo workshop of its own for the browser tests; nothing of it is kept.
set -euo pipefail
cd "$(dirname "$0")/../.."
mkdir -p storage/test
db="$PWD/storage/test/browser-$1.sqlite"
rm -f "$db"*; touch "$db"
export APP_ENV=browser APP_KEY=base64:7UXQ2b3FkuP9DBTWh7uHgvXyDNvAx0LDe0MHeoQTF6Y= APP_URL="http://127.0.0.1:$1" DB_CONNECTION=sqlite DB_DATABASE="$db" \
    SESSION_DRIVER=database CACHE_STORE=file QUEUE_CONNECTION=sync ARGON_MEMORY=64 ARGON_TIME=1 SPINDLE_DEMO=true SPINDLE_REGISTER=simulated SPINDLE_COUNTER=simulated LOG_CHANNEL=single PHP_CLI_SERVER_WORKERS=3
php artisan migrate --force --seed --quiet
# The shop learns nothing here: what a test reads of triage is not changed by the jobs that tests before it signed.
php -r '(new PDO("sqlite:".$argv[1]))->exec("insert into shop_figures (section, name, value, by_name, at) values (\"learning\", \"on\", \"no\", \"tests\", datetime())");' "$db"
# What is measured of the demo's pages is measured of this copy, whatever other tests entered before.
rm -f "$db.new"; php -r '(new PDO("sqlite:".$argv[1]))->exec("vacuum into \"".$argv[1].".new\"");' "$db"
cd public
# With opcache a page takes a third of the time; the sources do not change meanwhile.
exec php -d opcache.enable=1 -d opcache.enable_cli=1 -d opcache.validate_timestamps=0 -d upload_max_filesize=16M -d post_max_size=20M -S "127.0.0.1:$1" ../vendor/laravel/framework/src/Illuminate/Foundation/resources/server.php 2>/dev/null
