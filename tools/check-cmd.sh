#!/usr/bin/env bash
# What can be checked of a batch file without Windows: line ends, signs, jumps and what it starts.
set -euo pipefail
file=$1
fail() { echo "$file: $1" >&2; exit 1; }
[ "$(grep -c $'\r$' "$file")" -eq "$(wc -l <"$file")" ] || fail "a line does not end with CR LF"
LC_ALL=C grep -qP '[^\x00-\x7F]' "$file" && fail "a sign is not ASCII"
while read -r label; do
  grep -qi "^:$label"$'\r'"\$" "$file" || fail "goto $label leads nowhere"
done < <(grep -oi 'goto [a-z]*' "$file" | cut -d' ' -f2 | sort -u)
[ $(($(tr -cd '"' <"$file" | wc -c) % 2)) -eq 0 ] || fail "a quotation mark is missing"
[ "$(tr -cd '(' <"$file" | wc -c)" -eq "$(tr -cd ')' <"$file" | wc -c)" ] || fail "a bracket is missing"
grep -q 'lehrgang\.app\.Main %\*' "$file" || fail "the arguments do not reach the program"
here=$(dirname "$0")/..
for option in $(grep -o -- '--module-path "%here%[^"]*\|-cp "%here%[^"]*' "$file" | sed 's/.*%here%//; s/\\.*//'); do
  grep -q "<outputDirectory>$option" "$here/app/src/portable/portable.xml" || fail "$option is not in the archive"
done
echo "$file: nothing wrong that can be seen from here."
