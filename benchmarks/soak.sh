#!/bin/sh
# Edits, pastes, presses and looks at everything without end for some minutes, and says what went
# wrong and how much memory was held. Usage: soak.sh [MINUTES|NUMBERmoves] [SEED]
# Without a display there is a small screen and no dialogs; both are taken for what they are.
# Pixels that may be given up at any time are not counted as held.
set -eu
cd "$(dirname "$0")/.."
XDG_DATA_HOME=$(mktemp -d)
export XDG_DATA_HOME
java=${JAVA_HOME:?name a JDK 25}/bin/java
exec "$java" --enable-native-access=ALL-UNNAMED -XX:+UseSerialGC -XX:SoftRefLRUPolicyMSPerMB=0 -Duser.language=en -Duser.country=GB \
  -cp "benchmarks/target/*:benchmarks/target/lib/*" lehrgang.desktop.window.Soak "${1:-3}" "${2:-1}"
