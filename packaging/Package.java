import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.FileTime;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import java.util.spi.ToolProvider;

/**
 * Makes what can be given to people: an image with a runtime of its own, and of it the packages of the system that this runs on (a
 * .deb; .dmg and .pkg; .msi and .exe). Started by {@code mvn -Pinstaller package}; needs a JDK of version 17 or later, and on Linux
 * {@code dpkg-deb} and {@code fakeroot}. The parts for macOS and Windows are written from the documentation of jpackage and were not
 * run.
 */
public final class Package {
    private static final String SYSTEM = System.getProperty("os.name").toLowerCase(Locale.ROOT);
    private static final boolean MAC = SYSTEM.contains("mac");
    private static final boolean WINDOWS = SYSTEM.contains("windows");
    private static final int JAVA = Runtime.version().feature();
    /** Beside what the classes ask for: what is only found by name, the sound of the JDK among it. */
    private static final List<String> MORE_MODULES = List.of("java.desktop", "java.xml", "java.logging", "java.naming", "jdk.unsupported", "jdk.localedata", "javafx.controls");
    private static final String DESCRIPTION = "Keeps melodies, basslines and chords inside chosen keys";
    private static final List<Integer> ICONS = List.of(16, 24, 32, 48, 64, 128, 256, 512);
    private static final List<String> OPTIONS = options();
    private static final String ARCHIVE = JAVA >= 25 ? "-XX:AOTCache=$APPDIR/classes.aot" : "-XX:SharedArchiveFile=$APPDIR/classes.jsa";
    private final Path project;
    private final String version;
    private final Path target;
    private final Path input;

    private Package(Path project, String version) {
        this.project = project;
        this.version = version;
        this.target = project.resolve("packaging/target");
        this.input = target.resolve("input");
    }

    public static void main(String[] arguments) throws Exception {
        new Package(Path.of(arguments[0]).toRealPath(), arguments[1]).make();
    }

    /** As the window is started from the jars, and what newer versions of Java want to be told. */
    private static List<String> options() {
        List<String> options = new ArrayList<>(List.of("-XX:+UseG1GC", "-XX:MaxGCPauseMillis=30", "-XX:MaxNewSize=24m", "-XX:TieredStopAtLevel=1", "-Dfile.encoding=UTF-8",
                "--add-exports=java.desktop/com.sun.media.sound=ALL-UNNAMED"));
        if (JAVA >= 22) {
            options.addAll(List.of("--enable-native-access=javafx.graphics"));
        }
        if (JAVA >= 24) {
            options.addAll(List.of("--sun-misc-unsafe-memory-access=allow"));
        }
        return options;
    }

    private void make() throws Exception {
        Path list = target.resolve("what-ships.json");
        byte[] ships = Files.exists(list) ? Files.readAllBytes(list) : new byte[0];
        delete(target);
        Files.createDirectories(input);
        // The list goes with what it lists.
        Files.write(list, ships);
        Files.write(input.resolve("what-ships.json"), ships);
        Files.copy(project.resolve("THIRD-PARTY.md"), input.resolve("THIRD-PARTY.md"));
        List<Path> javafx = new ArrayList<>();
        for (String module : List.of("app", "cli")) {
            for (Path folder : List.of(project.resolve(module + "/target"), project.resolve(module + "/target/lib"))) {
                for (Path jar : jars(folder)) {
                    String name = jar.getFileName().toString();
                    if (name.matches("javafx-.*-.*-.*\\.jar")) {
                        javafx.add(jar);
                    } else if (!name.startsWith("javafx-")) {
                        Files.copy(jar, input.resolve(name), StandardCopyOption.REPLACE_EXISTING);
                    }
                }
            }
        }
        Path runtime = runtime(javafx);
        Path image = image(runtime);
        if (!MAC && !WINDOWS) {
            starter(image);
        }
        classes(image);
        say("image: " + image);
        packages(image);
    }

    private Path runtime(List<Path> javafx) throws IOException {
        String path = javafx.stream().map(Path::toString).collect(Collectors.joining(System.getProperty("path.separator")));
        List<String> jars = jars(input).stream().map(Path::toString).toList();
        List<String> ask = new ArrayList<>(List.of("--print-module-deps", "--ignore-missing-deps", "--multi-release", "17", "--module-path", path));
        ask.addAll(jars);
        // What it warns of comes before.
        String needed = run("jdeps", ask).strip().lines().reduce("", (before, line) -> line);
        String modules = Stream.concat(Arrays.stream(needed.split(",")), MORE_MODULES.stream()).distinct().sorted().collect(Collectors.joining(","));
        Path runtime = target.resolve("runtime");
        List<String> link = new ArrayList<>(List.of("--module-path", path, "--add-modules", modules, "--output", runtime.toString(), "--strip-debug", "--no-header-files",
                "--no-man-pages", "--include-locales", "en,de"));
        if (JAVA >= 18) {
            link.add("--generate-cds-archive");
        }
        run("jlink", link);
        // Where JavaFX looks for them first; it would unpack them from its modules into the person's home.
        try (Stream<Path> files = Files.list(project.resolve("app/target/lib"))) {
            for (Path library : files.filter(file -> file.toString().matches(".*\\.(so|dylib|dll)")).sorted().toList()) {
                Path place = runtime.resolve(WINDOWS ? "bin" : "lib").resolve(library.getFileName());
                if (!Files.exists(place)) {
                    Files.copy(library, place);
                }
            }
        }
        return runtime;
    }

    /** In place of the program that jpackage makes: that one first asks the system's packages about itself, which takes a tenth of the start. */
    private void starter(Path image) throws IOException {
        String jars = classPath(image.resolve("lib/app/amber-fence.cfg")).stream().map(jar -> "$home/lib/app/" + jar).collect(Collectors.joining(":"));
        String options = Stream.concat(OPTIONS.stream(), Stream.of("-Xlog:disable", "-Xlog:all=error:stderr")).collect(Collectors.joining(" "));
        Path file = image.resolve("bin/amber-fence");
        Files.delete(file);
        Files.writeString(file, "#!/bin/sh\n# Starts the window with the runtime that lies beside it.\nhome=${0%/*}/..\nexec \"$home/lib/runtime/bin/java\" " + options + " \\\n  \""
                + ARCHIVE.replace("$APPDIR", "$home/lib/app") + "\" \\\n  -cp \"" + jars + "\" \\\n  amberfence.app.Main \"$@\"\n");
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rwxr-xr-x"));
    }

    /** The names of the jars, in the order of a launcher. */
    private static List<String> classPath(Path launcher) throws IOException {
        return Files.readAllLines(launcher).stream().filter(line -> line.startsWith("app.classpath=")).map(line -> line.substring("app.classpath=$APPDIR/".length())).toList();
    }

    private Path image(Path runtime) throws IOException {
        Path command = Files.writeString(target.resolve("command.properties"), "main-jar=" + jar("amber-fence-cli") + "\nmain-class=amberfence.cli.Main\n"
                + "java-options=-XX:+UseSerialGC -Xms16m -XX:NewSize=8m -XX:NewRatio=8 -XX:MinHeapFreeRatio=20 -XX:TieredStopAtLevel=1 -Dfile.encoding=UTF-8 --add-exports=java.desktop/com.sun.media.sound=ALL-UNNAMED\nwin-console=true\n");
        List<String> make = new ArrayList<>(List.of("--type", "app-image", "--name", MAC ? "Amber Fence" : "amber-fence", "--app-version", version, "--vendor", "Amber Fence",
                "--description", DESCRIPTION, "--runtime-image", runtime.toString(), "--input", input.toString(),
                "--main-jar", jar("amber-fence-app"), "--main-class", "amberfence.app.Main", "--icon", icon().toString(), "--dest", target.toString(),
                "--add-launcher", "amber-fence-command=" + command));
        // Made afterwards; where it does not fit, the JVM passes it over.
        Stream.concat(OPTIONS.stream(), Stream.of("-Xlog:disable", "-Xlog:all=error:stderr", ARCHIVE)).forEach(option -> make.addAll(List.of("--java-options", option)));
        run("jpackage", make);
        return target.resolve(MAC ? "Amber Fence.app" : "amber-fence");
    }

    /** Only Windows and macOS have kinds of pictures of their own, in which the same sizes lie together. */
    private Path icon() throws IOException {
        if (WINDOWS) {
            return Files.write(target.resolve("icon.ico"), Pictures.ico(sizes()));
        }
        return MAC ? Files.write(target.resolve("icon.icns"), Pictures.icns(sizes())) : sizes().resolve("512.png");
    }

    private Path sizes() {
        return project.resolve("app/src/main/resources/amberfence/app/theme/icon");
    }

    /** Starts the window once, so that the classes that it loads lie ready. */
    private void classes(Path image) throws IOException, InterruptedException {
        Path app = image.resolve(MAC ? "Contents/app" : WINDOWS ? "app" : "lib/app");
        Path java = image.resolve(MAC ? "Contents/runtime/Contents/Home/bin/java" : WINDOWS ? "runtime/bin/java.exe" : "lib/runtime/bin/java");
        String classPath = classPath(app.resolve(MAC ? "Amber Fence.cfg" : "amber-fence.cfg")).stream().map(jar -> app.resolve(jar).toString())
                .collect(Collectors.joining(System.getProperty("path.separator")));
        sameTime(app);
        if (JAVA < 18) {
            // Newer ones have the classes of Java itself in an archive from the beginning.
            command(java.toString(), "-Xshare:dump");
        }
        List<String> start = new ArrayList<>(List.of(java.toString()));
        start.addAll(OPTIONS);
        start.addAll(List.of(JAVA >= 25 ? "-XX:AOTCacheOutput=" + app.resolve("classes.aot") : "-XX:ArchiveClassesAtExit=" + app.resolve("classes.jsa"), "-Xlog:disable",
                "-Damberfence.firstPicture=1", "-Djpackage.app-path=x", "-cp", classPath, "amberfence.app.Main", "demo"));
        Process window = new ProcessBuilder(start).redirectErrorStream(true).redirectOutput(target.resolve("classes.log").toFile()).start();
        if (window.waitFor() != 0 || !Files.exists(app.resolve(JAVA >= 25 ? "classes.aot" : "classes.jsa"))) {
            say("the window could not be started here (no display?); the image starts slower without its archive of classes");
        }
    }

    /** The archive of classes only fits jars of the time that they had when it was made; copying changes it. */
    private static void sameTime(Path folder) throws IOException {
        for (Path jar : jars(folder)) {
            Files.setLastModifiedTime(jar, FileTime.from(Instant.parse("2026-01-01T00:00:00Z")));
        }
    }

    private void packages(Path image) throws IOException, InterruptedException {
        for (String type : MAC ? List.of("dmg", "pkg") : WINDOWS ? List.of("msi", "exe") : List.of("deb")) {
            List<String> make = new ArrayList<>(List.of("--type", type, "--app-image", image.toString(), "--name", MAC ? "Amber Fence" : "amber-fence", "--app-version", version,
                    "--vendor", "Amber Fence", "--description", DESCRIPTION, "--dest", target.toString(), "--license-file", project.resolve("LICENSE").toString()));
            for (String kind : List.of("amber", "mid", "musicxml", "mxl")) {
                make.addAll(List.of("--file-associations", association(kind).toString()));
            }
            if (type.equals("deb")) {
                make.addAll(List.of("--linux-shortcut", "--linux-menu-group", "AudioVideo;Audio;Midi", "--linux-app-category", "sound", "--linux-deb-maintainer", "team@amber-fence.invalid",
                        "--linux-package-deps", "libgtk-3-0, libgl1, libxtst6, libxxf86vm1", "--resource-dir", resources().toString()));
            } else if (WINDOWS) {
                make.addAll(List.of("--win-menu", "--win-shortcut", "--win-per-user-install"));
            }
            run("jpackage", make);
        }
        try (Stream<Path> made = Files.list(target)) {
            for (Path file : made.filter(path -> path.toString().matches(".*\\.(deb|dmg|pkg|msi|exe)")).sorted().toList()) {
                Path whole = file.toString().endsWith(".deb") ? withCommands(file) : file;
                say("package: " + whole);
            }
        }
    }

    private Path association(String ending) throws IOException {
        String text = switch (ending) {
            case "amber" -> "mime-type=application/x-amber-fence\ndescription=Amber Fence project\n";
            case "mid" -> "mime-type=audio/midi\ndescription=MIDI file\n";
            case "musicxml" -> "mime-type=application/vnd.recordare.musicxml+xml\ndescription=MusicXML score\n";
            default -> "mime-type=application/vnd.recordare.musicxml\ndescription=Compressed MusicXML score\n";
        };
        return Files.writeString(target.resolve(ending + ".properties"), "extension=" + ending + "\n" + text);
    }

    /** The menu entry, with the name that people read. */
    private Path resources() throws IOException {
        Path folder = Files.createDirectories(target.resolve("resources"));
        Files.writeString(folder.resolve("amber-fence.desktop"), """
                [Desktop Entry]
                Name=Amber Fence
                Comment=APPLICATION_DESCRIPTION
                Exec=APPLICATION_LAUNCHER %f
                Icon=APPLICATION_ICON
                Terminal=false
                Type=Application
                Categories=DEPLOY_BUNDLE_CATEGORY;
                DESKTOP_MIMES
                """);
        return folder;
    }

    /** Commands in the usual folder: the window, and the command line. */
    private Path withCommands(Path deb) throws IOException, InterruptedException {
        Path tree = target.resolve("deb");
        command("dpkg-deb", "-R", deb.toString(), tree.toString());
        Path own = tree.resolve("opt/amber-fence/lib");
        Path entry = own.resolve("amber-fence-amber-fence.desktop");
        // In the folders of the system, as Debian has it: with scripts that ask for a desktop it could not be installed without one.
        String menu = Files.readString(entry).replaceAll("(?m)^Icon=.*$", "Icon=amber-fence");
        Files.writeString(Files.createDirectories(tree.resolve("usr/share/applications")).resolve("amber-fence.desktop"), menu);
        Files.move(own.resolve("amber-fence-amber-fence-MimeInfo.xml"), Files.createDirectories(tree.resolve("usr/share/mime/packages")).resolve("amber-fence.xml"));
        for (int size : ICONS) {
            Path folder = Files.createDirectories(tree.resolve("usr/share/icons/hicolor/" + size + "x" + size + "/apps"));
            Files.copy(sizes().resolve(size + ".png"), folder.resolve("amber-fence.png"));
        }
        Files.delete(entry);
        // Only the window stands in the menu.
        Files.deleteIfExists(own.resolve("amber-fence-amber-fence-command.desktop"));
        for (String script : List.of("preinst", "postinst", "prerm", "postrm")) {
            Files.deleteIfExists(tree.resolve("DEBIAN/" + script));
        }
        sameTime(tree.resolve("opt/amber-fence/lib/app"));
        Path control = tree.resolve("DEBIAN/control");
        Files.writeString(control, Files.readAllLines(control).stream().filter(line -> !line.isBlank()).collect(Collectors.joining("\n", "",
                "\nRecommends: timgm6mb-soundfont | fluid-soundfont-gm\n")));
        Path folder = Files.createDirectories(tree.resolve("usr/bin"));
        Path window = Files.writeString(folder.resolve("amber-fence"), "#!/bin/sh\nexec /opt/amber-fence/bin/amber-fence \"$@\"\n");
        Files.setPosixFilePermissions(window, PosixFilePermissions.fromString("rwxr-xr-x"));
        Files.createSymbolicLink(folder.resolve("amber-fence-command"), Path.of("/opt/amber-fence/bin/amber-fence-command"));
        command("dpkg-deb", "--root-owner-group", "-b", tree.toString(), deb.toString());
        delete(tree);
        return deb;
    }

    private static void command(String... command) throws IOException, InterruptedException {
        ProcessBuilder process = new ProcessBuilder(command);
        // What was packed once already only to be taken apart is packed for good.
        process.environment().put("DPKG_DEB_COMPRESSOR_TYPE", "xz");
        process.environment().put("DPKG_DEB_COMPRESSOR_LEVEL", "1");
        if (process.redirectOutput(ProcessBuilder.Redirect.DISCARD).redirectError(ProcessBuilder.Redirect.INHERIT).start().waitFor() != 0) {
            throw new IllegalStateException(String.join(" ", command) + " failed");
        }
    }

    private static String run(String tool, List<String> arguments) {
        StringWriter out = new StringWriter();
        StringWriter err = new StringWriter();
        int status = ToolProvider.findFirst(tool).orElseThrow(() -> new IllegalStateException("this Java has no " + tool + "; a JDK is needed"))
                .run(new PrintWriter(out), new PrintWriter(err), arguments.toArray(String[]::new));
        if (status != 0) {
            throw new IllegalStateException(tool + " failed:\n" + out + err);
        }
        return out.toString();
    }

    private String jar(String name) {
        return name + "-" + version + ".jar";
    }

    private static List<Path> jars(Path folder) {
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(file -> file.toString().endsWith(".jar")).sorted().toList();
        } catch (IOException e) {
            throw new UncheckedIOException("nothing is built in " + folder, e);
        }
    }

    private static void delete(Path folder) throws IOException {
        if (Files.exists(folder)) {
            try (Stream<Path> files = Files.walk(folder)) {
                for (Path file : files.sorted(Comparator.reverseOrder()).toList()) {
                    Files.delete(file);
                }
            }
        }
    }

    private static void say(String text) {
        System.err.println("amber-fence: " + text);
    }

    /** Pictures of several sizes in one file, each a PNG inside. */
    private static final class Pictures {
        private static byte[] ico(Path sizes) throws IOException {
            List<Integer> all = List.of(16, 24, 32, 48, 64, 128, 256);
            ByteBuffer head = ByteBuffer.allocate(6 + 16 * all.size()).order(ByteOrder.LITTLE_ENDIAN);
            head.putShort((short) 0).putShort((short) 1).putShort((short) all.size());
            ByteArrayOutputStream content = new ByteArrayOutputStream();
            for (int size : all) {
                byte[] png = Files.readAllBytes(sizes.resolve(size + ".png"));
                head.put((byte) size).put((byte) size).put((byte) 0).put((byte) 0).putShort((short) 1).putShort((short) 32).putInt(png.length).putInt(head.capacity() + content.size());
                content.writeBytes(png);
            }
            return join(head.array(), content.toByteArray());
        }

        private static byte[] icns(Path sizes) throws IOException {
            ByteArrayOutputStream content = new ByteArrayOutputStream();
            for (String[] kind : new String[][] {{"icp4", "16"}, {"icp5", "32"}, {"icp6", "64"}, {"ic07", "128"}, {"ic08", "256"}, {"ic09", "512"}}) {
                byte[] png = Files.readAllBytes(sizes.resolve(kind[1] + ".png"));
                content.writeBytes(kind[0].getBytes(StandardCharsets.US_ASCII));
                content.writeBytes(ByteBuffer.allocate(4).putInt(png.length + 8).array());
                content.writeBytes(png);
            }
            return join("icns".getBytes(StandardCharsets.US_ASCII), ByteBuffer.allocate(4).putInt(content.size() + 8).array(), content.toByteArray());
        }

        private static byte[] join(byte[]... parts) {
            ByteArrayOutputStream all = new ByteArrayOutputStream();
            Arrays.stream(parts).forEach(all::writeBytes);
            return all.toByteArray();
        }
    }
}
