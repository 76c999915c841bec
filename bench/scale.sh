#!/usr/bin/env bash
# Measures a generated fleet: bench/scale.sh APP DATA. Called by ./rotagens bench --data FOLDER, which generate made.
set -euo pipefail
app=$1
data=$2
here="$(cd "$(dirname "$0")/.." && pwd)"
port=18484
jar="$(mktemp)"
trap 'kill $server 2>/dev/null || true; rm -f "$jar"' EXIT
# shellcheck source=bench/common.sh
. "$here/bench/common.sh"
mapfile -t flags < "$here/.rotagens/jvm"
raw() { java -cp "$here/server/target/test-classes:$app/lib/*" rotagens.server.storage.RawRows "$data/rotagens.sqlite"; }

echo "machine: $(nproc) cores, $(java -version 2>&1 | head -1), data $(($(stat -c %s "$data/rotagens.sqlite") / 1048576)) MB"
raw
launch
enter
printf 'fleet, the first after the start:        %s s\n' "$(ask 1 /api/fleet)"
ask 150 /api/vehicles/30 > /dev/null; ask 60 '/api/fleet?part=VEHICLES' > /dev/null
printf 'fleet, a hundred vehicles:              '; ask 200 '/api/fleet?part=VEHICLES&from=50' | percentiles
printf 'due list, two hundred lines:            '; ask 200 '/api/fleet?part=DUE' | percentiles
printf 'one vehicle page:                       '; ask 200 /api/vehicles/31 | percentiles
printf 'jump by unit:                           '; for i in $(seq 10 99); do ask 1 "/api/search?q=GF-000$i"; done | percentiles
printf 'jump, letters inside a DOT code:        '; for i in $(seq 10 99); do ask 1 "/api/search?q=$((RANDOM % 40 + 10))2$((RANDOM % 6))"; done | percentiles

walk=$(send -X POST "http://127.0.0.1:$port/api/vehicles/30/walk-arounds" -d '{}' | sed -n 's/^{"id":\([0-9]*\).*/\1/p')
save() { # VERSION: prints the time
  send -X PUT "http://127.0.0.1:$port/api/walk-arounds/$walk/positions/1L" -H "If-Match: \"$1\"" -o /dev/null -w '%{time_total}\n' \
    -d '{"pressure":"108","thermalState":"COLD","outer":"12","center":"11","inner":"12"}'
}
seen=$(curl -s -b "$jar" "http://127.0.0.1:$port/api/walk-arounds/$walk" | sed -n 's/.*"version":\([0-9]*\).*/\1/p')
for v in $(seq "${seen:-0}" $((${seen:-0} + 60))); do save "$v" > /dev/null; done
printf 'saving one position, on disk:           '
for v in $(seq $((${seen:-0} + 61)) $((${seen:-0} + 260))); do save "$v"; done | percentiles
printf 'due list, first after a finished walk:  '
for id in $(seq 40 99); do
  walk=$(send -X POST "http://127.0.0.1:$port/api/vehicles/$id/walk-arounds" -d '{}' | sed -n 's/^{"id":\([0-9]*\).*/\1/p')
  save 0 > /dev/null
  send -X POST "http://127.0.0.1:$port/api/walk-arounds/$walk/finish" -o /dev/null -d '{"skipped":"bench"}'
  ask 1 '/api/fleet?part=DUE'
done | percentiles

person() { # twenty of them, each looking at something every one to three seconds for half a minute
  RANDOM=$1
  for _ in $(seq 15); do
    sleep "$((RANDOM % 2 + 1)).$((RANDOM % 10))"
    case $((RANDOM % 3)) in
      0) ask 1 "/api/fleet?part=VEHICLES&from=$((RANDOM % 10 * 100))" ;;
      1) ask 1 '/api/fleet?part=DUE' ;;
      *) ask 1 "/api/vehicles/$((RANDOM % 90 + 1))" ;;
    esac
  done
}
printf 'twenty people at work:                  '
{ for one in $(seq 20); do person "$one" & done; wait $(jobs -p | grep -v "^$server$"); } | percentiles
printf 'memory after that (resident):           %s MB\n' "$(($(awk '/VmRSS/ {print $2}' /proc/$server/status) / 1024))"
stop
