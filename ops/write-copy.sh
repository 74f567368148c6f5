#!/usr/bin/env bash
# Writes one consistent copy to the file that is its argument, of what the environment names: DB_NAME, DB_SOCKET,
# PHOTO_DIR, SEAL_KEY_FILE, COPY_WORK (a folder on the photos' disk), LAST_COPY_FILE; DB_USER and MYSQL_PWD where the
# account itself may not read the database; PASSPHRASE_FILE to lock the keys. Used by bin/backup and every night.
. "$(dirname "${BASH_SOURCE[0]}")/house.sh"
file=$1
umask 077
work=$(mktemp -d "$COPY_WORK/backup.XXXXXX")
part=$(mktemp "$file.XXXXXX" 2>/dev/null) || { rm -rf "$work"; fail "no right to write $file"; }
trap 'rm -rf "$work" "$part"' EXIT
mkdir "$work/photos"
# A photo that comes or goes meanwhile: all are linked before and after, and again until what the copy of the data names
# is there. What is taken out stays put aside for an hour, so it is only a matter of looking once more.
passes=0
link_photos() { passes=$((passes + 1)); cp -al "$PHOTO_DIR" "$work/tree$passes" 2>/dev/null || true; }
skip=(); for table in sessions request_key sign_in_try owner_pdf; do skip+=("--ignore-table-data=$DB_NAME.$table"); done
as=(); [ -z "${DB_USER:-}" ] || as=("--user=$DB_USER" --no-tablespaces)
link_photos; at photos
mariadb-dump --no-defaults --socket="$DB_SOCKET" "${as[@]}" --single-transaction --skip-lock-tables --skip-add-locks --hex-blob "${skip[@]}" "$DB_NAME" >"$work/thistle.sql"
at dump
while link_photos; missing=$(php ops/copy.php gather "$work" <"$work/thistle.sql"); [ -n "$missing" ]; do
  [ "$passes" -lt 12 ] || fail "these photos have a row but no file: look at $PHOTO_DIR before you rely on a copy: $missing"
done
rm -rf "$work"/tree*
php ops/copy.php counts <"$work/thistle.sql" >"$work/COUNTS"
if [ -n "${PASSPHRASE_FILE:-}" ]; then php ops/lock.php lock "$PASSPHRASE_FILE" <"$SEAL_KEY_FILE" >"$work/seal.keys.locked"; else cp "$SEAL_KEY_FILE" "$work/seal.keys"; fi
(cd "$work" && { echo 'keen-thistle copy 1' >FORMAT; find . -type f ! -name MANIFEST -print0 | sort -z | xargs -0 sha256sum >MANIFEST; })
at written
tar -C "$work" -czf "$part" .
at packed
mv "$part" "$file"
# When, and how many bytes: the manager is told where it was long ago.
printf '%s %s\n' "$(date +%s)" "$(stat -c %s "$file")" >"$LAST_COPY_FILE.new" && chmod 644 "$LAST_COPY_FILE.new" && mv "$LAST_COPY_FILE.new" "$LAST_COPY_FILE"
say "Written: $file ($(du -h "$file" | cut -f1))"
