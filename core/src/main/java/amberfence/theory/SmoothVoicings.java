package amberfence.theory;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The voicings of a whole progression that together move least, found exactly: the cheapest path through the allowed
 * voicings of each chord. Of paths that move alike, the one whose notes lie nearest to the middle of the range is taken.
 */
public final class SmoothVoicings {
    /** Motion outweighs everything else. */
    private static final long MOTION = 1L << 32;

    private SmoothVoicings() {
    }

    /**
     * Finds the voicings.
     *
     * @param fixed the voicing of each chord where it is given, empty where it is to be found
     */
    public static List<Voicing> of(List<Chord> chords, List<Optional<Voicing>> fixed, VoicingRules rules) {
        List<List<Voicing>> choices = new ArrayList<>();
        for (int i = 0; i < chords.size(); i++) {
            List<Voicing> allowed = fixed.get(i).map(List::of).orElseGet(() -> List.of());
            if (allowed.isEmpty()) {
                allowed = rules.all(chords.get(i));
            }
            choices.add(allowed.isEmpty() ? List.of(Voicing.of(chords.get(i))) : allowed);
        }
        return chords.isEmpty() ? List.of() : cheapest(choices, rules);
    }

    private static List<Voicing> cheapest(List<List<Voicing>> choices, VoicingRules rules) {
        List<int[]> from = new ArrayList<>();
        long[] best = null;
        for (int i = 0; i < choices.size(); i++) {
            List<Voicing> here = choices.get(i);
            long[] next = new long[here.size()];
            int[] came = new int[here.size()];
            int[][] notes = notes(here);
            int[][] before = i == 0 ? null : notes(choices.get(i - 1));
            for (int h = 0; h < notes.length; h++) {
                next[h] = i == 0 ? 0 : Long.MAX_VALUE;
                for (int b = 0; i > 0 && b < before.length; b++) {
                    long cost = best[b] + MOTION * motion(before[b], notes[h], choices.get(i - 1).get(b), here.get(h));
                    if (cost < next[h]) {
                        next[h] = cost;
                        came[h] = b;
                    }
                }
                next[h] += offCentre(notes[h], rules);
            }
            from.add(came);
            best = next;
        }
        int at = 0;
        for (int h = 1; h < best.length; h++) {
            at = best[h] < best[at] ? h : at;
        }
        List<Voicing> path = new ArrayList<>();
        for (int i = choices.size() - 1; i >= 0; i--) {
            path.add(0, choices.get(i).get(at));
            at = from.get(i)[at];
        }
        return path;
    }

    private static int[][] notes(List<Voicing> voicings) {
        return voicings.stream().map(voicing -> voicing.pitches().stream().mapToInt(Integer::intValue).toArray())
                .toArray(int[][]::new);
    }

    /** Voices of equal number go straight on; that is the least motion (Tymoczko, A Geometry of Music, 2011). */
    private static int motion(int[] from, int[] to, Voicing a, Voicing b) {
        if (from.length != to.length) {
            return VoiceMotion.of(a, b).total();
        }
        int sum = 0;
        for (int i = 0; i < from.length; i++) {
            sum += Math.abs(to[i] - from[i]);
        }
        return sum;
    }

    private static long offCentre(int[] notes, VoicingRules rules) {
        int sum = 0;
        for (int note : notes) {
            sum += note;
        }
        return Math.abs(2L * sum - (long) notes.length * (rules.lowest() + rules.highest()));
    }

    /** How far all voices go over a sequence of voicings, in semitones. */
    public static int motion(List<Voicing> voicings) {
        int[][] notes = notes(voicings);
        int sum = 0;
        for (int i = 1; i < notes.length; i++) {
            sum += motion(notes[i - 1], notes[i], voicings.get(i - 1), voicings.get(i));
        }
        return sum;
    }
}
