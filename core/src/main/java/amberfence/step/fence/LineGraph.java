package amberfence.step.fence;

import amberfence.notes.NoteArrays;
import amberfence.notes.NoteColumns;
import amberfence.reading.VoiceSplitter;
import java.util.Arrays;

/**
 * Which notes of a line bear on each other: neighbours in a voice, and notes of one channel that sound together closely
 * enough to land on one pitch. Each note has one or two candidate pitches; a note with one is fixed.
 */
final class LineGraph {
    private static final int[] NOTHING = {};

    private final NoteColumns columns;
    private final NoteArrays arrays;
    private final Candidates candidates;
    /** Index of the note before in the same voice, or −1. */
    final int[] previous;
    /** Index of the note after in the same voice, or −1. */
    final int[] next;
    /** See {@link #together}; null where there are none, as in most lines. */
    private int[][] together;
    /** The last note with which a note sounds together; null as above. */
    private int[] lastTogether;

    /** @param arrays of the same notes */
    LineGraph(NoteColumns columns, NoteArrays arrays, Candidates candidates) {
        this.columns = columns;
        this.arrays = arrays;
        this.candidates = candidates;
        this.previous = VoiceSplitter.previous(arrays);
        this.next = VoiceSplitter.next(previous);
        findTogether();
    }

    int size() {
        return arrays.size();
    }

    int pitch(int note) {
        return arrays.pitch(note);
    }

    /** Indices of earlier notes that still sound when this one begins and might share a pitch with it. */
    int[] together(int note) {
        return together == null || together[note] == null ? NOTHING : together[note];
    }

    /** The last note that this one bears on, itself when there is none. */
    int lastUse(int note) {
        return Math.max(Math.max(note, next[note]), lastTogether == null ? note : lastTogether[note]);
    }

    int low(int note) {
        return candidates.low(note);
    }

    int high(int note) {
        return candidates.high(note);
    }

    boolean isFixed(int note) {
        return candidates.isFixed(note);
    }

    private void findTogether() {
        int[] sounding = new int[16];
        int count = 0;
        for (int i = 0; i < arrays.size(); i++) {
            int kept = 0;
            int[] found = NOTHING;
            for (int k = 0; k < count; k++) {
                if (arrays.end(sounding[k]) > arrays.start(i)) {
                    if (canMeet(sounding[k], i)) {
                        found = Arrays.copyOf(found, found.length + 1);
                        found[found.length - 1] = sounding[k];
                    }
                    sounding[kept++] = sounding[k];
                }
            }
            if (found.length > 0) {
                keepTogether(i, found);
            }
            if (kept == sounding.length) {
                sounding = Arrays.copyOf(sounding, 2 * kept);
            }
            sounding[kept] = i;
            count = kept + 1;
        }
    }

    private void keepTogether(int note, int[] earlier) {
        if (together == null) {
            together = new int[arrays.size()][];
            lastTogether = new int[arrays.size()];
        }
        together[note] = earlier;
        for (int other : earlier) {
            lastTogether[other] = note;
        }
    }

    private boolean canMeet(int a, int b) {
        return !(isFixed(a) && isFixed(b)) && columns.channel(a) == columns.channel(b) && arrays.pitch(a) != arrays.pitch(b)
                && (low(a) == low(b) || low(a) == high(b) || high(a) == low(b) || high(a) == high(b));
    }

    /** The cost of two notes that bear on each other taking these pitches. */
    long cost(int earlier, int earlierPitch, int later, int laterPitch) {
        long cost = 0;
        if (previous[later] == earlier) {
            cost += ShapeCost.neighbours(pitch(later) - pitch(earlier), laterPitch - earlierPitch);
        }
        if (earlierPitch == laterPitch && isTogether(earlier, later)
                && (canAvoid(earlier, earlierPitch) || canAvoid(later, laterPitch))) {
            cost += ShapeCost.unison();
        }
        return cost;
    }

    boolean isTogether(int earlier, int later) {
        for (int other : together(later)) {
            if (other == earlier) {
                return true;
            }
        }
        return false;
    }

    /** Whether a note has another candidate at most one semitone farther than this one. */
    private boolean canAvoid(int note, int candidate) {
        if (isFixed(note)) {
            return false;
        }
        int other = candidate == low(note) ? high(note) : low(note);
        return Math.abs(other - pitch(note)) <= Math.abs(candidate - pitch(note)) + 1;
    }
}
