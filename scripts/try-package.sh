#!/usr/bin/env bash
# Tries the Debian package as somebody would who has nothing else: unpacked into an empty folder, with no Java to be found. Opens a
# score, brings it inside, writes every format, and takes a picture of the window.
set -euo pipefail
HOME_DIR=$(cd "$(dirname "$(readlink -f "${BASH_SOURCE[0]}")")/.." && pwd)
. "$HOME_DIR/scripts/setup.sh"
packages=("$HOME_DIR"/packaging/target/*.deb)
[ -e "${packages[0]}" ] || { say "there is no package; make one with scripts/package.sh"; exit 1; }
need_display
folder=$(mktemp -d)
trap 'kill "${MEMORY_DISPLAY:-}" 2>/dev/null || true; rm -rf "$folder"' EXIT
dpkg-deb -x "${packages[0]}" "$folder/root"
# Only what every system has, and no Java.
mkdir "$folder/bin"
for tool in bash env; do ln -s "$(command -v $tool)" "$folder/bin/"; done
alone() { env -i PATH="$folder/bin" HOME="$folder" DISPLAY="$DISPLAY" LC_ALL=C.UTF-8 "$@"; }
window="$folder/root/opt/amber-fence/bin/amber-fence"
command="$folder/root/opt/amber-fence/bin/amber-fence-command"

fail() { say "package: $1"; exit 1; }
alone "$command" apply "$HOME_DIR/docs/salt-stair.mid" --key "E minor" --out "$folder/song.musicxml" >/dev/null
alone "$command" apply "$folder/song.musicxml" --key "E minor" --snap nearest --out "$folder/inside.mid" >/dev/null
alone "$command" apply "$folder/song.musicxml" --key "E minor" --snap nearest --out "$folder/inside.mxl" >/dev/null
alone "$command" apply "$folder/song.musicxml" --out "$folder/again.mid" --lead-sheet "$folder/lead.pdf" --lead-numerals >/dev/null
alone "$command" sound "$folder/song.musicxml" --out "$folder/inside.wav" >/dev/null
alone "$window" "$folder/song.musicxml" --screenshot "$folder/window.png" 2> "$folder/said"
[ ! -s "$folder/said" ] || { cat "$folder/said" >&2; fail "the window has something to say when it starts"; }
for file in song.musicxml inside.mid inside.mxl inside.wav lead.pdf window.png; do
  [ -s "$folder/$file" ] || fail "$file was not written"
done
[ "$(head -c 4 "$folder/inside.mid")" = MThd ] || fail "inside.mid is no MIDI file"
[ "$(head -c 4 "$folder/inside.wav")" = RIFF ] || fail "inside.wav is no WAV file"
grep -q "MimeType=.*application/x-amber-fence" "$folder/root/usr/share/applications/amber-fence.desktop" || fail "the menu entry opens no projects"
[ -s "$folder/root/usr/share/icons/hicolor/48x48/apps/amber-fence.png" ] || fail "there is no icon"
[ -x "$folder/root/usr/bin/amber-fence" ] || fail "there is no command amber-fence"
cp "$folder/window.png" "$HOME_DIR/packaging/target/window.png"
say "the package works on its own: $(basename "${packages[0]}"), $(($(stat -c %s "${packages[0]}") >> 20)) MB"
