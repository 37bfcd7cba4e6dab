package amberfence.reading;

import amberfence.notes.Line;
import amberfence.notes.TimeMap;
import amberfence.theory.Key;
import amberfence.theory.PitchClass;
import amberfence.theory.Scale;
import amberfence.theory.Scales;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Where a song changes its key. Bar by bar, each key says how likely the pitch classes of the bar are in it, and a change
 * of key costs; the cheapest path through all bars is found exactly (Temperley, Music and Probability, 2007, ch. 6, from
 * memory). Each span so found is then named by {@link KeyFinder}, which also weighs bass and endings.
 */
public final class Modulations {
    /** What a change of key costs, in units of log likelihood; chosen by the measurement in {@code ModulationsTest}. */
    static final double CHANGE = 6;
    /** What it costs more inside a phrase: songs change their key where four bars begin (common practice, no source). */
    static final double INSIDE_PHRASE = 3;
    private static final int PHRASE = 4;
    /**
     * Of keys with the same notes whose scores differ by no more than this, a span is in the song's own, else in the major
     * or the minor one: where a section turns back, its last bass note is often no tonic (common practice, no source).
     */
    static final double ALIKE = 0.12;
    /** A pitch class that sounds for less than this share of a bar says less. */
    private static final double FULL = 0.15;

    /** Bars, both included, and the key that they seem to be in. */
    public record Span(int fromBar, int toBar, KeyCandidate candidate) {
    }

    private final List<Line> lines;
    private final TimeMap time;
    private final KeyFamily family;
    private final int bars;
    private final Optional<Key> home;

    private Modulations(List<Line> lines, TimeMap time, KeyFamily family, int bars) {
        this.lines = lines;
        this.time = time;
        this.family = family;
        this.bars = bars;
        this.home = KeyFinder.find(lines, time, family).stream().findFirst().map(KeyCandidate::key);
    }

    /** The keys of some lines that sound together, in the order of their bars. */
    public static List<Span> find(List<Line> lines, TimeMap time, KeyFamily family) {
        long end = lines.stream().mapToLong(Line::end).max().orElse(0);
        return find(lines, time, family, time.barOf(Math.max(0, end - 1)));
    }

    /** The same for that many bars, when the song is longer than its notes; none when they tell no key. */
    public static List<Span> find(List<Line> lines, TimeMap time, KeyFamily family, int bars) {
        return new Modulations(lines, time, family, bars).spans();
    }

    private List<Span> spans() {
        List<Span> spans = new ArrayList<>();
        int from = 1;
        int[] path = cheapestPath();
        for (int bar = 2; bar <= bars + 1; bar++) {
            if (bar == bars + 1 || path[bar - 1] != path[bar - 2]) {
                add(spans, from, bar - 1);
                from = bar;
            }
        }
        return spans;
    }

    /** Names a stretch of bars; what turns out to be in the key before belongs to it. */
    private void add(List<Span> spans, int from, int to) {
        KeyCandidate named = name(from, to);
        if (named == null) {
            return;
        }
        Span last = spans.isEmpty() ? null : spans.get(spans.size() - 1);
        if (last != null && last.candidate().key().equals(named.key())) {
            spans.set(spans.size() - 1, new Span(last.fromBar(), to, name(last.fromBar(), to)));
        } else {
            spans.add(new Span(spans.isEmpty() ? 1 : from, to, named));
        }
    }

    private KeyCandidate name(int from, int to) {
        long start = time.barStart(from);
        long end = time.barStart(to + 1);
        List<Line> within = lines.stream().map(line -> line.between(start, end)).toList();
        List<KeyCandidate> candidates = KeyFinder.find(within, time, family);
        if (candidates.isEmpty()) {
            return null;
        }
        KeyCandidate best = candidates.get(0);
        return candidates.stream().filter(candidate -> candidate.score() >= best.score() - ALIKE
                        && candidate.key().pitchClasses().equals(best.key().pitchClasses()))
                .min(Comparator.comparingInt(this::rank)).orElse(best);
    }

    private int rank(KeyCandidate candidate) {
        Scale scale = candidate.key().scale();
        return home.filter(candidate.key()::equals).isPresent() ? 0 : scale.equals(Scales.MAJOR) ? 1
                : scale.equals(Scales.MINOR) ? 2 : 3;
    }

    /** How much of each bar each pitch class fills, at most 1. */
    private double[][] presence() {
        double[][] presence = new double[bars][PitchClass.COUNT];
        for (Line line : lines) {
            line.notes().forEach(note -> {
                int bar = time.barOf(note.start());
                double length = time.barStart(bar + 1) - time.barStart(bar);
                int pitchClass = note.pitch() % PitchClass.COUNT;
                presence[bar - 1][pitchClass] = Math.min(1, presence[bar - 1][pitchClass] + note.length() / length / FULL);
            });
        }
        return presence;
    }

    private int[] cheapestPath() {
        List<Costs> keys = new ArrayList<>();
        for (Scale scale : family.scales()) {
            for (int tonic = 0; tonic < PitchClass.COUNT; tonic++) {
                keys.add(Costs.of(tonic, ScaleProfile.of(scale, KeyProfile.KOSTKA_PAYNE)));
            }
        }
        double[][] presence = presence();
        int[][] from = new int[bars][keys.size()];
        double[] best = new double[keys.size()];
        for (int bar = 0; bar < bars; bar++) {
            int cheapest = cheapest(best);
            boolean empty = isEmpty(presence[bar]);
            double change = CHANGE + (bar % PHRASE == 0 ? 0 : INSIDE_PHRASE);
            double[] next = new double[best.length];
            for (int key = 0; key < best.length; key++) {
                boolean stays = bar == 0 || best[key] <= best[cheapest] + change;
                from[bar][key] = stays ? key : cheapest;
                next[key] = (stays ? best[key] : best[cheapest] + change)
                        + (empty ? 0 : keys.get(key).of(presence[bar]));
            }
            best = next;
        }
        int[] path = new int[bars];
        int key = cheapest(best);
        for (int bar = bars - 1; bar >= 0; bar--) {
            path[bar] = key;
            key = from[bar][key];
        }
        return path;
    }

    private static int cheapest(double[] costs) {
        int best = 0;
        for (int i = 1; i < costs.length; i++) {
            best = costs[i] < costs[best] ? i : best;
        }
        return best;
    }

    private static boolean isEmpty(double[] presence) {
        for (double share : presence) {
            if (share != 0) {
                return false;
            }
        }
        return true;
    }

    /**
     * How unlikely bars are in a key: what sounds, and, as far as the bar is full, what does not.
     *
     * @param silence what a bar costs in which nothing sounds
     * @param sounding for each pitch class what it costs more to sound than not
     */
    private record Costs(double silence, double[] sounding) {
        static Costs of(int tonic, double[] profile) {
            double silence = 0;
            double[] sounding = new double[PitchClass.COUNT];
            for (int i = 0; i < PitchClass.COUNT; i++) {
                double likely = profile[Math.floorMod(i - tonic, PitchClass.COUNT)];
                silence -= Math.log(1 - likely);
                sounding[i] = Math.log(1 - likely) - Math.log(likely);
            }
            return new Costs(silence, sounding);
        }

        double of(double[] presence) {
            double cost = silence;
            for (int i = 0; i < presence.length; i++) {
                cost += presence[i] * sounding[i];
            }
            return cost;
        }
    }
}
