package amberfence.app.files;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.format.Leftovers;
import amberfence.format.midi.MidiReader;
import amberfence.format.project.ProjectFile;
import amberfence.format.project.UnsavedFile;
import java.io.BufferedReader;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Processes that are killed at random moments of writing: what stands there is whole, and the next start clears up. */
class KillsTest {
    /** How many; {@code scripts/faults.sh} asks for many more. */
    private static final int KILLS = Integer.getInteger("amberfence.kills", 12);
    private static final int WINDOW_KILLS = Integer.getInteger("amberfence.windowKills", 2);
    /** Seconds of work that may be lost: the delay, and the time that writing takes. */
    private static final double MOST_LOST = 5;
    @TempDir
    Path root;

    private static Process start(Class<?> main, String... arguments) throws Exception {
        List<String> command = new ArrayList<>(List.of(Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:TieredStopAtLevel=1", "-XX:+UseSerialGC", "-Dglass.platform=Monocle", "-Dmonocle.platform=Headless", "-Dprism.order=sw",
                "-Djava.awt.headless=true", "--add-exports", "java.desktop/com.sun.media.sound=ALL-UNNAMED", "-cp",
                System.getProperty("java.class.path"), main.getName()));
        command.addAll(List.of(arguments));
        return new ProcessBuilder(command).redirectError(ProcessBuilder.Redirect.INHERIT).start();
    }

    @Test
    void atAnyMomentOfWritingLeaveTheOldFileOrTheNewOne() throws Exception {
        Random random = new Random(1);
        int leftovers = 0;
        int written = 0;
        int kinds = KilledWriter.Kind.values().length;
        for (int i = 0; i < KILLS; i++) {
            KilledWriter.Kind kind = KilledWriter.Kind.values()[i % kinds];
            // Half of them write anew, the others write over what is there.
            boolean over = i / kinds % 2 == 1;
            Path folder = Files.createDirectories(root.resolve(kind.name()));
            Process process = start(KilledWriter.class, kind.name(), folder.toString());
            try (BufferedReader out = new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8))) {
                assertThat(out.readLine()).isEqualTo("begins");
                if (over) {
                    assertThat(out.readLine()).isEqualTo("wrote");
                }
                Thread.sleep(random.nextInt(900));
                process.destroyForcibly().waitFor();
            }
            leftovers += left(folder).size();
            // The next start.
            new AppFolder(folder).sweep();
            Leftovers.sweep(folder.resolve("unsaved"));
            Leftovers.sweep(folder.resolve(".amber-fence-versions"));
            assertThat(left(folder)).as("left by kill %d of %s", i, kind).isEmpty();
            boolean isThere = check(kind, folder);
            assertThat(isThere || !over).as("what %s had written before kill %d", kind, i).isTrue();
            written += isThere ? 1 : 0;
        }
        System.out.printf("%d kills while writing: %d left something behind, all cleared up; %d had written before%n", KILLS, leftovers,
                written);
    }

    private static List<Path> left(Path folder) throws Exception {
        try (Stream<Path> all = Files.walk(folder)) {
            return all.filter(file -> file.getFileName().toString().matches("\\.amber-fence-\\d.*|.*\\.part")).toList();
        }
    }

    /** Whether there is a file; it is whole then. */
    private static boolean check(KilledWriter.Kind kind, Path folder) throws Exception {
        switch (kind) {
            case PROJECT -> {
                return Files.exists(folder.resolve("song.amber"))
                        && ProjectFile.open(folder.resolve("song.amber")).document().song().title().startsWith("Evening ");
            }
            case UNSAVED -> {
                for (UnsavedStore.Left left : new UnsavedStore(new AppFolder(folder)).left().left()) {
                    assertThat(UnsavedFile.readSong(left.file()).song().title()).isEqualTo(left.about().title());
                    Files.delete(left.file());
                    return true;
                }
                return false;
            }
            case MIDI -> {
                Path file = folder.resolve("song.mid");
                return Files.exists(file) && MidiReader.read(Files.readAllBytes(file), "x").notices().isEmpty();
            }
            case CHANGES -> {
                Path file = folder.resolve("changes.csv");
                return Files.exists(file) && Files.readString(file).endsWith("\n");
            }
            case SOUND -> {
                Path file = folder.resolve("song.wav");
                if (Files.exists(file)) {
                    byte[] bytes = Files.readAllBytes(file);
                    int told = bytes[40] & 0xFF | (bytes[41] & 0xFF) << 8 | (bytes[42] & 0xFF) << 16 | bytes[43] << 24;
                    assertThat(bytes.length - 44).isEqualTo(told);
                }
                return Files.exists(file);
            }
            default -> {
                List<String> lines = new AppFolder(folder).ownScales();
                assertThat(lines.isEmpty() || lines.get(lines.size() - 1).equals("0 2 4\tend")).isTrue();
                return !lines.isEmpty();
            }
        }
    }

    @Test
    void ofAWindowInWhichSomebodyEditsLoseAFewSecondsAtMostAndAreOffered() throws Exception {
        Random random = new Random(2);
        double worst = 0;
        int offered = 0;
        for (int i = 0; i < WINDOW_KILLS; i++) {
            Path folder = Files.createDirectories(root.resolve("window-" + i));
            Process process = start(EditingWindow.Start.class, folder.toString(), Integer.toString(i));
            long wanted = 500 + random.nextInt(8_000);
            List<double[]> edits = new ArrayList<>();
            long[] killed = new long[1];
            try (BufferedReader out = new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8))) {
                // The first edit; some while later the window is killed.
                String line = out.readLine();
                Thread killer = new Thread(() -> {
                    try {
                        Thread.sleep(wanted);
                    } catch (InterruptedException e) {
                        Thread.currentThread().interrupt();
                    }
                    killed[0] = System.currentTimeMillis();
                    process.destroyForcibly();
                });
                killer.start();
                while (line != null) {
                    String[] words = line.split(" ");
                    edits.add(new double[] {Double.parseDouble(words[0]), Double.parseDouble(words[1])});
                    line = out.readLine();
                }
                process.waitFor(10, TimeUnit.SECONDS);
            }
            assertThat(edits).as("the window came up").isNotEmpty();
            List<UnsavedStore.Left> left = new UnsavedStore(new AppFolder(folder)).left().left();
            if (left.isEmpty()) {
                // It lived so short that nothing had to be kept yet: all of it is lost.
                worst = Math.max(worst, (killed[0] - edits.get(0)[1]) / 1000);
                continue;
            }
            offered++;
            assertThat(left).as("offered after kill %d", i).hasSize(1);
            int kept = Integer.parseInt(UnsavedFile.readSong(left.get(0).file()).song().title().replaceAll("\\D", ""));
            double firstLost = edits.stream().filter(edit -> edit[0] > kept).mapToDouble(edit -> edit[1]).min().orElse(killed[0]);
            worst = Math.max(worst, (killed[0] - firstLost) / 1000);
        }
        System.out.printf("%d kills of a window in which somebody edits: %d times work was offered, at most %.1f s of it lost%n", WINDOW_KILLS,
                offered, worst);
        assertThat(worst).isLessThanOrEqualTo(MOST_LOST);
    }
}
