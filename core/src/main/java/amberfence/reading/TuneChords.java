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
 * Chords that go under tunes, over a bass where there is one. Such lines have no chords that could be read; these are chords of the
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
    /** What it costs not to begin and not to end on the tonic. */
    private static final double BEGINNING = 0.4;
    private static final double ENDING = 0.8;
    /** What it costs that the bass is the third, the fifth, or no note of the chord. */
    private static final double BASS_THIRD = 0.2;
    private static final double BASS_FIFTH = 0.3;
    private static final double BASS_FOREIGN = 0.7;
    /** How far anybody can be certain of a chord that nothing plays: below what counts as sure; with a bass a little further. */
    private static final double MOST_CERTAIN = 0.7;
    private static final double MOST_CERTAIN_ON_BASS = 0.9;

    private final List<TuneSlots.Slot> slots;
    private final List<List<TuneCandidate>> candidates = new ArrayList<>();
    private final List<Key> keys = new ArrayList<>();

    private TuneChords(List<Line> tunes, List<Line> basses, TimeMap time, FenceLine fence) {
        slots = TuneSlots.of(tunes, basses, time);
        Map<Key, List<TuneCandidate>> known = new HashMap<>();
        for (TuneSlots.Slot slot : slots) {
            Key key = fence.keyAt(slot.start());
            keys.add(key);
            candidates.add(known.computeIfAbsent(key, some -> TuneCandidate.of(some, tunes)));
        }
    }

    /**
     * Whether a line is a tune, of which chords are not read but found to go under it: notes that mostly stand alone, and of which at
     * least three in ten move by step. In 202 tunes of books 3 % move less, and no chord that is broken in any usual way moves so much.
     */
    public static boolean isTune(Line line) {
        int moves = 0;
        int steps = 0;
        for (int i = 1; i < line.size(); i++) {
            int semitones = Math.abs(line.at(i).pitch() - line.at(i - 1).pitch());
            moves += semitones > 0 ? 1 : 0;
            steps += semitones > 0 && semitones <= TuneSlots.STEP ? 1 : 0;
        }
        return 10 * steps >= 3 * moves && steps > 0 && RoleGuess.of(line) == Role.MELODY;
    }

    /** The chords under a tune, in time, none of which is certain. */
    public static List<ReadChord> under(Line tune, TimeMap time, FenceLine fence) {
        return under(List.of(tune), List.of(), time, fence);
    }

    /** The chords under some tunes and over some basses, in time. */
    public static List<ReadChord> under(List<Line> tunes, List<Line> basses, TimeMap time, FenceLine fence) {
        TuneChords all = new TuneChords(tunes, basses, time, fence);
        return all.slots.isEmpty() ? List.of() : all.chords();
    }

    private List<ReadChord> chords() {
        int count = slots.size();
        double[][] before = new double[count][];
        int[][] came = new int[count][];
        for (int i = 0; i < count; i++) {
            before[i] = new double[candidates.get(i).size()];
            came[i] = new int[before[i].length];
            for (int c = 0; c < before[i].length; c++) {
                double least = i == 0 ? beginning(c) : Double.POSITIVE_INFINITY;
                for (int p = 0; i > 0 && p < before[i - 1].length; p++) {
                    double cost = before[i - 1][p] + change(i, p, c);
                    if (cost < least) {
                        least = cost;
                        came[i][c] = p;
                    }
                }
                before[i][c] = least + own(i, c);
            }
        }
        double[] behind = new double[before[count - 1].length];
        for (int c = 0; c < behind.length; c++) {
            behind[c] = candidates.get(count - 1).get(c).degree() == 1 ? 0 : ENDING;
        }
        ReadChord[] chords = new ReadChord[count];
        int chosen = least(before[count - 1], behind);
        for (int i = count - 1; i >= 0; i--) {
            chords[i] = chord(i, chosen, before[i], behind);
            if (i > 0) {
                behind = ahead(i, behind);
                chosen = came[i][chosen];
            }
        }
        return joined(chords);
    }

    /** What everything from a slot on costs at least, for each candidate of the slot before. */
    private double[] ahead(int slot, double[] behind) {
        double[] ahead = new double[candidates.get(slot - 1).size()];
        for (int p = 0; p < ahead.length; p++) {
            ahead[p] = Double.POSITIVE_INFINITY;
            for (int c = 0; c < behind.length; c++) {
                ahead[p] = Math.min(ahead[p], change(slot, p, c) + own(slot, c) + behind[c]);
            }
        }
        return ahead;
    }

    private static int least(double[] before, double[] behind) {
        return IntStream.range(0, before.length).boxed().min(Comparator.comparingDouble(c -> before[c] + behind[c])).orElseThrow();
    }

    private double beginning(int candidate) {
        return candidates.get(0).get(candidate).degree() == 1 ? 0 : BEGINNING;
    }

    /** What a chord costs in a slot by itself. */
    private double own(int slot, int candidate) {
        TuneCandidate chord = candidates.get(slot).get(candidate);
        double share = chord.share(slots.get(slot).weights());
        return FOREIGN - (1 + FOREIGN) * share + chord.cost() + overBass(chord, slots.get(slot).bass());
    }

    private static double overBass(TuneCandidate chord, int bass) {
        if (bass == TuneSlots.NONE) {
            return 0;
        }
        return chord.chord().member(new PitchClass(bass)).map(tone -> tone.number() == 1 ? 0 : tone.number() == 3 ? BASS_THIRD : BASS_FIFTH).orElse(BASS_FOREIGN);
    }

    private double change(int slot, int from, int to) {
        double within = slots.get(slot).beginsBar() ? 0 : WITHIN_A_BAR;
        if (keys.get(slot) != keys.get(slot - 1)) {
            return OTHER_KEY + within;
        }
        return from == to ? 0 : MOTION[candidates.get(slot).get(from).motionTo(candidates.get(slot).get(to)).ordinal()] + within;
    }

    private ReadChord chord(int slot, int chosen, double[] before, double[] behind) {
        List<TuneCandidate> all = candidates.get(slot);
        TuneSlots.Slot here = slots.get(slot);
        List<Chord> others = IntStream.range(0, all.size()).filter(c -> c != chosen).boxed()
                .sorted(Comparator.comparingDouble(c -> before[c] + behind[c])).map(c -> all.get(c).chord()).toList();
        double certain = here.bass() == TuneSlots.NONE ? MOST_CERTAIN : MOST_CERTAIN_ON_BASS;
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
