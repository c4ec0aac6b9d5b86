#!/bin/sh
# Seconds from the command to the demo's window on the screen, several times; needs Xvfb and xdotool.
set -eu
cd "$(dirname "$0")/.."
runs=${1:-5}
display=:96
Xvfb "$display" -noreset -screen 0 1400x900x24 >/dev/null 2>&1 &
xvfb=$!
trap 'kill "$xvfb" 2>/dev/null || true' EXIT
sleep 2
export DISPLAY="$display"
XDG_DATA_HOME=$(mktemp -d)
export XDG_DATA_HOME
for run in $(seq "$runs"); do
  start=$(date +%s%N)
  ./lehrgang demo >/dev/null 2>&1 &
  window=$!
  until xdotool search --onlyvisible --name 'Lehrgang$' >/dev/null 2>&1; do sleep 0.02; done
  end=$(date +%s%N)
  echo "run $run: $(((end - start) / 1000000)) ms"
  kill "$window"
  wait "$window" 2>/dev/null || true
done
