#!/usr/bin/env bash
# Prints the tables of what is read, each with its aim beside it, over many more songs than ./verify takes: chords out of
# textures and under tunes, keys of tunes and where they change, spellings of chord symbols. Takes a few minutes.
set -euo pipefail
HOME_DIR=$(cd "$(dirname "$(readlink -f "${BASH_SOURCE[0]}")")/.." && pwd)
. "$HOME_DIR/scripts/setup.sh"
need_java
need_maven
cd "$HOME_DIR"
mvn -B -ntp -Dstyle.color=never test -pl core -Dtest='TexturesTest,TuneChordsTest,BookTunesTest,ChordSpellingsTest' \
  -Dsurefire.failIfNoSpecifiedTests=false "-Damberfence.figures=${1:-200}" | grep -v '^\[INFO\]\|^\[ERROR\] *$'
