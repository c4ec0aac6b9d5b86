#!/usr/bin/env bash
# Has other programs read what is handed out: TeX compiles it, a word processor opens it, two readers
# open the PDF. tools/check-pages.sh does the same for the web pages. It wants the sheets of the demo in all forms, which
# `./lehrgang demo` writes to target/demo where there is no display.
#
#   apt-get install texlive-latex-extra texlive-luatex lmodern libreoffice-writer-nogui poppler-utils mupdf-tools
#   tools/check-sheets.sh [FOLDER]
set -uo pipefail
folder=${1:-target/demo}
out=$(mktemp -d)
wrong=0
complain() { echo "$1"; wrong=1; }

for sheet in "$folder"/*.tex; do
  for engine in pdflatex lualatex; do
    TEXINPUTS="$folder:" "$engine" -interaction=nonstopmode -output-directory="$out" "$sheet" >"$out/log" 2>&1 \
      || complain "$engine does not compile $sheet"
    grep -aE 'Overfull|Missing character' "$out/log" >/dev/null && complain "$engine warns about $sheet"
  done
done

soffice --headless --convert-to pdf --outdir "$out" "$folder"/*.odt >"$out/log" 2>&1
for sheet in "$folder"/*.odt; do
  [ -s "$out/$(basename "${sheet%.odt}").pdf" ] || complain "the word processor does not open $sheet"
done

for sheet in "$folder"/*.pdf; do
  [ -z "$(pdfinfo "$sheet" 2>&1 >/dev/null)" ] || complain "poppler warns about $sheet"
  pdfinfo "$sheet" | grep -q '^Tagged: *yes' || complain "$sheet is not tagged"
  pdffonts "$sheet" | awk 'NR > 2 && $(NF-4) != "yes" {bad = 1} END {exit bad}' || complain "$sheet lacks a font"
  mutool draw -r 20 -o /dev/null "$sheet" 2>&1 | grep -v 'ICC support' | grep -iE 'error|warning' \
    && complain "mupdf warns about $sheet"
done

[ "$wrong" = 0 ] && echo "Every sheet was read without a complaint."
exit "$wrong"
