#!/bin/sh
# Milliseconds from the command to a derivation printed, and to the demo's window on the screen, of
# one program or of several by turns, with the ratio to the first; needs Xvfb and xdotool.
# Usage: start.sh [-n RUNS] [PROGRAM ...], such as the bin/lehrgang of two installed folders.
set -eu
runs=9
if [ "${1:-}" = -n ]; then
  runs=$2
  shift 2
fi
[ "$#" -gt 0 ] || set -- "$(cd "$(dirname "$0")/.." && pwd)/lehrgang"
work=$(mktemp -d)
display=:96
Xvfb "$display" -noreset -screen 0 1400x900x24 >/dev/null 2>&1 &
xvfb=$!
trap 'kill "$xvfb" 2>/dev/null || true; rm -rf "$work"' EXIT
sleep 2
XDG_DATA_HOME=$work/data
export XDG_DATA_HOME
printf 'route,Spring,Summer,Autumn\nLake loop,41,55,24\nGorge path,38,64,58\nSummit way,41,101,58\n' >"$work/table.csv"

now() { date +%s%N; }

derive() {
  start=$(now)
  "$1" derive independence "$work/table.csv" >/dev/null
  echo "$((($(now) - start) / 1000000))" >>"$work/derive-$2"
}

window() {
  rm -rf "$XDG_DATA_HOME"
  start=$(now)
  DISPLAY=$display "$1" demo >/dev/null 2>&1 &
  program=$!
  until DISPLAY=$display xdotool search --onlyvisible --name 'Lehrgang$' >/dev/null 2>&1; do sleep 0.01; done
  echo "$((($(now) - start) / 1000000))" >>"$work/window-$2"
  kill "$program" 2>/dev/null || true
  wait "$program" 2>/dev/null || true
  while DISPLAY=$display xdotool search --name 'Lehrgang$' >/dev/null 2>&1; do sleep 0.05; done
}

median() { sort -n "$1" | sed -n "$(((runs + 1) / 2))p"; }

# The first of each is not counted.
for run in $(seq 0 "$runs"); do
  k=0
  for program; do
    k=$((k + 1))
    derive "$program" "$k"
    window "$program" "$k"
  done
  [ "$run" -gt 0 ] || rm "$work"/derive-* "$work"/window-*
done
for what in derive window; do
  k=0
  for program; do
    k=$((k + 1))
    printf '%s: median %s ms, %s times the first (%s), of %s\n' "$what" "$(median "$work/$what-$k")" \
      "$(echo "scale=2; $(median "$work/$what-$k") / $(median "$work/$what-1")" | bc)" \
      "$(sort -n "$work/$what-$k" | tr '\n' ' ' | sed 's/ $//')" "$program"
  done
done
