package amberfence.format.musicxml;

import amberfence.notes.Metre;
import amberfence.theory.Key;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** What holds for all parts of a score, bar by bar as it is written. */
final class WrittenBars {
    /** Beats and note value of a signature; none where no metre is measured. */
    record TimeSignature(int numerator, int denominator) {
        static final TimeSignature USUAL = new TimeSignature(4, 4);

        double quarters() {
            return 4.0 * numerator / denominator;
        }

        /** The signature with so many quarters, for a bar that is longer than its metre says. */
        static Optional<TimeSignature> ofQuarters(double quarters) {
            for (int denominator = 4; denominator <= 64; denominator *= 2) {
                double beats = quarters * denominator / 4;
                if (Math.abs(beats - Math.rint(beats)) < 1e-6 && beats >= 1 && beats <= 255) {
                    return Optional.of(new TimeSignature((int) Math.rint(beats), denominator));
                }
            }
            return Optional.empty();
        }

        Metre metre(long tick) {
            return new Metre(tick, numerator, denominator);
        }
    }

    private final List<PlayingOrder.Marks> marks;
    /** How far what is written in each bar reaches, in quarters. */
    private final double[] reached;
    private final boolean[] implicit;
    /** What a bar brings; null where it brings nothing new. */
    private final Optional<TimeSignature>[] times;
    private final Key[] keys;

    @SuppressWarnings("unchecked")
    WrittenBars(int bars) {
        marks = IntStream.range(0, bars).mapToObj(i -> new PlayingOrder.Marks()).toList();
        reached = new double[bars];
        implicit = new boolean[bars];
        times = new Optional[bars];
        keys = new Key[bars];
    }

    int count() {
        return marks.size();
    }

    List<PlayingOrder.Marks> marks() {
        return marks;
    }

    void reach(int bar, double quarters, boolean isImplicit) {
        reached[bar] = Math.max(reached[bar], quarters);
        implicit[bar] |= isImplicit;
    }

    /** The first part that says it is believed. */
    void time(int bar, Optional<TimeSignature> time) {
        if (times[bar] == null) {
            times[bar] = time;
        }
    }

    void key(int bar, Key key) {
        if (keys[bar] == null) {
            keys[bar] = key;
        }
    }

    /** The signature of each bar; empty where none is measured. */
    List<Optional<TimeSignature>> signatures() {
        List<Optional<TimeSignature>> all = new ArrayList<>();
        Optional<TimeSignature> now = Optional.of(TimeSignature.USUAL);
        for (Optional<TimeSignature> time : times) {
            now = time == null ? now : time;
            all.add(now);
        }
        return all;
    }

    /** The key of each bar; C major before any is written. */
    List<Key> keys() {
        List<Key> all = new ArrayList<>();
        Key now = Optional.ofNullable(keys.length == 0 ? null : keys[0]).orElse(Key.parse("C major"));
        for (Key key : keys) {
            now = key == null ? now : key;
            all.add(now);
        }
        return all;
    }

    boolean namesKey() {
        return IntStream.range(0, keys.length).anyMatch(i -> keys[i] != null);
    }

    /**
     * How long each bar is, in quarters. The first bar, one that does not count and one at a repeat sign are as long as what is in
     * them; another that holds too little is full all the same.
     */
    double[] lengths() {
        List<Optional<TimeSignature>> signatures = signatures();
        double[] lengths = new double[count()];
        for (int bar = 0; bar < lengths.length; bar++) {
            PlayingOrder.Marks mark = marks.get(bar);
            boolean mayBeShort = bar == 0 || implicit[bar] || mark.times > 0 || mark.endingStops || mark.forward || signatures.get(bar).isEmpty();
            double full = signatures.get(bar).map(TimeSignature::quarters).orElse(4.0);
            lengths[bar] = reached[bar] > full + 1e-9 || mayBeShort && reached[bar] > 0 ? reached[bar] : full;
        }
        return lengths;
    }
}
