#!/usr/bin/env bash
# Takes every picture in docs/screenshots anew, from the demo song.
set -euo pipefail
cd "$(dirname "$0")/.."
for view in workspace hands pick notes steps history chords tryit bass melody follow compare smooth fence time import export shortcuts; do
  ./amber-fence demo --screenshot "docs/screenshots/$view.png" --view "$view"
done
./amber-fence demo --screenshot docs/screenshots/lamp.png --theme lamp
