#!/bin/sh
# Milliseconds that `lehrgang derive` takes from the shell, several times.
set -eu
cd "$(dirname "$0")/.."
table=$(mktemp)
printf 'route,Spring,Summer,Autumn\nLake loop,41,55,24\nGorge path,38,64,58\nSummit way,41,101,58\n' >"$table"
./lehrgang derive independence "$table" >/dev/null
for run in 1 2 3 4 5; do
  start=$(date +%s%N)
  ./lehrgang derive independence "$table" >/dev/null
  end=$(date +%s%N)
  echo "run $run: $(((end - start) / 1000000)) ms"
done
rm -f "$table"
