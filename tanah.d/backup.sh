# Sourced by tanah: the whole database, photos and all, in one file and back.
# shellcheck shell=bash

backup_format=1

# A table's rows as one number that does not depend on their order; equal numbers mean equal rows.
sums_sql() {
    cat <<'SQL'
set timezone = 'UTC';
select format('select %L, count(*), coalesce(sum(hashtextextended(t::text, 0)::numeric), 0) from %s t', c.relname, c.oid::regclass)
from pg_class c
where c.relnamespace = 'public'::regnamespace and c.relkind in ('r', 'p') and not c.relispartition
order by c.relname
\gexec
SQL
}
db_psql() { # port database, then arguments
    local port=$1 name=$2; shift 2
    PGPASSWORD=$TANAH_DB_PASSWORD PGOPTIONS="-c client_min_messages=warning" "$PG/psql" -h 127.0.0.1 -p "$port" -U tanah -d "$name" -AtqX -v ON_ERROR_STOP=1 "$@"
}
schema_of() { # port database
    db_psql "$1" "$2" -c "select coalesce(max(version::int), 0) from flyway_schema_history where success"
}
# The newest schema that this build knows.
schema_known() {
    find tanah-web/src/main -name 'V[0-9]*__*' -printf '%f\n' | sed 's/^V\([0-9]*\)__.*/\1/' | sort -n | tail -n 1
}

# One snapshot for the rows and for their sums, while others go on writing.
backup_to() { # port database file
    local port=$1 name=$2 file=$3 work; work=$(mktemp -d)
    local in=$work/in out=$work/out holder snapshot
    mkfifo "$in"
    db_psql "$port" "$name" < "$in" > "$out" 2> "$work/err" &
    holder=$!
    exec 4> "$in"
    printf 'begin transaction isolation level repeatable read, read only;\nselect pg_export_snapshot();\n' >&4
    for _ in $(seq 100); do [ -s "$out" ] && break; sleep 0.1; done
    snapshot=$(head -n 1 "$out")
    [ -n "$snapshot" ] || { exec 4>&-; cat "$work/err" >&2; rm -rf "$work"; return 1; }
    local result=0
    PGPASSWORD=$TANAH_DB_PASSWORD "$PG/pg_dump" -h 127.0.0.1 -p "$port" -U tanah -d "$name" -Fc --snapshot="$snapshot" -f "$work/database.dump" || result=1
    { sums_sql; printf 'commit;\n'; } >&4
    exec 4>&-
    wait "$holder" || result=1
    if [ "$result" -eq 0 ]; then
        {
            printf 'tanah-backup %s\nschema %s\nmade %s\ndump %s\n' "$backup_format" "$(schema_of "$port" "$name")" \
                "$(date -u +%Y-%m-%dT%H:%M:%SZ)" "$(sha256sum "$work/database.dump" | cut -d' ' -f1)"
            tail -n +2 "$out" | sed 's/^/rows /'
        } > "$work/manifest"
        # read back what was written, from the disk, before it has its name
        tar -cf "$file.part" -C "$work" manifest database.dump && sync "$file.part" && backup_reads "$file.part" "$work/again" &&
            mv "$file.part" "$file" || { rm -f "$file.part"; result=1; }
    else
        cat "$work/err" >&2
    fi
    rm -rf "$work"
    return "$result"
}

# Whether a file is a whole backup of a format that is known; unpacks it.
backup_reads() { # file folder
    mkdir -p "$2"
    tar -xf "$1" -C "$2" manifest database.dump 2>/dev/null || { say "tanah: $1 is no backup of Tanah" >&2; return 1; }
    local format; format=$(sed -n 's/^tanah-backup \([0-9]*\)$/\1/p' "$2/manifest")
    [ -n "$format" ] || { say "tanah: $1 is no backup of Tanah" >&2; return 1; }
    [ "$format" -le "$backup_format" ] || { say "tanah: $1 has format $format; this Tanah reads up to $backup_format. Take a newer Tanah" >&2; return 1; }
    [ "$(sed -n 's/^dump //p' "$2/manifest")" = "$(sha256sum "$2/database.dump" | cut -d' ' -f1)" ] ||
        { say "tanah: $1 is damaged: its sum is another" >&2; return 1; }
    "$PG/pg_restore" -f /dev/null "$2/database.dump" || { say "tanah: $1 is damaged" >&2; return 1; }
}

# Into a database of its own, row by row the same as when it was kept; only then does it take the place of the one in use.
restore_from() { # port database file
    local port=$1 name=$2 file=$3 work; work=$(mktemp -d)
    backup_reads "$file" "$work" || { rm -rf "$work"; return 1; }
    local schema; schema=$(sed -n 's/^schema //p' "$work/manifest")
    [ "$schema" -le "$(schema_known)" ] ||
        { say "tanah: $file has schema $schema; this Tanah knows up to $(schema_known). Take a newer Tanah" >&2; rm -rf "$work"; return 1; }
    local fresh=${name}_restore result=0
    db_psql "$port" postgres -c "drop database if exists $fresh" -c "create database $fresh"
    PGPASSWORD=$TANAH_DB_PASSWORD "$PG/pg_restore" -h 127.0.0.1 -p "$port" -U tanah -d "$fresh" --exit-on-error --single-transaction "$work/database.dump" || result=1
    if [ "$result" -eq 0 ]; then
        sums_sql | db_psql "$port" "$fresh" | sed 's/^/rows /' > "$work/now"
        sed -n '/^rows /p' "$work/manifest" | diff - "$work/now" || { say "tanah: the rows are not those that were kept" >&2; result=1; }
    fi
    if [ "$result" -ne 0 ]; then
        db_psql "$port" postgres -c "drop database if exists $fresh"
    else
        # who was signed in then signs in anew
        db_psql "$port" "$fresh" -c "truncate spring_session cascade"
        local before=""
        if is_empty "$port" "$name"; then
            db_psql "$port" postgres -c "drop database $name"
        else
            before=${name}_before_$(date -u +%Y%m%d%H%M%S)
            db_psql "$port" postgres -c "alter database $name rename to $before"
        fi
        db_psql "$port" postgres -c "alter database $fresh rename to $name"
        say "Restored: $(sed -n 's/^made //p' "$work/manifest"), $(sed -n '/^rows /p' "$work/manifest" | wc -l) tables, $(awk -F'|' '/^rows /{n+=$2} END{print n}' "$work/manifest") rows, each compared."
        [ -z "$before" ] || say "What was there before is the database $before."
    fi
    rm -rf "$work"
    return "$result"
}
is_empty() { # port database
    [ "$(db_psql "$1" "$2" -c "select count(*) from pg_class where relnamespace = 'public'::regnamespace and relkind in ('r', 'p')")" = 0 ]
}

cmd_backup() {
    [ $# -eq 1 ] || { say "usage: ./tanah backup FILE" >&2; exit 2; }
    local file; file=$(realpath -m "$1")
    [ ! -e "$file" ] || fail "$file is there already"
    [ -d "$(dirname "$file")" ] || fail "there is no folder $(dirname "$file")"
    need_postgres
    local folder; folder=$(db_folder "$TANAH_HOME")
    [ -s "$folder/PG_VERSION" ] || fail "there is no database in $TANAH_HOME"
    local ran=yes; db_lives "$folder" || ran=
    start_db "$folder" "$TANAH_DB_PORT" "$TANAH_HOME/db-password"
    local result=0
    (umask 077; backup_to "$TANAH_DB_PORT" tanah "$file") || result=1
    [ -n "$ran" ] || stop_db "$folder"
    [ "$result" -eq 0 ] || fail "nothing was kept"
    say "Kept and read back: $file ($(du -h "$file" | cut -f1)). Lay it on another disk: whoever reads it reads everything."
}

cmd_restore() {
    local replace=
    [ "${1:-}" != --replace ] || { replace=yes; shift; }
    [ $# -eq 1 ] || { say "usage: ./tanah restore [--replace] FILE" >&2; exit 2; }
    [ -s "$1" ] || fail "there is no file $1"
    need_postgres
    [ -z "$(app_pid)" ] || fail "Tanah runs. Stop it first: ./tanah stop"
    mkdir -p "$TANAH_HOME"
    local folder; folder=$(db_folder "$TANAH_HOME")
    start_db "$folder" "$TANAH_DB_PORT" "$TANAH_HOME/db-password"
    local result=0
    if [ -z "$replace" ] && ! is_empty "$TANAH_DB_PORT" tanah; then
        say "tanah: there is a database in use. With --replace it is laid aside, not deleted" >&2; result=1
    else
        restore_from "$TANAH_DB_PORT" tanah "$1" || result=1
    fi
    stop_db "$folder"
    [ "$result" -eq 0 ] || fail "nothing was changed"
    say "Start it with ./tanah start"
}

# Kept while two write, brought into an empty cluster, and every row compared; damaged and newer files are refused.
backup_test() {
    local port=${TANAH_DB_URL##*:}; port=${port%%/*}
    build "$web_jar" tanah-web
    scratch_app backup true
    db_psql "$port" tanah -c "insert into setting values ('pair_a', '0'), ('pair_b', '0')"
    # pictures of noise, so that the file is not all zeros and text
    db_psql "$port" tanah <<'SQL'
with e as (insert into event (enclosure_id, kind, note, happened_at, client_id)
           select id, 'note', 'noise ' || n, now(), gen_random_uuid() from enclosure, generate_series(1, 4) n returning id),
     p as (insert into photo (event_id, width, height, bytes) select id, 1, 1, 6400 from e returning id)
insert into photo_content (photo_id, size, jpeg)
select p.id, 'full', (select string_agg(decode(md5(random()::text || p.id || n), 'hex'), ''::bytea) from generate_series(1, 400) n) from p;
SQL
    (while db_psql "$port" tanah -c "update setting set value = (value::int + 1)::text where key like 'pair_%'" 2>/dev/null; do :; done) &
    until [ "$(db_psql "$port" tanah -c "select value::int > 0 from setting where key = 'pair_a'")" = t ]; do sleep 0.1; done
    local writer=$! file=$scratch/kept.tanah held=yes
    broken() { say "backup-test: $*" >&2; held=; }
    backup_to "$port" tanah "$file" || broken "nothing was kept"
    kill "$writer"; wait "$writer" 2>/dev/null || true
    kill "$app_id"; wait "$app_id" 2>/dev/null || true

    local other=$((port + 1)) password=$TANAH_DB_PASSWORD
    while port_taken "$other"; do other=$((other + 1)); done
    (start_db "$scratch/db-empty" "$other" "$scratch/password-empty")
    TANAH_DB_PASSWORD=$(cat "$scratch/password-empty")
    refused() { # why file
        if restore_from "$other" tanah "$2" > "$scratch/said" 2>&1; then broken "$1 was taken"; fi
        grep -q "$1" "$scratch/said" || broken "$1 was not said"
        is_empty "$other" tanah || broken "a refused file left something"
    }
    local work=$scratch/forged; mkdir -p "$work"; tar -xf "$file" -C "$work"
    head -c -7 "$work/database.dump" > "$work/cut" && cp "$work/manifest" "$work/manifest.kept"
    (cd "$work" && mv database.dump whole && mv cut database.dump && tar -cf "$scratch/damaged" manifest database.dump && mv -f whole database.dump)
    refused "its sum is another" "$scratch/damaged"
    sed 's/^tanah-backup .*/tanah-backup 2/' "$work/manifest.kept" > "$work/manifest"; tar -cf "$scratch/newer" -C "$work" manifest database.dump
    refused "has format 2" "$scratch/newer"
    sed 's/^schema .*/schema 9999/' "$work/manifest.kept" > "$work/manifest"; tar -cf "$scratch/schema" -C "$work" manifest database.dump
    refused "has schema 9999" "$scratch/schema"
    sed 's/^\(rows keeper|[0-9]*|\).*/\11/' "$work/manifest.kept" > "$work/manifest"; tar -cf "$scratch/rows" -C "$work" manifest database.dump
    refused "not those that were kept" "$scratch/rows"
    printf 'no archive' > "$scratch/text"
    refused "is no backup of Tanah" "$scratch/text"

    restore_from "$other" tanah "$file" || broken "it was not brought back"
    [ "$(db_psql "$other" tanah -c "select count(distinct value) from setting where key like 'pair_%'")" = 1 ] || broken "half of a save was kept"
    [ "$(db_psql "$other" tanah -c "select value::int > 0 from setting where key = 'pair_a'")" = t ] || broken "nobody wrote meanwhile"
    local rows; rows=$(db_psql "$other" tanah -c "select (select count(*) from enclosure) || ' enclosures, ' || (select count(*) from reading) || ' readings, ' || (select count(*) from photo_content) || ' pictures'")
    # and the application runs on it
    if [ -n "$held" ]; then
        TANAH_DB_URL="jdbc:postgresql://127.0.0.1:$other/tanah" scratch_app restored || broken "Tanah does not run on it"
        kill "$app_id" 2>/dev/null; wait "$app_id" 2>/dev/null || true
    fi
    stop_db "$scratch/db-empty"
    TANAH_DB_PASSWORD=$password
    if [ -n "$held" ]; then say "backup-test: held; $rows, $(du -h "$file" | cut -f1), every row compared"; else say "backup-test: NOT HELD"; return 1; fi
}
cmd_backup_test() { need_java; with_test_db backup_test; }

# A link by which somebody chooses a new password, for an owner who has lost the own one.
cmd_reset() {
    [ $# -eq 1 ] || { say "usage: ./tanah reset NAME" >&2; exit 2; }
    need_postgres
    local folder; folder=$(db_folder "$TANAH_HOME")
    db_lives "$folder" || fail "the database does not run. Start it with ./tanah start"
    TANAH_DB_PASSWORD=$(cat "$TANAH_HOME/db-password")
    local secret hash made
    secret=$(head -c 24 /dev/urandom | base64 | tr '+/' '-_')
    hash=$(printf '%s' "$secret" | sha256sum | cut -d' ' -f1)
    made=$(db_psql "$TANAH_DB_PORT" tanah -v who="$1" -v hash="$hash" <<'SQL'
insert into site_link (purpose, secret_hash, keeper_id, expires_at)
select 'reset', :'hash', id, now() + interval '1 day' from keeper where name = :'who' and not demo returning keeper_id;
SQL
)
    [ -n "$made" ] || fail "nobody is called $1"
    db_psql "$TANAH_DB_PORT" tanah -v id="$made" <<'SQL'
insert into audit (kind, keeper_id, who, subject) select 'reset_made', null, '', name from keeper where id = :'id'::bigint;
SQL
    say "Within a day a new password is chosen here, once: http://localhost:$(cat "$TANAH_HOME/app.port")/reset/$secret"
}
