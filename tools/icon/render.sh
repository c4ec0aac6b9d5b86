#!/bin/sh
# Draws the icons in every size from their SVG; needs Debian's chromium.
set -eu
cd "$(dirname "$0")"
out=../../desktop/src/main/resources/lehrgang/desktop/icon
mkdir -p "$out"
work=$(mktemp -d)
trap 'rm -rf "$work"' EXIT
draw() {
  printf '<style>*{margin:0}svg{display:block;width:%spx;height:%spx}</style>' "$2" "$2" >"$work/icon.html"
  cat "$1.svg" >>"$work/icon.html"
  chromium --headless --no-sandbox --disable-gpu --disable-quic --no-first-run \
    --disable-background-networking --disable-component-update --disable-sync \
    --user-data-dir="$work/profile" --force-device-scale-factor=1 \
    --default-background-color=00000000 --window-size="$2,$2" --hide-scrollbars \
    --screenshot="$out/$1-$2.png" "file://$work/icon.html" >/dev/null 2>&1
}
for size in 16 32 48 64 128 256 512; do draw lehrgang "$size"; done
for name in document style; do draw "$name" 128; draw "$name" 256; done
