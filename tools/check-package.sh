#!/usr/bin/env bash
# Does the packaged program's main jobs where nothing of Java or Maven can be found; with a display,
# its window too. With the demo that the built program wrote, compares what the packaged one writes.
# Usage: check-package.sh lehrgang_1.0.0_amd64.deb [target/demo]
set -euo pipefail
root=$(mktemp -d)
trap 'rm -rf "$root"' EXIT
dpkg-deb -x "$1" "$root"
program="$root/opt/lehrgang/bin/lehrgang"
demo="$root/opt/lehrgang/lib/demo"
mkdir "$root/home" "$root/out"
alone() { env -i HOME="$root/home" XDG_DATA_HOME="$root/home/data" LANG=C.UTF-8 PATH=/nowhere ${DISPLAY:+DISPLAY="$DISPLAY"} "$@"; }

test "$(readlink "$root/usr/bin/lehrgang")" = /opt/lehrgang/bin/lehrgang
alone "$program" --version | grep -q '^lehrgang [0-9]'
printf 'route,Spring,Summer,Autumn\nLake loop,41,55,24\nGorge path,38,64,58\nSummit way,41,101,58\n' >"$root/table.csv"
alone "$program" derive independence "$root/table.csv" | grep -q '14\.10'
alone "$program" hand-out "$demo/route-and-season.lehrgang" --for student --as pdf -o "$root/out/sheet.pdf"
head -c 5 "$root/out/sheet.pdf" | grep -q '%PDF-'
alone "$program" mark "$demo/route-and-season.lehrgang" "$demo/group-17.csv" -o "$root/out/marks.csv"
test "$(wc -l <"$root/out/marks.csv")" -eq 63
# The classes that were loaded ahead of time are taken, or every start is slow.
env -i HOME="$root/home" JAVA_TOOL_OPTIONS="-Xlog:class+load:file=$root/out/classes.log" \
  "$program" --version >/dev/null 2>&1
test "$(grep -c 'source: shared objects file' "$root/out/classes.log")" -gt 2000
for part in licences.txt lehrgang-parts.cdx.json; do test -s "$root/opt/lehrgang/lib/$part"; done

if [ -n "${2:-}" ]; then
  demo_here=$PWD/$2
  (cd "$root/out" && env -i HOME="$root/home" LANG=C.UTF-8 PATH=/nowhere "$program" demo >/dev/null)
  # In pictures of windows a caret may blink.
  diff -rq --exclude='*.png' --exclude='*~' "$demo_here" "$root/out/target/demo"
fi

if [ -n "${DISPLAY:-}" ]; then
  cp "$demo/route-and-season.lehrgang" "$root/home/mine.lehrgang"
  alone "$program" "$root/home/mine.lehrgang" >"$root/out/window.log" 2>&1 &
  window=$!
  shown() { xdotool search --onlyvisible --name 'Lehrgang$' 2>/dev/null | tail -n 1; }
  for _ in $(seq 150); do
    [ -n "$(shown)" ] && break
    sleep 0.2
  done
  id=$(shown)
  sleep 4
  xdotool windowfocus "$id"
  # The first count of the table in a new window of 1280 by 800.
  xdotool mousemove --window "$id" 454 549 click 1
  sleep 1
  xdotool key ctrl+a
  xdotool type --delay 60 33
  xdotool key Tab
  sleep 1
  xdotool key ctrl+s
  sleep 2
  xdotool key ctrl+q
  for _ in $(seq 50); do
    kill -0 "$window" 2>/dev/null || break
    sleep 0.2
  done
  if kill -0 "$window" 2>/dev/null; then
    kill "$window"
    echo "The window did not close." >&2
    exit 1
  fi
  wait "$window"
  grep -q '\[33, 55, 24\]' "$root/home/mine.lehrgang"
  grep -q '"writtenBy": "Lehrgang' "$root/home/mine.lehrgang"
  # What was typed went into a journal, which nobody misses after saving.
  test -d "$root/home/data/lehrgang/journal"
  test -z "$(ls -A "$root/home/data/lehrgang/journal")"
fi
echo "The packaged program works on its own: $(du -sm "$root/opt" | cut -f1) MB installed."
