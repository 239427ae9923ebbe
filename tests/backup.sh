#!/usr/bin/env bash
# A studio is backed up, lost and restored, row by row; a damaged backup changes nothing. Usage: tests/backup.sh PORT DATABASE
set -euo pipefail
. "$(dirname "${BASH_SOURCE[0]}")/../scripts/common.sh"
. "$top/scripts/backup.sh"
port="$1" from="$2" dir="$(mktemp -d)"
trap 'rm -rf "$dir"' EXIT
wrong() { echo "$1" >&2; exit 1; }

backup_database "$port" "$from" "$dir/studio.backup"
[ "$(rows_of_file "$dir/studio.backup")" = "$(rows_of_database "$port" "$from")" ] || wrong "the backup does not hold what the database holds"
restore_database "$port" studio_again "$dir/studio.backup"
[ "$(rows_of_database "$port" studio_again)" = "$(rows_of_database "$port" "$from")" ] || wrong "the restored studio is another"

# Changed after the backup, then restored: as it was, and what was there before is kept.
sql "$port" studio_again "update document set name = 'Changed' where kind = 'look'"
changed="$(rows_of_database "$port" studio_again)"
restore_database "$port" studio_again "$dir/studio.backup"
[ "$(rows_of_database "$port" studio_again)" = "$(rows_of_database "$port" "$from")" ] || wrong "restoring did not bring back what was changed"
[ "$(rows_of_database "$port" studio_again_before)" = "$changed" ] || wrong "what was there before the restore is not kept"

# Half a file, no file and rubbish are refused, and the studio stays.
head -c $(($(stat -c %s "$dir/studio.backup") / 2)) "$dir/studio.backup" > "$dir/half"
head -c 5000 /dev/urandom > "$dir/rubbish"
for bad in half rubbish nowhere; do
  if (restore_database "$port" studio_again "$dir/$bad") 2>"$dir/said"; then wrong "$bad was taken for a backup"; fi
  grep -q 'Datura: ' "$dir/said" || wrong "nothing was said of $bad"
  [ "$(rows_of_database "$port" studio_again)" = "$(rows_of_database "$port" "$from")" ] || wrong "$bad changed the studio"
done

# One that is in use is not pulled away.
as_pg "$(pg_bin)/psql" -h 127.0.0.1 -p "$port" -U datura_admin -d studio_again -Atqc 'select pg_sleep(20)' >/dev/null & held=$!
for _ in $(seq 40); do [ "$(sql "$port" postgres "select count(*) from pg_stat_activity where datname = 'studio_again'")" = 0 ] || break; sleep 0.1; done
if (restore_database "$port" studio_again "$dir/studio.backup") 2>"$dir/said"; then wrong "a studio in use was replaced"; fi
grep -q 'is running' "$dir/said" || wrong "nothing was said of a studio in use"
kill "$held" 2>/dev/null || true
