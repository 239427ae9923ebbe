# Backup and restore of a studio's database. Sourced by run and by the check in test, after common.sh.

# Every row of a backup, or of a database, in one number: the same rows in any order give the same.
rows() { grep -vE '^(--|SET |SELECT pg_catalog|\\(un)?restrict|$)' | LC_ALL=C sort | sha256sum | cut -d' ' -f1; }
rows_of_file() { as_pg "$(pg_bin)/pg_restore" --data-only -f - < "$1" 2>/dev/null | rows; }
rows_of_database() { as_pg "$(pg_bin)/pg_dump" -h 127.0.0.1 -p "$1" -U datura_admin --data-only "$2" | rows; }

# backup_database PORT DATABASE FILE: while the service runs, as it is at one moment. An older file of that name stays until the new one is whole.
backup_database() {
  local part="$3.part"
  ( set -o pipefail; as_pg "$(pg_bin)/pg_dump" -h 127.0.0.1 -p "$1" -U datura_admin -Fc "$2" > "$part" ) || { rm -f "$part"; fail "the backup could not be written. Is there room for it at $3?"; }
  as_pg "$(pg_bin)/pg_restore" -l < "$part" >/dev/null 2>&1 || { rm -f "$part"; fail "the backup could not be read back. Is there room for it at $3?"; }
  mv "$part" "$3"
}

# restore_database PORT DATABASE FILE: beside the present one first; only when every row is there does it take its place. What was there before
# is kept as DATABASE_before.
restore_database() {
  local port="$1" name="$2" file="$3" fresh="$2_restoring"
  [ -r "$file" ] || fail "there is no backup at $file."
  as_pg "$(pg_bin)/pg_restore" -l < "$file" >/dev/null 2>&1 || fail "$file is no backup of Datura, or only a part of one. Nothing was changed."
  sql "$port" postgres "drop database if exists \"$fresh\"" && sql "$port" postgres "create database \"$fresh\" owner datura" || fail "no database could be made to restore into. Nothing was changed."
  if ! as_pg "$(pg_bin)/pg_restore" -h 127.0.0.1 -p "$port" -U datura_admin --role=datura --exit-on-error --no-owner -d "$fresh" < "$file" >/dev/null 2>&1 \
    || [ "$(rows_of_file "$file")" != "$(rows_of_database "$port" "$fresh")" ]; then
    sql "$port" postgres "drop database if exists \"$fresh\""
    fail "what came out of $file is not what went in. Nothing was changed; take an older backup."
  fi
  if [ -n "$(sql "$port" postgres "select 1 from pg_database where datname = '$name'")" ]; then
    [ "$(sql "$port" postgres "select count(*) from pg_stat_activity where datname = '$name'")" = 0 ] || fail "Datura is running. Stop it first (Ctrl-C where it was started). Nothing was changed."
    sql "$port" postgres "drop database if exists \"${name}_before\"" && sql "$port" postgres "alter database \"$name\" rename to \"${name}_before\"" || fail "the present studio could not be set aside. Nothing was changed."
  fi
  sql "$port" postgres "alter database \"$fresh\" rename to \"$name\"" || fail "the restored studio could not take its place. It is whole, as the database $fresh."
}
