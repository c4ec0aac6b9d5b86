#!/bin/sh
# Reads what a fuzzer makes up: tables, records, workbooks (with gaps too), solutions, styles, answers, class lists, folders with remains,
# journals and arguments. Usage: fuzz.sh [INPUTS | SECONDSs] [WHAT]
set -eu
cd "$(dirname "$0")/.."
java=${JAVA_HOME:?name a JDK 25}/bin/java
exec "$java" -cp "benchmarks/target/*:benchmarks/target/lib/*" lehrgang.benchmarks.Fuzz "${1:-120s}" ${2:+"$2"}
