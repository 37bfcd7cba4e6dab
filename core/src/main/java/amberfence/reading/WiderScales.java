package amberfence.reading;

import amberfence.notes.Note;
import amberfence.theory.Key;
import amberfence.theory.PitchClass;
import amberfence.theory.PitchClassSet;
import amberfence.theory.Scales;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Scales of eight and nine notes that are offered when the notes ask for them: a blues with both thirds, its seventh and its
 * flat fifth, and scales with both thirds or both sevenths (common practice, no source). Both have to sound all along: a song
 * that changes its key has both as well, but one after the other.
 */
final class WiderScales {
    /** How much of all a note has to have that is asked for, and a colour such as the flat fifth of a blues. */
    private static final double MUCH = 0.05;
    private static final double COLOUR = 0.015;
    /** What may lie outside. */
    private static final double OUTSIDE = 0.035;
    private static final int PARTS = 4;
    private static final int MOST_PARTS = 3;
    /** How much less that lies outside is worth. */
    private static final double WORTH = 1.5;

    /**
     * @param both two semitones above the tonic that sound beside each other
     * @param also what else has to sound
     * @param colours what has to sound a little
     */
    private record Wider(String scale, int[] both, int[] also, int... colours) {
    }

    private static final List<Wider> ALL = List.of(new Wider("composite blues", new int[] {3, 4}, new int[] {10}, 6),
            new Wider("bebop dorian", new int[] {3, 4}, new int[] {10}), new Wider("bebop dominant", new int[] {10, 11}, new int[] {4}),
            new Wider("bebop harmonic minor", new int[] {10, 11}, new int[] {3, 8}));

    private WiderScales() {
    }

    /** Candidates with those of wider scales among them that the notes ask for, best first. */
    static List<KeyCandidate> with(List<KeyCandidate> plain, List<Note> notes, double[] weights, int[] counts) {
        double total = 0;
        for (double weight : weights) {
            total += weight;
        }
        int best = plain.get(0).key().tonic().pitchClass().number();
        for (Wider wider : ALL) {
            if (asked(wider, best, weights, total) && soundTogether(wider, best, notes)) {
                Key key = Key.of(new PitchClass(best), Scales.named(wider.scale()).orElseThrow());
                List<KeyCandidate> all = new ArrayList<>(plain);
                candidate(plain.get(0), key, wider, weights, counts, total).ifPresent(all::add);
                all.sort(Comparator.comparingDouble(KeyCandidate::score).reversed());
                return all;
            }
        }
        return plain;
    }

    private static boolean asked(Wider wider, int tonic, double[] weights, double total) {
        boolean asked = true;
        for (int semitones : wider.colours()) {
            asked &= share(weights, tonic + semitones, total) >= COLOUR;
        }
        for (int semitones : wider.both()) {
            asked &= share(weights, tonic + semitones, total) >= MUCH;
        }
        for (int semitones : wider.also()) {
            asked &= share(weights, tonic + semitones, total) >= MUCH;
        }
        return asked;
    }

    private static double share(double[] weights, int pitchClass, double total) {
        return weights[pitchClass % PitchClass.COUNT] / total;
    }

    /** Whether both sound in nearly every quarter of the piece. */
    private static boolean soundTogether(Wider wider, int tonic, List<Note> notes) {
        long from = notes.get(0).start();
        long length = Math.max(1, notes.stream().mapToLong(Note::end).max().orElseThrow() - from);
        int[] sounding = new int[PARTS];
        for (Note note : notes) {
            int part = (int) Math.min(PARTS - 1, (note.start() - from) * PARTS / length);
            sounding[part] |= 1 << Math.floorMod(note.pitch() - tonic, PitchClass.COUNT);
        }
        int together = 0;
        for (int part : sounding) {
            together += (part & 1 << wider.both()[0]) != 0 && (part & 1 << wider.both()[1]) != 0 ? 1 : 0;
        }
        return together >= MOST_PARTS;
    }

    /** The candidate, unless too much lies outside it. */
    private static Optional<KeyCandidate> candidate(KeyCandidate plain, Key key, Wider wider, double[] weights, int[] counts, double total) {
        PitchClassSet members = key.pitchClasses();
        double outside = 0;
        double outsidePlain = 0;
        int count = 0;
        for (int i = 0; i < PitchClass.COUNT; i++) {
            outside += members.containsPitch(i) ? 0 : weights[i] / total;
            outsidePlain += plain.key().pitchClasses().containsPitch(i) ? 0 : weights[i] / total;
            count += members.containsPitch(i) ? 0 : counts[i];
        }
        if (outside > OUTSIDE) {
            return Optional.empty();
        }
        List<KeyEvidence> evidence = new ArrayList<>(plain.evidence());
        evidence.removeIf(KeyEvidence.Colour.class::isInstance);
        PitchClass low = key.tonic().pitchClass().plus(wider.both()[0]);
        PitchClass high = key.tonic().pitchClass().plus(wider.both()[1]);
        evidence.add(0, new KeyEvidence.Both(wider.both()[0] == 3, low, counts[low.number()], high, counts[high.number()]));
        return Optional.of(new KeyCandidate(key, Math.min(1, plain.score() + WORTH * (outsidePlain - outside)), count, evidence));
    }
}
