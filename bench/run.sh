#!/usr/bin/env bash
# Prints the figures of docs/performance.md for this machine. Called by ./rotagens bench.
set -euo pipefail
app=$1
here="$(cd "$(dirname "$0")/.." && pwd)"
data="$(mktemp -d)"
port=18484
server=
trap 'kill $server 2>/dev/null || true; rm -rf "$data"' EXIT

jar="$data/cookies"
# shellcheck source=bench/common.sh
. "$here/bench/common.sh"
mapfile -t flags < "$here/.rotagens/jvm"

if [ -d "$here/core/target/test-classes" ]; then
  java -cp "$here/core/target/classes:$here/core/target/test-classes" rotagens.core.pressure.TargetsBenchmark
  java -cp "$here/core/target/classes:$here/core/target/test-classes" rotagens.core.rotation.RotationBenchmark
  java -cp "$here/core/target/classes:$here/core/target/test-classes" rotagens.core.planning.PlanningBenchmark
fi
if [ -d "$here/server/target/test-classes" ] && [ -d "$app/lib" ]; then
  java "${flags[@]}" -cp "$here/server/target/test-classes:$here/server/target/classes:$here/core/target/classes:$app/lib/*" \
    rotagens.server.shop.solver.ShopBenchmark
fi
echo "machine: $(nproc) cores, $(java -version 2>&1 | head -1)"
launch; stop
times=()
for _ in 1 2 3 4 5; do
  from=$(now); launch; to=$(now)
  times+=($(((to - from) / 1000000)))
  [ ${#times[@]} = 5 ] || stop
done
printf 'start to first answer, 5 starts on existing data: %s ms\n' "${times[*]}"

enter
ask 60 /api/fleet >/dev/null
printf 'fleet of 24 vehicles, kept:           '; ask 200 /api/fleet | percentiles
ask 60 /api/vehicles/3 >/dev/null
printf 'one vehicle page:                     '; ask 200 /api/vehicles/3 | percentiles

printf 'a proposed rotation, even wear:       '
for _ in $(seq 40); do
  send -X POST "http://127.0.0.1:$port/api/vehicles/3/rotation/proposal" -o /dev/null -w '%{time_total}\n' -d '{"asked":{"buy":true},"purpose":"EVEN_WEAR"}'
done | percentiles
printf 'what a device takes along of a walk:  '; ask 5 /api/vehicles/3/walk-around-draft > /dev/null; ask 60 /api/vehicles/3/walk-around-draft | percentiles

walk=$(send -X POST "http://127.0.0.1:$port/api/vehicles/3/walk-arounds" -d '{}' | sed -n 's/^{"id":\([0-9]*\).*/\1/p')
save() { # VERSION: prints the time
  send -X PUT "http://127.0.0.1:$port/api/walk-arounds/$walk/positions/1L" -H "If-Match: \"$1\"" -o /dev/null -w '%{time_total}\n' \
    -d '{"pressure":"108","thermalState":"COLD","outer":"12","center":"11","inner":"12"}'
}
for v in $(seq 0 59); do save "$v" >/dev/null; done
printf 'saving one position, on disk:         '; for v in $(seq 60 259); do save "$v"; done | percentiles
printf 'fleet right after a finished walk:    '
for _ in $(seq 60); do
  walk=$(send -X POST "http://127.0.0.1:$port/api/vehicles/3/walk-arounds" -d '{}' | sed -n 's/^{"id":\([0-9]*\).*/\1/p')
  seen=$(curl -s -b "$jar" "http://127.0.0.1:$port/api/walk-arounds/$walk" | sed -n 's/.*"version":\([0-9]*\).*/\1/p')
  save "${seen:-0}" >/dev/null
  send -X POST "http://127.0.0.1:$port/api/walk-arounds/$walk/finish" -o /dev/null -d '{"skipped":"bench"}'
  curl -s -b "$jar" -o /dev/null -w '%{time_total}\n' "http://127.0.0.1:$port/api/fleet"
done | percentiles

printf 'memory after that (resident):         %s MB\n' "$(($(awk '/VmRSS/ {print $2}' /proc/$server/status) / 1024))"

# 3,334 vehicles with 20,004 tires, brought in as files, then the jump field on them.
vehicles="$data/vehicles.csv" tires="$data/tires.csv"
awk 'BEGIN {print "unit,class,yard,kind,gvwr,axles"; for (v = 1; v <= 3334; v++) printf "BX-%04d,Box truck,Yard %d,truck,26000 lb,steer 2 | drive 4\n", v, v % 9}' > "$vehicles"
awk 'BEGIN {srand(7); letters = "ABCDEFHJKLMNPRTUVWXY123456789"; split("1L 1R 2LO 2LI 2RI 2RO", places, " ")
  print "number,dot,maker,model,sidewall,unit,position"
  for (v = 1; v <= 3334; v++) for (p = 1; p <= 6; p++) {
    code = ""; for (i = 0; i < 8; i++) code = code substr(letters, int(rand() * 29) + 1, 1)
    printf "T%05d,%s%02d%02d,Larkfell,Hill 3,245/70R19.5 136/134M H,BX-%04d,%s\n", ++n, code, int(rand() * 40) + 1, int(rand() * 6) + 20, v, places[p]
  }}' > "$tires"
bring() { # KIND FILE
  curl -s -b "$jar" -H "X-XSRF-TOKEN: $(token)" -H 'Content-Type: application/octet-stream' --data-binary "@$2" \
    -o "$data/outcome" -w '%{time_total}' "http://127.0.0.1:$port/api/imports/$1?dryRun=false"
}
printf 'bringing in 3,334 vehicles as CSV:    %s s\n' "$(bring VEHICLES "$vehicles")"
printf 'bringing in 20,004 tires as CSV:      %s s, ' "$(bring TIRES "$tires")"
grep -o '"added":[0-9]*,"changed":[0-9]*,"same":[0-9]*,"faulty":[0-9]*' "$data/outcome"
some() { awk -F, -v n="$1" 'NR % 97 == 2 && ++k <= n {print $2}' "$tires"; }
ask 30 "/api/search?q=BX-2" > /dev/null
printf 'jump, 4 letters inside a DOT code:    '; for c in $(some 200); do ask 1 "/api/search?q=${c:3:4}"; done | percentiles
printf 'jump, last 4 figures of a DOT code:   '; for c in $(some 200); do ask 1 "/api/search?q=${c:8:4}"; done | percentiles
printf 'jump, 2 letters by prefix:            '; for c in $(some 200); do ask 1 "/api/search?q=${c:0:2}"; done | percentiles
printf 'jump, vehicle and position:           '; for v in $(seq 11 210); do ask 1 "/api/search?q=BX-$(printf %04d $((v * 15)))%202L"; done | percentiles
printf 'jump, tire number:                    '; for v in $(seq 11 210); do ask 1 "/api/search?q=T$(printf %05d $((v * 90)))"; done | percentiles
printf 'fleet of 3,358 vehicles, first / kept: %s s / ' "$(ask 1 /api/fleet)"; ask 10 /api/fleet | percentiles
printf 'memory after that (resident):         %s MB\n' "$(($(awk '/VmRSS/ {print $2}' /proc/$server/status) / 1024))"

# A fleet of this size gets the larger heap at its next start, as the launcher gives it.
stop
flags=("${flags[@]/-Xmx256m/-Xmx512m}")
launch
java "$here/bench/Photo.java" "$data/photo.jpg"
node "$here/bench/stalls.mjs" "$port" "$data/photo.jpg"

built="$here/frontend/target/classes/META-INF/resources/built"
if [ -d "$built" ]; then
  first=$(cd "$built" && grep -o 'built/[A-Za-z0-9_.-]*\.js' ../index.html | sort -u | sed 's|built/||'; cd "$built" && ls FleetPage-*.js)
  deps=$(cd "$built" && for f in $first; do grep -oE '(from|import)["'"'"' ]*"?\./[A-Za-z0-9_-]+\.js' "$f" | grep -oE '[A-Za-z0-9_-]+\.js'; done | sort -u)
  total=0
  for f in $(printf '%s\n%s\n' "$first" "$deps" | sort -u); do total=$((total + $(gzip -9 -c "$built/$f" | wc -c))); done
  printf 'JavaScript of the first load, gzipped: %s kB\n' "$((total / 1000))"
fi
