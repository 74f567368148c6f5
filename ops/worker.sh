#!/usr/bin/env bash
# Runs the worker of one instance, whose folder is the argument, and starts it anew when it has died, and every hour.
# In real use a service manager does this; see the README.
set -u
cd "$(dirname "${BASH_SOURCE[0]}")/.."
child=''
trap 'kill "$child" 2>/dev/null; wait "$child"; exit 0' TERM INT
while :; do
  # The name of the log tells whose worker this is.
  php -d error_log="$1log/php-errors.log" -d log_errors=1 -d display_errors=0 -d memory_limit=256M bin/console \
    messenger:consume work --sleep=0.3 --time-limit=3600 --memory-limit=192M --no-interaction --quiet &
  child=$!
  wait "$child"
  # A database that is away for a minute is asked again every second.
  sleep 1 &
  child=$!
  wait "$child"
done
