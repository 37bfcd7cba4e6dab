#!/usr/bin/env bash
# Writes down the checksums of all libraries that ship, after a version was changed on purpose. Everything else only checks them.
set -euo pipefail
HOME_DIR=$(cd "$(dirname "$(readlink -f "${BASH_SOURCE[0]}")")/.." && pwd)
. "$HOME_DIR/scripts/setup.sh"
need_java
build
shipped_libraries | sort -u -k 2 > "$HOME_DIR/dependencies.sha256"
say "$(wc -l < "$HOME_DIR/dependencies.sha256") libraries are written down in dependencies.sha256"
