package amberfence.reading;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.TimeMap;
import amberfence.theory.Key;
import amberfence.theory.PitchClass;
import amberfence.theory.PitchClassSet;
import amberfence.theory.Scale;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * Ranks the keys that notes may be in.
 *
 * <p>The weight of each pitch class, by length and place in the bar, is correlated with a published profile of the key
 * (Krumhansl, 1990, ch. 4). Scales that have no published profile take the one of major or minor with the degrees in
 * which they differ exchanged. To that is added what decides between relatives, which share all their notes: first and
 * last note of the bass, the way to the last one, and the last note of the tune.
 *
 * <p>Of the six profiles in {@link KeyProfile}, {@link #PROFILE} found the most keys in the measurement that the test
 * {@code KeyFinderMeasurementTest} repeats: of 23 public-domain tunes in major, minor and modes it found 22 whole and 39
 * of 46 halves, as did Bellman's and Budge's; the others found 20 to 22 whole and 36 to 39 halves.
 */
public final class KeyFinder {
    /** The profile that did best by measurement. */
    public static final KeyProfile PROFILE = KeyProfile.KOSTKA_PAYNE;
    /** A long held note says no more than this many quarters of it. */
    private static final int LONGEST_QUARTERS = 4;
    private static final double BAR_WEIGHT = 1.5;
    private static final double PULSE_WEIGHT = 1.25;
    private static final double THIRD = 0.15;

    private final List<Note> notes;
    private final TimeMap time;
    private final double[] weights;
    private final double[] lengths = new double[12];
    private final int[] counts = new int[12];
    private final Frame frame;

    private KeyFinder(List<Note> notes, TimeMap time) {
        this.notes = notes;
        this.time = time;
        this.weights = new double[12];
        for (Note note : notes) {
            int pitchClass = note.pitch() % 12;
            weights[pitchClass] += weight(note);
            lengths[pitchClass] += note.length();
            counts[pitchClass]++;
        }
        this.frame = Frame.of(notes, time);
    }

    /** Candidates for the notes of some lines, best first; none when there are no notes, or all twelve weigh the same. */
    public static List<KeyCandidate> find(List<Line> lines, TimeMap time, KeyFamily family) {
        return find(lines, time, family, PROFILE);
    }

    static List<KeyCandidate> find(List<Line> lines, TimeMap time, KeyFamily family, KeyProfile profile) {
        List<Note> notes = new ArrayList<>();
        lines.forEach(line -> notes.addAll(line.notes()));
        notes.sort(Note.IN_TIME);
        return notes.isEmpty() ? List.of() : new KeyFinder(notes, time).candidates(family, profile);
    }

    /** The weight of each pitch class from C: lengths in quarters, more on main beats and at the beginning of bars. */
    public static double[] weights(Line line, TimeMap time) {
        return new KeyFinder(line.notes(), time).weights.clone();
    }

    private double weight(Note note) {
        double quarters = Math.min(LONGEST_QUARTERS, (double) note.length() / time.ticksPerQuarter());
        return switch (BeatPlace.of(note.start(), time)) {
            case BAR_START -> BAR_WEIGHT * quarters;
            case STRONG, BEAT -> PULSE_WEIGHT * quarters;
            case OFF -> quarters;
        };
    }

    private List<KeyCandidate> candidates(KeyFamily family, KeyProfile profile) {
        if (Arrays.stream(lengths).distinct().count() == 1) {
            return List.of();
        }
        List<KeyCandidate> candidates = new ArrayList<>();
        for (Scale scale : family.scales()) {
            double[] scaleProfile = ScaleProfile.of(scale, profile);
            for (int tonic = 0; tonic < 12; tonic++) {
                double correlation = KeyProfile.correlation(weights, scaleProfile, new PitchClass(tonic));
                if (Double.isNaN(correlation)) {
                    return List.of();
                }
                candidates.add(candidate(Key.of(new PitchClass(tonic), scale), correlation));
            }
        }
        candidates.sort(Comparator.comparingDouble(KeyCandidate::score).reversed()
                .thenComparingInt(KeyCandidate::outside).thenComparing(candidate -> candidate.key().text()));
        return family == KeyFamily.MAJOR_MINOR ? candidates : WiderScales.with(candidates, notes, weights, counts);
    }

    /** What the third says: a scale with the third that sounds less is hardly meant, however well the rest fits. */
    private double third(Key key) {
        int tonic = key.tonic().pitchClass().number();
        double minor = weights[(tonic + 3) % 12];
        double major = weights[(tonic + 4) % 12];
        boolean hasMinor = key.scale().semitones().containsPitch(3);
        boolean hasMajor = key.scale().semitones().containsPitch(4);
        return minor + major == 0 || hasMinor == hasMajor ? 0 : THIRD * ((hasMajor ? major : minor) / (minor + major) - 1);
    }

    private KeyCandidate candidate(Key key, double correlation) {
        List<KeyEvidence> evidence = new ArrayList<>();
        double bonus = frame.judge(key.tonic().pitchClass(), evidence);
        ScaleProfile.colour(key, counts).ifPresent(evidence::add);
        double score = 0.8 * Math.max(0, correlation) + bonus - ScaleProfile.rarity(key.scale()) + third(key);
        PitchClassSet inside = key.pitchClasses();
        int outside = 0;
        for (int i = 0; i < 12; i++) {
            outside += inside.containsPitch(i) ? 0 : counts[i];
        }
        return new KeyCandidate(key, Math.max(0, Math.min(1, score)), outside, evidence);
    }
}
