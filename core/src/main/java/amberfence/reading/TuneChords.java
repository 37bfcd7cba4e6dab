package amberfence.reading;

import amberfence.notes.FenceLine;
import amberfence.notes.Line;
import amberfence.notes.Role;
import amberfence.notes.TimeMap;
import amberfence.theory.Chord;
import amberfence.theory.Key;
import amberfence.theory.PitchClass;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * Chords that go under tunes, over a bass where there is one, or over a bass alone. Such lines have no chords that could be read; these are chords of the
 * key that hold most of their notes, stand on the bass and follow each other as chords usually do, beginning and ending on the tonic.
 * Of all ways through them the cheapest is found exactly, by dynamic programming.
 *
 * <p>Own method, after the idea of a chain of chords of which each gives off notes: Simon, Morris and Basu, MySong, CHI 2008, from memory.
 */
public final class TuneChords {
    /** What a note of the tune costs that the chord does not hold, as a share of what one brings that it holds. */
    private static final double FOREIGN = 0.6;
    /** What it costs that another chord begins: how usual the motion of the root is, and more within a bar. */
    private static final double[] MOTION = {0.06, 0.16, 0.3, 0.4};
    private static final double WITHIN_A_BAR = 0.3;
    private static final double OTHER_KEY = 0.2;
    /**
     * What counts beside the notes.
     *
     * @param beginning what it costs not to begin on the tonic
     * @param ending what it costs not to end on it
     * @param third what it costs that the bass is the third, and the others alike, of the chord
     * @param foreign what it costs that the bass is no note of it
     * @param certain how far anybody can be certain where there is a bass
     */
    private record Costs(double beginning, double ending, double third, double fifth, double foreign, double certain) {
        static final Costs OF_A_TUNE = new Costs(0.4, 0.8, 0.2, 0.3, 0.7, 0.9);
        /** A bass that stands alone says nearly all: roots, and fifths beside them. */
        static final Costs OF_A_BASS = new Costs(0.1, 0.1, 0.45, 0.3, 0.7, MOST_CERTAIN);
    }

    /** How far anybody can be certain of a chord that nothing plays: below what counts as sure. */
    private static final double MOST_CERTAIN = 0.7;

    private final List<TuneSlots.Slot> slots;
    private final Costs costs;
    private final List<Chords> chords = new ArrayList<>();
    /** What each chord costs in each slot by itself. */
    private final double[][] own;

    /**
     * The chords of a key.
     *
     * @param changes what it costs that the second follows the first
     */
    private record Chords(List<TuneCandidate> all, double[][] changes) {
        static Chords of(Key key, List<Line> tunes) {
            List<TuneCandidate> all = TuneCandidate.of(key, tunes);
            double[][] changes = new double[all.size()][all.size()];
            for (int from = 0; from < changes.length; from++) {
                for (int to = 0; to < changes.length; to++) {
                    changes[from][to] = from == to ? 0 : MOTION[all.get(from).motionTo(all.get(to)).ordinal()];
                }
            }
            return new Chords(all, changes);
        }
    }

    private TuneChords(List<Line> tunes, List<Line> basses, TimeMap time, FenceLine fence) {
        slots = TuneSlots.of(tunes, basses, time);
        costs = tunes.isEmpty() ? Costs.OF_A_BASS : Costs.OF_A_TUNE;
        Map<Key, Chords> known = new HashMap<>();
        own = new double[slots.size()][];
        for (int i = 0; i < own.length; i++) {
            Chords here = known.computeIfAbsent(fence.keyAt(slots.get(i).start()), key -> Chords.of(key, tunes.isEmpty() ? basses : tunes));
            chords.add(here);
            own[i] = new double[here.all.size()];
            for (int c = 0; c < own[i].length; c++) {
                own[i][c] = own(slots.get(i), here.all.get(c));
            }
        }
    }

    /**
     * Whether a line is a tune, of which chords are not read but found to go under it: notes that mostly stand alone, and of which at
     * least three in ten move by step. In 202 tunes of books 3 % move less, and no chord that is broken in any usual way moves so much.
     */
    public static boolean isTune(Line line) {
        return movesByStep(line) && RoleGuess.of(line) == Role.MELODY;
    }

    /**
     * Whether a line is that of a bass, of which chords are not read but found to go over it: notes that mostly stand alone and move by
     * step, as in a tune, or of which at most two different ones stand in most stretches from one strong beat to the next. Of a chord
     * that is broken more do.
     */
    public static boolean isBass(Line line, TimeMap time) {
        if (line.isEmpty() || RoleGuess.of(line) == Role.CHORDS) {
            return false;
        }
        List<TuneSlots.Slot> slots = TuneSlots.of(List.of(), List.of(line), time);
        return movesByStep(line) || 10 * slots.stream().filter(slot -> slot.different() <= 2).count() >= 7L * slots.size();
    }

    private static boolean movesByStep(Line line) {
        int moves = 0;
        int steps = 0;
        for (int i = 1; i < line.size(); i++) {
            moves += line.at(i).pitch() == line.at(i - 1).pitch() ? 0 : 1;
            steps += TuneSlots.isStep(line.at(i - 1), line.at(i)) ? 1 : 0;
        }
        return 10 * steps >= 3 * moves && steps > 0;
    }

    /** The chords under a tune, in time, none of which is certain. */
    public static List<ReadChord> under(Line tune, TimeMap time, FenceLine fence) {
        return under(List.of(tune), List.of(), time, fence);
    }

    /** The chords under some tunes and over some basses, in time; there may be none of one of the two. */
    public static List<ReadChord> under(List<Line> tunes, List<Line> basses, TimeMap time, FenceLine fence) {
        TuneChords all = new TuneChords(tunes, basses, time, fence);
        return all.slots.isEmpty() ? List.of() : all.found();
    }

    private List<ReadChord> found() {
        int count = slots.size();
        double[][] before = new double[count][];
        byte[][] came = new byte[count][];
        for (int i = 0; i < count; i++) {
            before[i] = own[i].clone();
            came[i] = new byte[before[i].length];
            for (int c = 0; c < before[i].length; c++) {
                before[i][c] += i == 0 ? edge(0, c, costs.beginning) : cheapest(i, c, before[i - 1], came[i]);
            }
        }
        double[] behind = new double[before[count - 1].length];
        for (int c = 0; c < behind.length; c++) {
            behind[c] = edge(count - 1, c, costs.ending);
        }
        ReadChord[] found = new ReadChord[count];
        int chosen = least(before[count - 1], behind);
        for (int i = count - 1; i >= 0; i--) {
            found[i] = chord(i, chosen, before[i], behind);
            if (i > 0) {
                behind = ahead(i, behind);
                chosen = came[i][chosen];
            }
        }
        return joined(found);
    }

    /** What it costs to come to a chord, and from which it is. */
    private double cheapest(int slot, int to, double[] before, byte[] came) {
        double least = Double.POSITIVE_INFINITY;
        for (int from = 0; from < before.length; from++) {
            double cost = before[from] + change(slot, from, to);
            if (cost < least) {
                least = cost;
                came[to] = (byte) from;
            }
        }
        return least;
    }

    /** What everything from a slot on costs at least, for each chord of the slot before. */
    private double[] ahead(int slot, double[] behind) {
        double[] ahead = new double[own[slot - 1].length];
        for (int from = 0; from < ahead.length; from++) {
            ahead[from] = Double.POSITIVE_INFINITY;
            for (int to = 0; to < behind.length; to++) {
                ahead[from] = Math.min(ahead[from], change(slot, from, to) + own[slot][to] + behind[to]);
            }
        }
        return ahead;
    }

    private static int least(double[] before, double[] behind) {
        int least = 0;
        for (int c = 1; c < before.length; c++) {
            least = before[c] + behind[c] < before[least] + behind[least] ? c : least;
        }
        return least;
    }

    /** What it costs to begin or end with a chord. */
    private double edge(int slot, int chord, double unlessTonic) {
        return chords.get(slot).all.get(chord).degree() == 1 ? 0 : unlessTonic;
    }

    private double change(int slot, int from, int to) {
        double within = slots.get(slot).beginsBar() ? 0 : WITHIN_A_BAR;
        if (chords.get(slot) != chords.get(slot - 1)) {
            return OTHER_KEY + within;
        }
        return from == to ? 0 : chords.get(slot).changes[from][to] + within;
    }

    private double own(TuneSlots.Slot slot, TuneCandidate chord) {
        return FOREIGN - (1 + FOREIGN) * chord.share(slot.weights()) + chord.cost() + overBass(chord, slot.bass());
    }

    private double overBass(TuneCandidate chord, int bass) {
        if (bass == TuneSlots.NONE) {
            return 0;
        }
        return chord.chord().member(new PitchClass(bass)).map(tone -> tone.number() == 1 ? 0 : tone.number() == 3 ? costs.third : costs.fifth).orElse(costs.foreign);
    }

    private ReadChord chord(int slot, int chosen, double[] before, double[] behind) {
        List<TuneCandidate> all = chords.get(slot).all;
        TuneSlots.Slot here = slots.get(slot);
        List<Chord> others = IntStream.range(0, all.size()).filter(c -> c != chosen).boxed()
                .sorted(Comparator.comparingDouble(c -> before[c] + behind[c])).map(c -> all.get(c).chord()).toList();
        double certain = here.bass() == TuneSlots.NONE ? MOST_CERTAIN : costs.certain;
        return new ReadChord(here.start(), here.end(), onBass(all.get(chosen).chord(), here.bass()), certain * all.get(chosen).share(here.weights()), others);
    }

    private static Chord onBass(Chord chord, int bass) {
        return bass == TuneSlots.NONE ? chord : chord.member(new PitchClass(bass)).map(tone -> chord.withBass(tone.above(chord.root()))).orElse(chord);
    }

    /** One of neighbours that are the same chord; where nothing sounds, the chord before goes on. */
    private static List<ReadChord> joined(ReadChord[] chords) {
        List<ReadChord> joined = new ArrayList<>();
        for (ReadChord chord : chords) {
            ReadChord last = joined.isEmpty() ? chord : joined.get(joined.size() - 1);
            if (joined.isEmpty()) {
                joined.add(chord);
            } else if (plain(last.chord()).equals(plain(chord.chord()))) {
                // A bass that alternates makes no other chord.
                Chord one = last.chord().equals(chord.chord()) ? last.chord() : plain(last.chord());
                joined.set(joined.size() - 1, new ReadChord(last.start(), chord.end(), one, Math.min(last.confidence(), chord.confidence()), last.alternatives()));
            } else {
                joined.set(joined.size() - 1, new ReadChord(last.start(), chord.start(), last.chord(), last.confidence(), last.alternatives()));
                joined.add(chord);
            }
        }
        return joined;
    }

    private static Chord plain(Chord chord) {
        return chord.withBass(chord.root());
    }
}
