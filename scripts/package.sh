#!/usr/bin/env bash
# Makes an image with a runtime of its own and the packages of this system; they lie in packaging/target. Uses the newest JDK that is
# installed, or that of PACKAGE_JDK, for newer ones make images that start faster.
set -euo pipefail
HOME_DIR=$(cd "$(dirname "$(readlink -f "${BASH_SOURCE[0]}")")/.." && pwd)
. "$HOME_DIR/scripts/setup.sh"
for jdk in ${PACKAGE_JDK:-/usr/lib/jvm/*}; do
  [ -x "$jdk/bin/jpackage" ] && [ -x "$jdk/bin/jlink" ] || continue
  version=$("$jdk/bin/java" -version 2>&1 | sed -n 's/.* version "\([0-9]*\).*/\1/p' | head -n 1)
  if [ "$version" -gt "${newest:-16}" ]; then
    newest=$version
    export JAVA_HOME="$jdk"
  fi
done
need_java
need_maven
if [ "$(uname)" = Linux ]; then
  need_packages dpkg=dpkg-deb fakeroot=fakeroot binutils=objcopy
  need_display
  # The first package is taken apart again before it is done.
  export DPKG_DEB_COMPRESSOR_TYPE=none
fi
say "packing with Java ${newest:-} of ${JAVA_HOME:-the path}"
cd "$HOME_DIR"
mvn -q -B -ntp -Dstyle.color=never -Dmaven.test.skip=true -Pinstaller package
check_libraries
