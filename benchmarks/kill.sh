#!/bin/sh
# Kills the program N times while it is edited and saved, and compares what is there afterwards with
# what had been acknowledged. Usage: kill.sh [N] [SEED]
set -eu
cd "$(dirname "$0")/.."
java=${JAVA_HOME:?name a JDK 25}/bin/java
exec "$java" -cp "benchmarks/target/*:benchmarks/target/lib/*" lehrgang.benchmarks.Kill "${1:-15}" "${2:-1}"
