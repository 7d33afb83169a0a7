# Sourced by tanah: two applications behind the proxy of docs/nginx, and the journeys through it while one of them is stopped.
# shellcheck shell=bash

need_nginx() { command -v nginx >/dev/null || { say "Installing nginx for the test ..."; install nginx-light; }; }

# The proxy as it is documented, on loopback and a free port; sets proxy_port.
start_proxy() { # port-of-one port-of-two
    proxy_port=$(($2 + 1))
    while port_taken "$proxy_port"; do proxy_port=$((proxy_port + 1)); done
    sed -e "s/127.0.0.1:8081/127.0.0.1:$1/" -e "s/127.0.0.1:8082/127.0.0.1:$2/" \
        -e "s/listen 80;/listen 127.0.0.1:$proxy_port;/" -e "s/server_name .*/server_name localhost;/" \
        docs/nginx/tanah.conf > "$scratch/site.conf"
    printf 'pid %s/nginx.pid;\nerror_log %s/nginx-error.log;\nevents {}\nhttp { access_log %s/access.log; client_body_temp_path %s/body; proxy_temp_path %s/proxy; fastcgi_temp_path %s/f; uwsgi_temp_path %s/u; scgi_temp_path %s/s; include %s/site.conf; }\n' \
        "$scratch" "$scratch" "$scratch" "$scratch" "$scratch" "$scratch" "$scratch" "$scratch" "$scratch" > "$scratch/nginx.conf"
    nginx -c "$scratch/nginx.conf"
}
stop_proxy() { kill "$(cat "$scratch/nginx.pid")" || true; }

cmd_proxy_test() {
    need_java; need_chromium; need_nginx
    build "$web_jar" tanah-web
    run_proxy() {
        export TANAH_FORWARDED=framework
        scratch_app one true; local one=$app_id one_port=$app_port
        scratch_app two; local two=$app_id two_port=$app_port
        start_proxy "$one_port" "$two_port"
        # in the middle of the journeys, not by the clock: the machine may be slow
        (until [ "$(wc -l < "$scratch/access.log")" -ge "${TANAH_STOP_AFTER:-400}" ]; do sleep 0.5; done
         kill "$one"; say "proxy-test: one of two applications was stopped after $(wc -l < "$scratch/access.log") requests") &
        local stopper=$!
        local result=0
        web_it JourneyIT -Dtanah.base="http://localhost:$proxy_port" || result=$?
        kill "$stopper" 2>/dev/null && { say "proxy-test: the journeys ended before one was stopped"; result=1; }
        kill "$two" "$one" 2>/dev/null || true
        stop_proxy
        [ $result -eq 0 ] && say "proxy-test: held; the journeys passed while one of two applications was stopped" || say "proxy-test: NOT HELD"
        return $result
    }
    with_test_db run_proxy
}
