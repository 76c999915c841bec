# What both benchmarks share: a server on a port of its own, asked by curl as the demo's coordinator.
# Wants: here, app, data, port, jar, and flags as the launcher wrote them.

server=

launch() {
  local archive=()
  [ -f "$app/rotagens.jsa" ] && archive=(-XX:SharedArchiveFile="$app/rotagens.jsa" -Xshare:auto)
  java "${flags[@]}" "${archive[@]}" -jar "$app/rotagens.jar" --rotagens.data="$data" --rotagens.demo=true --server.port=$port \
    >"$data/log" 2>&1 &
  server=$!
  until curl -sf -o /dev/null "http://127.0.0.1:$port/api/session"; do sleep 0.02; done
}
stop() { kill $server; wait $server 2>/dev/null || true; }
now() { date +%s%N; }

percentiles() { sort -n | awk '{v[NR]=$1} END {printf "p50 %.1f ms, p95 %.1f ms, most %.1f ms (%d requests)\n", v[int((NR+1)/2)]*1000, v[int(NR*0.95)]*1000, v[NR]*1000, NR}'; }
token() { awk '/XSRF-TOKEN/ {print $7}' "$jar"; }
# What is refused is no measurement: it ends the benchmark.
send() { curl -s --fail-with-body -b "$jar" -c "$jar" -H "X-XSRF-TOKEN: $(token)" -H 'Content-Type: application/json' "$@"; }
enter() { # signs in as the demo's coordinator
  local who
  who=$(curl -s -c "$jar" "http://127.0.0.1:$port/api/session" | grep -o '"id":[0-9]*,"name":"[^"]*","role":"COORDINATOR"' | head -1 | sed 's/"id":\([0-9]*\).*/\1/')
  send -o /dev/null -X POST "http://127.0.0.1:$port/api/session/demo" -d "{\"personId\":$who}"
}
ask() { for _ in $(seq "$1"); do curl -sf -b "$jar" -o /dev/null -w '%{time_total}\n' "http://127.0.0.1:$port$2" || { echo "refused: $2" >&2; kill $$; }; done; }
