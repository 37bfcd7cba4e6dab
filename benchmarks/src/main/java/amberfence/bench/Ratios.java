package amberfence.bench;

import java.util.Collection;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.runner.options.TimeValue;
import org.openjdk.jmh.runner.options.VerboseMode;

/** Runs the measurements in one go and prints ratios. */
public final class Ratios {
    private Ratios() {
    }

    public static void main(String[] arguments) throws RunnerException {
        int iterations = arguments.length > 0 ? Integer.parseInt(arguments[0]) : 5;
        Collection<RunResult> results = new Runner(new OptionsBuilder().include("amberfence.bench")
                .forks(1).warmupIterations(Math.max(3, iterations / 2)).warmupTime(new TimeValue(1, TimeUnit.SECONDS))
                .measurementIterations(iterations).measurementTime(new TimeValue(1, TimeUnit.SECONDS))
                .jvmArgsAppend("-Xms3g", "-Xmx3g").verbosity(VerboseMode.SILENT).build()).run();
        Map<String, Double> times = results.stream().collect(Collectors.toMap(
                result -> result.getParams().getBenchmark().replaceAll(".*\\.(\\w+\\.\\w+)$", "$1") + (result.getParams().getParamsKeys().isEmpty() ? ""
                        : " " + result.getParams().getParam("step")),
                result -> result.getPrimaryResult().getScore()));
        double copy = times.get("BringInsideBench.copy");
        System.out.printf(Locale.ROOT, "plain copy of 1,000,000 notes   %8.1f ms%n", copy);
        for (String ties : new String[] {"down", "up", "shape", "chord"}) {
            double time = times.get("BringInsideBench." + ties);
            System.out.printf(Locale.ROOT, "bring inside, ties %-6s       %8.1f ms   %5.1f million notes/s   %5.1f × the copy   (aim: ≤ 1.5 ×)%n",
                    ties, time, 1000 / time, time / copy);
        }
        double jdk = times.get("MidiFileBench.jdk");
        double own = times.get("MidiFileBench.readAndWrite");
        System.out.printf(Locale.ROOT, "read + write 100,000 notes      %8.1f ms   %5.2f × the JDK's %.1f ms   (aim: ≤ 0.5 ×)%n",
                own, own / jdk, jdk);
        System.out.printf(Locale.ROOT, "chords read in 100,000 notes    %8.1f ms   %5.1f × the copy of 1,000,000   (aim: ≤ 1 ×)%n",
                times.get("ChordsBench.read"), times.get("ChordsBench.read") / copy);
        System.out.printf(Locale.ROOT, "smoothest of 256 chords         %8.1f ms   %5.1f × the copy of 1,000,000   (aim: ≤ 50 ms)%n",
                times.get("ChordsBench.smooth"), times.get("ChordsBench.smooth") / copy);
        aboutHundredThousand("FitBench.", "100,000 : 1,000", 500, times, copy);
        aboutHundredThousand("DrawBench.", "of 100,000", 500, times, copy);
        aboutHundredThousand("ShapeBench.shaped ", "of 100,000", 500, times, copy);
        aboutHundredThousand("ThroughBench.", "of 100,000", 1000, times, copy);
    }

    private static void aboutHundredThousand(String bench, String size, int aim, Map<String, Double> times, double copy) {
        times.entrySet().stream().filter(entry -> entry.getKey().startsWith(bench)).sorted(Map.Entry.comparingByKey())
                .forEach(entry -> System.out.printf(Locale.ROOT, "%-28s %-15s  %8.1f ms   %5.1f × the copy of 1,000,000   (aim: ≤ %d ms)%n",
                        entry.getKey().substring(bench.length()), size, entry.getValue(), entry.getValue() / copy, aim));
    }
}
