#!/usr/bin/env bash
# Tries in earnest what ./verify tries in small: kills, damaged projects and sounds, a monkey, songs far too long. Takes
# about half an hour; prints the figures. scripts/faults.sh [FOLDER]: where to work, usually a new folder under /tmp.
set -euo pipefail
HOME_DIR=$(cd "$(dirname "$(readlink -f "${BASH_SOURCE[0]}")")/.." && pwd)
. "$HOME_DIR/scripts/setup.sh"
need_java
need_maven
[ "$(uname)" = Linux ] && need_packages "${TEST_PACKAGES[@]}"
build
cd "$HOME_DIR"
WORK=${1:-$(mktemp -d /tmp/amber-fence-faults.XXXXXX)}
mkdir -p "$WORK/damaged"

run_tests() { # MODULES TESTS OPTIONS…
  local modules=$1 tests=$2
  shift 2
  env -u DISPLAY mvn -B -ntp -Dstyle.color=never test -pl "$modules" -Dtest="$tests" -Dsurefire.failIfNoSpecifiedTests=false "$@" \
    > "$WORK/$tests.log" 2>&1 || { say "failed: $tests, see $WORK/$tests.log"; FAILED=1; }
  grep -hE '^(monkey|[0-9]+ kills|[0-9]+ damaged|.* longest block)' "$WORK/$tests.log" || true
}
FAILED=0

echo "== kills"
run_tests core,app KillsTest -Damberfence.kills=300 -Damberfence.windowKills=50

echo "== damaged projects on the command line (1,000) and in the window (200)"
run_tests core DamagedProjectsTest -Damberfence.damaged=1000 -Damberfence.damaged.into="$WORK/damaged"
CLI=("$JAVA" -Xmx512m -XX:+UseSerialGC -XX:TieredStopAtLevel=1 -Dfile.encoding=UTF-8
  --add-exports java.desktop/com.sun.media.sound=ALL-UNNAMED
  -cp "$HOME_DIR/cli/target/amber-fence-cli-0.1.0.jar:$HOME_DIR/cli/target/lib/*" amberfence.cli.Main)
opened=0 refused=0 bad=0
for file in "$WORK"/damaged/*.amber; do
  echo precious > "$WORK/out.mid"
  code=0
  timeout 10 "${CLI[@]}" apply --project "$file" --out "$WORK/out.mid" > "$WORK/out.txt" 2> "$WORK/err.txt" || code=$?
  if [ "$code" -eq 0 ]; then
    opened=$((opened + 1))
  elif [ "$code" -eq 3 ] && [ "$(wc -l < "$WORK/err.txt")" -eq 1 ] && [ "$(wc -c < "$WORK/err.txt")" -lt 600 ] &&
      ! grep -qE 'java\.|amberfence\.|Exception' "$WORK/err.txt" && grep -q precious "$WORK/out.mid"; then
    refused=$((refused + 1))
  else
    bad=$((bad + 1))
    say "exit $code: $file: $(head -c 300 "$WORK/err.txt")"
  fi
done
echo "$((opened + refused + bad)) damaged projects on the command line: $opened opened, $refused refused in a sentence, $bad bad"
[ "$bad" -eq 0 ] || FAILED=1
run_tests core,app DamagedInTheWindowTest -Damberfence.damaged.from="$WORK/damaged" -Damberfence.damaged=200

echo "== a monkey, 30,000 events"
run_tests core,app MonkeyTest -Damberfence.monkey=10000 -Damberfence.freeze=1000

echo "== songs far too long"
run_tests core,app BigSongsTest -Damberfence.freeze=1000
exit "$FAILED"
