package amberfence.step.fit;

import amberfence.step.fit.BassCandidates.Sort;
import java.util.Arrays;

/** What every note of a bassline could have become, and from which pitch of the note before; at the end it is gone back along. */
final class BassTrail {
    private static final int AT_FIRST = 1 << 12;

    /** What a note becomes. */
    record Taken(int pitch, Sort sort) {
    }

    private byte[] pitches = new byte[AT_FIRST];
    private byte[] sorts = new byte[AT_FIRST];
    private byte[] from = new byte[AT_FIRST];
    private int size;
    /** Where the candidates of each note end. */
    private int[] ends = new int[AT_FIRST];
    private int notes;

    /**
     * The candidates of the next note.
     *
     * @param cameFrom from which candidate of the note before each is reached
     */
    void add(BassCandidates candidates, byte[] cameFrom) {
        int end = size + candidates.size();
        if (end > pitches.length) {
            pitches = Arrays.copyOf(pitches, 2 * end);
            sorts = Arrays.copyOf(sorts, 2 * end);
            from = Arrays.copyOf(from, 2 * end);
        }
        candidates.copyTo(pitches, sorts, size);
        System.arraycopy(cameFrom, 0, from, size, candidates.size());
        size = end;
        ends = notes == ends.length ? Arrays.copyOf(ends, 2 * notes) : ends;
        ends[notes++] = end;
    }

    /** What each note becomes when the last becomes one of its candidates. */
    Taken[] back(int last) {
        Taken[] taken = new Taken[notes];
        int candidate = last;
        for (int i = notes - 1; i >= 0; i--) {
            int at = (i == 0 ? 0 : ends[i - 1]) + candidate;
            taken[i] = new Taken(pitches[at], Sort.at(sorts[at]));
            candidate = from[at];
        }
        return taken;
    }
}
