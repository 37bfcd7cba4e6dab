package amberfence.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import javax.sound.midi.InvalidMidiDataException;
import javax.sound.midi.MidiSystem;

/**
 * The command line with a file of a million notes, from the start of the process to its end, in turn with a process that
 * only reads and writes the file with the JDK's own classes.
 */
public final class WholeProcess {
    private static final int NOTES = 1_000_000;

    private WholeProcess() {
    }

    /** How long a process took and the most memory it had in use at any moment, 0 where the system does not tell. */
    private record Took(double milliseconds, long bytes) {
    }

    /** @param arguments the script that starts the product, and how often */
    public static void main(String[] arguments) throws IOException, InterruptedException {
        String product = arguments[0];
        int pairs = arguments.length > 1 ? Integer.parseInt(arguments[1]) : 5;
        Path folder = Files.createTempDirectory("whole-process");
        try {
            Path many = Files.write(folder.resolve("many.mid"), LongFile.of(NOTES));
            Path few = Files.write(folder.resolve("few.mid"), LongFile.of(4));
            String out = folder.resolve("out.mid").toString();
            List<Took> own = new ArrayList<>();
            List<Took> jdk = new ArrayList<>();
            Took one = took(apply(product, few, out));
            for (int i = 0; i < pairs; i++) {
                jdk.add(took(List.of(Path.of(System.getProperty("java.home"), "bin", "java").toString(), "-XX:+UseSerialGC",
                        "-cp", System.getProperty("java.class.path"), Copy.class.getName(), many.toString(), out)));
                own.add(took(apply(product, many, out)));
            }
            double ratio = median(own) / median(jdk);
            System.out.printf(Locale.ROOT, "1,000,000 notes brought inside, whole process %6.0f ms   %5.2f × the JDK's reader and writer in %.0f ms"
                    + "   (aim: ≤ 1.3 ×)%n", median(own), ratio, median(jdk));
            long peak = own.stream().mapToLong(Took::bytes).max().orElse(0);
            System.out.printf(Locale.ROOT, "   at most %d MB, %.0f bytes a note more than with four notes; the JDK's at most %d MB   (aim: ≤ 60)%n",
                    peak >> 20, (peak - one.bytes()) / (double) NOTES, jdk.stream().mapToLong(Took::bytes).max().orElse(0) >> 20);
        } finally {
            try (Stream<Path> files = Files.list(folder)) {
                for (Path file : files.toList()) {
                    Files.delete(file);
                }
            }
            Files.delete(folder);
        }
    }

    private static List<String> apply(String product, Path in, String out) {
        return List.of(product, "apply", in.toString(), "--key", "C major", "--snap", "nearest", "--out", out);
    }

    private static double median(List<Took> times) {
        return times.stream().mapToDouble(Took::milliseconds).sorted().skip(times.size() / 2).findFirst().orElseThrow();
    }

    private static Took took(List<String> command) throws IOException, InterruptedException {
        long start = System.nanoTime();
        Process process = new ProcessBuilder(command).redirectErrorStream(true).redirectOutput(ProcessBuilder.Redirect.DISCARD).start();
        Path status = Path.of("/proc", Long.toString(process.pid()), "status");
        long most = 0;
        while (!process.waitFor(10, TimeUnit.MILLISECONDS)) {
            most = Math.max(most, mostMemory(status));
        }
        if (process.exitValue() != 0) {
            throw new IllegalStateException(command + " ended with " + process.exitValue());
        }
        return new Took((System.nanoTime() - start) / 1e6, most);
    }

    /** What the system says of a process as long as it runs. */
    private static long mostMemory(Path status) {
        try {
            return Files.readAllLines(status).stream().filter(line -> line.startsWith("VmHWM:"))
                    .mapToLong(line -> Long.parseLong(line.replaceAll("\\D", "")) << 10).findFirst().orElse(0);
        } catch (IOException gone) {
            return 0;
        }
    }

    /** Reads a file and writes it with the JDK's own classes. */
    static final class Copy {
        private Copy() {
        }

        public static void main(String[] arguments) throws IOException, InvalidMidiDataException {
            MidiSystem.write(MidiSystem.getSequence(Path.of(arguments[0]).toFile()), 1, Path.of(arguments[1]).toFile());
        }
    }
}
