#!/usr/bin/env bash
# Prints the figures of docs/performance.md for this machine. Called by ./rotagens bench.
set -euo pipefail
app=$1
here="$(cd "$(dirname "$0")/.." && pwd)"
data="$(mktemp -d)"
port=18484
server=
trap 'kill $server 2>/dev/null || true; rm -rf "$data"' EXIT

launch() {
  local archive=()
  [ -f "$app/rotagens.jsa" ] && archive=(-XX:SharedArchiveFile="$app/rotagens.jsa" -Xshare:auto)
  java "${flags[@]}" "${archive[@]}" -jar "$app/rotagens.jar" --rotagens.data="$data" --rotagens.demo=true --server.port=$port \
    >"$data/log" 2>&1 &
  server=$!
  until curl -sf -o /dev/null "http://127.0.0.1:$port/api/people"; do sleep 0.02; done
}
stop() { kill $server; wait $server 2>/dev/null || true; }
now() { date +%s%N; }
mapfile -t flags < "$here/.rotagens/jvm"

echo "machine: $(nproc) cores, $(java -version 2>&1 | head -1)"
launch; stop
times=()
for _ in 1 2 3 4 5; do
  from=$(now); launch; to=$(now)
  times+=($(((to - from) / 1000000)))
  [ ${#times[@]} = 5 ] || stop
done
printf 'start to first answer, 5 starts on existing data: %s ms\n' "${times[*]}"

percentiles() { sort -n | awk '{v[NR]=$1} END {printf "p50 %.1f ms, p95 %.1f ms, most %.1f ms (%d requests)\n", v[int((NR+1)/2)]*1000, v[int(NR*0.95)]*1000, v[NR]*1000, NR}'; }
ask() { for _ in $(seq "$1"); do curl -s -o /dev/null -w '%{time_total}\n' "http://127.0.0.1:$port$2"; done; }
ask 60 /api/yard >/dev/null
printf 'yard of 24 vehicles, kept:            '; ask 200 /api/yard | percentiles
ask 60 /api/vehicles/3 >/dev/null
printf 'one vehicle page:                     '; ask 200 /api/vehicles/3 | percentiles

jar="$data/cookies"
curl -s -o /dev/null -c "$jar" "http://127.0.0.1:$port/api/people"
token=$(awk '/XSRF-TOKEN/ {print $7}' "$jar")
send() { curl -s -b "$jar" -H "X-XSRF-TOKEN: $token" -H 'Content-Type: application/json' "$@"; }
walk=$(send -X POST "http://127.0.0.1:$port/api/vehicles/3/walk-rounds" -d '{"by":1}' | sed -n 's/^{"id":\([0-9]*\).*/\1/p')
save() { # VERSION: prints the time
  send -X PUT "http://127.0.0.1:$port/api/walk-rounds/$walk/positions/1L" -H "If-Match: \"$1\"" -o /dev/null -w '%{time_total}\n' \
    -d '{"by":1,"pressure":"108","warmth":"COLD","outer":"12","center":"11","inner":"12"}'
}
for v in $(seq 0 59); do save "$v" >/dev/null; done
printf 'saving one position, on disk:         '; for v in $(seq 60 259); do save "$v"; done | percentiles
printf 'yard right after a finished walk:     '
for _ in $(seq 60); do
  walk=$(send -X POST "http://127.0.0.1:$port/api/vehicles/3/walk-rounds" -d '{"by":1}' | sed -n 's/^{"id":\([0-9]*\).*/\1/p')
  seen=$(curl -s "http://127.0.0.1:$port/api/walk-rounds/$walk" | sed -n 's/.*"version":\([0-9]*\).*/\1/p')
  save "${seen:-0}" >/dev/null
  send -X POST "http://127.0.0.1:$port/api/walk-rounds/$walk/finish" -o /dev/null -d '{"by":1}'
  curl -s -o /dev/null -w '%{time_total}\n' "http://127.0.0.1:$port/api/yard"
done | percentiles

printf 'memory after that (resident):         %s MB\n' "$(($(awk '/VmRSS/ {print $2}' /proc/$server/status) / 1024))"

built="$here/frontend/target/classes/META-INF/resources/built"
if [ -d "$built" ]; then
  first=$(cd "$built" && grep -o 'built/[A-Za-z0-9_.-]*\.js' ../index.html | sort -u | sed 's|built/||'; cd "$built" && ls Yard-*.js)
  deps=$(cd "$built" && for f in $first; do grep -oE '(from|import)["'"'"' ]*"?\./[A-Za-z0-9_-]+\.js' "$f" | grep -oE '[A-Za-z0-9_-]+\.js'; done | sort -u)
  total=0
  for f in $(printf '%s\n%s\n' "$first" "$deps" | sort -u); do total=$((total + $(gzip -9 -c "$built/$f" | wc -c))); done
  printf 'JavaScript of the first load, gzipped: %s kB\n' "$((total / 1000))"
fi
