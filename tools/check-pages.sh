#!/usr/bin/env bash
# Checks the web pages that are handed out: whether they are valid, and in a headless browser, as a
# phone, a desk and a printer see them, whether everyone can read them. It wants the sheets of the
# demo, which `./lehrgang demo` writes to target/demo where there is no display, or those that are named.
#
#   apt-get install chromium         and Node.js with npm
#   tools/check-pages.sh [PAGE…]
set -uo pipefail
[ $# -gt 0 ] || set -- target/demo/*.html
pages=()
for page in "$@"; do pages+=("$(realpath "$page")"); done
tools=$(realpath "$(dirname "$0")/pages")
checks=$(dirname "$(dirname "${pages[0]}")")/page-checks
mkdir -p "$checks"
cp "$tools"/package.json "$tools"/check.mjs "$checks"
(cd "$checks" && npm install --silent --no-package-lock --no-audit --no-fund >/dev/null) || exit 1

wrong=0
java -jar "$checks"/node_modules/vnu-jar/build/dist/vnu.jar --errors-only --stdout "${pages[@]}" || wrong=1
node "$checks"/check.mjs "${pages[@]}" || wrong=1
[ "$wrong" = 0 ] && echo "Every web page is valid and can be read by everyone."
exit "$wrong"
