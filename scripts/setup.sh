# Shared by ./amber-fence, ./verify and ./bench: finds the tools, installs or names what is missing.
# Messages go to standard error, so that the output of commands stays clean.

say() { printf 'amber-fence: %s\n' "$*" >&2; }

need_java() {
  local java="${JAVA_HOME:+$JAVA_HOME/bin/}java" version
  JAVA_SAYS=$("$java" -version 2>&1) || true
  version=$(sed -n 's/.* version "\([0-9]*\).*/\1/p' <<<"$JAVA_SAYS" | head -n 1) || true
  if [ -z "$version" ] || [ "$version" -lt 17 ]; then
    say "a JDK of version 17 or later is needed and was not found (found: ${version:-none}); install one, or set JAVA_HOME"
    exit 1
  fi
  JAVA="$java"
  JAVA_VERSION="$version"
}

need_maven() {
  command -v mvn >/dev/null 2>&1 || { say "Maven (the command mvn) is needed and was not found; install it"; exit 1; }
}

# need_packages PACKAGE=LIBRARY-OR-PROGRAM …: installs the Debian packages whose library or program is missing when
# root, else names the one command to type.
need_packages() {
  local missing=() pair package proof known
  command -v ldconfig >/dev/null 2>&1 || [ -x /sbin/ldconfig ] || return 0
  known=$(PATH="$PATH:/sbin:/usr/sbin" ldconfig -p)
  for pair in "$@"; do
    package=${pair%%=*}
    proof=${pair#*=}
    case "$proof" in
      lib*) grep -q "$proof" <<<"$known" || missing+=("$package") ;;
      *) command -v "$proof" >/dev/null 2>&1 || missing+=("$package") ;;
    esac
  done
  [ ${#missing[@]} -eq 0 ] && return 0
  if ! command -v apt-get >/dev/null 2>&1; then
    say "these are missing (by their Debian names): ${missing[*]}; install them with your system's package tool"
    exit 1
  elif [ "$(id -u)" -eq 0 ]; then
    say "installing ${missing[*]}"
    { apt-get update -qq && DEBIAN_FRONTEND=noninteractive apt-get install -y -qq "${missing[@]}"; } >&2
  else
    say "these system packages are missing; type: sudo apt-get install ${missing[*]}"
    exit 1
  fi
}

# The libraries under a real window, and those under the interface tests.
WINDOW_PACKAGES=(libgtk-3-0=libgtk-3.so.0 libgl1=libGL.so.1 libxtst6=libXtst.so.6 libxxf86vm1=libXxf86vm.so.1)
TEST_PACKAGES=(libpango-1.0-0=libpango-1.0.so.0 libpangoft2-1.0-0=libpangoft2-1.0.so.0 libfreetype6=libfreetype.so.6
  fontconfig=fc-match)

# Builds the jars when a source is newer than the last build.
build() {
  local stamp="$HOME_DIR/.amber-fence/built"
  if [ -e "$stamp" ] && [ -d "$HOME_DIR/app/target/lib" ] && [ -d "$HOME_DIR/cli/target/lib" ] &&
      [ -z "$(find "$HOME_DIR"/pom.xml "$HOME_DIR"/docs/*.mid "$HOME_DIR"/core/{pom.xml,src/main} "$HOME_DIR"/cli/{pom.xml,src/main} \
        "$HOME_DIR"/app/{pom.xml,src/main} -newer "$stamp" -print -quit)" ]; then
    return 0
  fi
  need_maven
  say "building; the first time this takes a minute or two"
  (cd "$HOME_DIR" && mvn -q -B -Dstyle.color=never -Dmaven.test.skip=true package) >&2
  mkdir -p "$(dirname "$stamp")"
  touch "$stamp"
}

# The libraries that ship, each with its checksum; what is made here is none.
shipped_libraries() {
  (cd "$HOME_DIR/app/target/lib" && sha256sum *.jar; cd "$HOME_DIR/cli/target/lib" && sha256sum *.jar) | grep -v ' amber-fence-'
}

# Whether the libraries are those that are written down. JavaFX has other files on other systems.
check_libraries() {
  local unknown
  unknown=$(shipped_libraries | grep -v 'javafx-.*-\(mac\|win\)' | sort -u | grep -vxFf "$HOME_DIR/dependencies.sha256") || return 0
  say "these libraries are not those of dependencies.sha256 (scripts/lock.sh writes it anew after a change on purpose):"
  printf '%s\n' "$unknown" >&2
  return 1
}

# Says once that there are better sounds than those of Java, where none are installed.
offer_sounds() {
  local stamp="$HOME_DIR/.amber-fence/sounds-offered"
  [ ! -e "$stamp" ] && command -v apt-get >/dev/null 2>&1 || return 0
  compgen -G "/usr/share/sounds/sf2/*" >/dev/null || compgen -G "/usr/share/soundfonts/*" >/dev/null ||
    say "for fuller sounds than those of Java type: sudo apt-get install timgm6mb-soundfont"
  mkdir -p "$(dirname "$stamp")"
  touch "$stamp"
}

# A display: the one there is, or one in memory that goes when this script does.
need_display() {
  [ "$(uname)" = Linux ] || return 0
  need_packages "${WINDOW_PACKAGES[@]}"
  offer_sounds
  [ -z "${DISPLAY:-}" ] || return 0
  need_packages xvfb=Xvfb
  say "there is no display; starting one in memory"
  local number
  exec 3< <(exec Xvfb -displayfd 1 -screen 0 1280x800x24 -nolisten tcp 2>/dev/null)
  MEMORY_DISPLAY=$!
  trap 'kill "$MEMORY_DISPLAY" 2>/dev/null || true' EXIT
  read -r number <&3
  export DISPLAY=":$number"
}

# The JVM starts much faster with an archive of the classes it will load. The first run after a build writes one when it
# ends, the next ones use it; one that does not fit is passed over by the JVM.
# shared_classes NAME JAR: of what is started from a jar.
shared_classes() {
  # Another Java, or the folder in another place, has classes of its own.
  local archive="$HOME_DIR/.amber-fence/$1-$JAVA_VERSION-$(cksum <<<"$HOME_DIR $JAVA_SAYS" | cut -d ' ' -f 1).jsa"
  mkdir -p "$HOME_DIR/.amber-fence"
  local read=SharedArchiveFile write=ArchiveClassesAtExit
  # From 25 on such an archive is called a cache, and holds more.
  [ "$JAVA_VERSION" -lt 25 ] || { read=AOTCache; write=AOTCacheOutput; archive=${archive%.jsa}.aot; }
  if [ -e "$archive" ] && [ "$archive" -nt "$2" ]; then
    SHARED_CLASSES="-XX:$read=$archive"
  else
    rm -f "$HOME_DIR/.amber-fence/$1-"*
    SHARED_CLASSES="-XX:$write=$archive"
  fi
}

# Most commands are done before Java's second compiler has made up for the time it takes. Little memory to begin with, and no more than
# is needed: otherwise a long file leaves much behind before it is tidied up.
COMMAND_JAVA_OPTIONS="-XX:TieredStopAtLevel=1 -Xms16m -XX:NewSize=8m -XX:NewRatio=8 -XX:MinHeapFreeRatio=20"

# run_command ARGUMENTS…: works on files, without a window.
run_command() {
  local jar="$HOME_DIR/cli/target/amber-fence-cli-0.1.0.jar" classes
  classes="$jar$(printf ':%s' "$HOME_DIR"/cli/target/lib/*.jar)"
  # From 25 on Java says on the output that it wrote a cache, which would stand among the answers.
  SHARED_CLASSES=-Xshare:auto
  [ "$JAVA_VERSION" -ge 25 ] || shared_classes commands "$jar"
  local options=$COMMAND_JAVA_OPTIONS
  # Sounds are worked out for longer.
  [ "$1" != sound ] || options=
  exec "$JAVA" -XX:+UseSerialGC $options -Xlog:disable -Xlog:all=error:stderr -Dfile.encoding=UTF-8 "$SHARED_CLASSES" \
    --add-exports java.desktop/com.sun.media.sound=ALL-UNNAMED -cp "$classes" amberfence.cli.Main "$@"
}

# What newer versions of Java want to be told, so that they do not warn of what JavaFX does.
java_permissions() {
  PERMISSIONS=()
  [ "$JAVA_VERSION" -lt 22 ] || PERMISSIONS+=(--enable-native-access=javafx.graphics)
  [ "$JAVA_VERSION" -lt 24 ] || PERMISSIONS+=(--sun-misc-unsafe-memory-access=allow)
}

# Few new things at a time, so that tidying up memory never stops the window for long, however many notes there are.
WINDOW_JAVA_OPTIONS="-XX:+UseG1GC -XX:MaxGCPauseMillis=30 -XX:MaxNewSize=24m -XX:TieredStopAtLevel=1"

# run_window ARGUMENTS…: JavaFX lies on the module path, all else on the class path.
run_window() {
  local modules="" classes="$HOME_DIR/app/target/amber-fence-app-0.1.0.jar" jar
  for jar in "$HOME_DIR"/app/target/lib/*.jar; do
    case "$jar" in
      */javafx-*-*-*.jar) modules="$modules:$jar" ;;
      */javafx-*) ;;
      *) classes="$classes:$jar" ;;
    esac
  done
  shared_classes classes "$HOME_DIR/app/target/amber-fence-app-0.1.0.jar"
  java_permissions
  set -- "$JAVA" $WINDOW_JAVA_OPTIONS -Xlog:disable -Xlog:all=error:stderr -Dfile.encoding=UTF-8 \
    "$SHARED_CLASSES" ${PERMISSIONS[@]+"${PERMISSIONS[@]}"} ${AMBER_FENCE_JAVA_OPTIONS:-} \
    --add-exports java.desktop/com.sun.media.sound=ALL-UNNAMED \
    --module-path "${modules#:}" --add-modules javafx.controls -cp "$classes" amberfence.app.Main "$@"
  # What the JVM says of writing its cache is of no use to anybody.
  case "$SHARED_CLASSES" in *AOTCacheOutput*) exec > /dev/null 2> >(grep -v '^Picked up JAVA_TOOL_OPTIONS' >&2) ;; esac
  # Whoever ends this script ends the window.
  [ -n "${MEMORY_DISPLAY:-}" ] || exec "$@"
  "$@" &
  local window=$!
  trap 'kill "$window" 2>/dev/null' TERM INT HUP
  wait "$window" || { local status=$?; wait "$window" 2>/dev/null; return "$status"; }
}

# milliseconds COMMAND…: how long a start takes, from the process to the first painted frame, which holds the whole window.
milliseconds() {
  local from painted
  from=$(date +%s%3N)
  # In a shell of its own, for what is started takes its place.
  painted=$(AMBER_FENCE_JAVA_OPTIONS="-Damberfence.firstPicture=1" "$@" | grep -E '^[0-9]+$' | tail -n 1)
  echo $((painted - from))
}
