# Sourced by tanah: a primary, a synchronous standby, two applications behind a proxy; the primary is killed while twenty write.
# shellcheck shell=bash

# A copy of a running database that follows it; the primary answers a save when the copy has it too.
start_standby() { # port-of-primary folder port
    local primary=$1 folder=$2 port=$3
    mkdir -p "$folder"; chmod 700 "$folder"
    [ "$(id -u)" -ne 0 ] || chown "$(db_user)" "$folder"
    PGPASSWORD=$TANAH_DB_PASSWORD as_db "$PG/pg_basebackup" -h 127.0.0.1 -p "$primary" -U tanah -D "$folder" -R -X stream -C -S standby -c fast
    as_db "$PG/pg_ctl" -D "$folder" -w -t 60 -l "$folder/server.log" \
        -o "-p $port -c listen_addresses=127.0.0.1 -c unix_socket_directories= -c max_connections=60 -c max_locks_per_transaction=256" start >/dev/null
    db_psql "$primary" tanah -c "alter system set synchronous_standby_names = '*'" -c "select pg_reload_conf()" >/dev/null
    local state=
    for _ in $(seq 100); do
        state=$(db_psql "$primary" tanah -c "select sync_state from pg_stat_replication")
        [ "$state" != sync ] || return 0
        sleep 0.1
    done
    fail "the standby does not follow: $state"
}

failover_test() {
    local port=${TANAH_DB_URL##*:}; port=${port%%/*}
    local other=$((port + 1)); while port_taken "$other"; do other=$((other + 1)); done
    build "$web_jar" tanah-web; build "$bench_jar" tanah-bench
    start_standby "$port" "$scratch/db-standby" "$other"
    export TANAH_DB_URL="jdbc:postgresql://127.0.0.1:$port,127.0.0.1:$other/tanah?targetServerType=primary&hostRecheckSeconds=1"
    export TANAH_FORWARDED=framework
    scratch_app one; local one=$app_id one_port=$app_port
    scratch_app two; local two=$app_id two_port=$app_port
    start_proxy "$one_port" "$two_port"
    local runner=""; [ "$(id -u)" -ne 0 ] || runner="runuser -u tanah-db --"
    cat > "$scratch/strike" <<STRIKE
#!/bin/bash
cd /
pid=\$(head -n 1 '$scratch/db/postmaster.pid')
# the way to the standby is stopped for a moment first: a save that is answered without it would be lost
kill -STOP \$(pgrep -P \$pid -f walsender)
sleep 0.5
kids=\$(pgrep -P \$pid)
kill -9 \$pid \$kids
$runner '$PG/pg_ctl' -D '$scratch/db-standby' -w -t 30 promote >/dev/null
STRIKE
    chmod +x "$scratch/strike"
    local result=0 lost
    java -cp "$bench_jar" tanah.bench.site.Failover "http://localhost:$proxy_port" "$scratch/acknowledged" "$scratch/strike" || result=1
    stop_proxy
    kill "$one" "$two"; wait "$one" "$two" 2>/dev/null || true
    lost=$(db_psql "$other" tanah <<SQL
create temp table said (what text, enclosure bigint, which text, value text);
\copy said from '$scratch/acknowledged' with (format csv)
select count(*) from said s where
    (what = 'reading' and not exists (select 1 from reading r where r.client_id = s.which::uuid and r.enclosure_id = s.enclosure and r.value = s.value::float8))
    or (what = 'edit' and not exists (select 1 from design_revision d where d.enclosure_id = s.enclosure and d.revision = s.which::int and d.summary like '%→ ' || s.value || '%'));
SQL
)
    local said; said=$(wc -l < "$scratch/acknowledged")
    stop_db "$scratch/db-standby"
    if [ "$result" -eq 0 ] && [ "$lost" = 0 ]; then
        say "failover-test: held; none of $said acknowledged writes is missing"
    else
        say "failover-test: NOT HELD; $lost of $said acknowledged writes are missing"
        return 1
    fi
}
cmd_failover_test() { need_java; need_nginx; with_test_db failover_test; }
