#!/usr/bin/env bash
# Takes every picture in docs/screenshots anew, from the demo songs.
set -euo pipefail
cd "$(dirname "$0")/.."
for view in workspace hands pick notes recipes chords tryit live bass follow through compare fence import handbook; do
  ./amber-fence demo --screenshot "docs/screenshots/$view.png" --view "$view"
done
for view in lowest arpeggio fill; do
  ./amber-fence demo --song salt-stair --screenshot "docs/screenshots/$view.png" --view "$view"
done
./amber-fence demo --screenshot docs/screenshots/shape.png --view shape --theme lamp
