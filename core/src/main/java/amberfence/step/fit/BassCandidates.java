package amberfence.step.fit;

import amberfence.theory.PitchClassSet;
import java.util.Arrays;

/**
 * The pitches that a note of a bassline may take, each with what it would be and what it costs. In arrays: a long line has
 * millions of them.
 */
final class BassCandidates {
    static final BassCandidates NONE = new Collector().all();
    /** In semitones: harmonic minor and the pentatonics have steps of three. */
    private static final int MOST_OF_A_STEP = 3;
    private static final Sort[] SORTS = Sort.values();

    /** What a pitch is in the line; the last two lead to the next note. */
    enum Sort {
        FIXED, STRONG, CHORD, SCALE, STEP, SEMITONE;

        boolean leads() {
            return this == STEP || this == SEMITONE;
        }
    }

    private final byte[] pitches;
    private final byte[] sorts;
    private final int[] costs;
    /** How many semitones one that leads may rise to the next note, and fall. */
    private final byte[] rises;
    private final byte[] falls;
    /** Indices of those that may go on anywhere. */
    private final byte[] plain;

    private BassCandidates(Collector of) {
        this.pitches = Arrays.copyOf(of.pitches, of.size);
        this.sorts = Arrays.copyOf(of.sorts, of.size);
        this.costs = Arrays.copyOf(of.costs, of.size);
        this.rises = Arrays.copyOf(of.rises, of.size);
        this.falls = Arrays.copyOf(of.falls, of.size);
        this.plain = Arrays.copyOf(of.plain, of.plainSize);
    }

    int size() {
        return pitches.length;
    }

    int pitch(int index) {
        return pitches[index];
    }

    Sort sort(int index) {
        return SORTS[sorts[index]];
    }

    int cost(int index) {
        return costs[index];
    }

    /** Indices of those that may go on anywhere, rising. */
    byte[] plain() {
        return plain;
    }

    /** Whether it is one that leads to a pitch; such a one leads to its neighbours and nowhere else. */
    boolean leads(int index, int pitch) {
        int semitones = pitch - pitches[index];
        return sorts[index] >= Sort.STEP.ordinal() && (semitones > 0 ? semitones <= rises[index] : semitones < 0 && -semitones <= falls[index]);
    }

    /** The first of those that are near enough to lead to a pitch. */
    int firstNear(int pitch) {
        return plain.length == pitches.length ? 0 : first(pitch - MOST_OF_A_STEP);
    }

    /** One more than the last of them. */
    int endNear(int pitch) {
        return plain.length == pitches.length ? 0 : first(pitch + MOST_OF_A_STEP + 1);
    }

    /** The first that is not below a pitch. */
    private int first(int pitch) {
        int low = 0;
        int high = pitches.length;
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (pitches[middle] < pitch) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }

    /** The cheapest that may go on anywhere; below 0 where there is none. */
    int cheapestPlain(int[] soFar) {
        int at = -1;
        for (int index : plain) {
            at = at < 0 || soFar[index] < soFar[at] ? index : at;
        }
        return at;
    }

    /** Puts them together, from low to high. */
    static final class Collector {
        private static final int MOST = 80;
        private final byte[] pitches = new byte[MOST];
        private final byte[] sorts = new byte[MOST];
        private final int[] costs = new int[MOST];
        private final byte[] rises = new byte[MOST];
        private final byte[] falls = new byte[MOST];
        private final byte[] plain = new byte[MOST];
        private int size;
        private int plainSize;

        private PitchClassSet scale = PitchClassSet.EMPTY;

        /**
         * Those of another note.
         *
         * @param scaleThen of the note behind it, to which steps lead
         */
        Collector begin(PitchClassSet scaleThen) {
            scale = scaleThen;
            size = 0;
            plainSize = 0;
            return this;
        }

        /** Of a note that stays where it is. */
        BassCandidates fixed(int pitch) {
            begin(PitchClassSet.EMPTY).add(pitch, Sort.FIXED, 0);
            return all();
        }

        void add(int pitch, Sort sort, int cost) {
            pitches[size] = (byte) pitch;
            sorts[size] = (byte) sort.ordinal();
            costs[size] = cost;
            rises[size] = 0;
            falls[size] = 0;
            if (sort.leads()) {
                rises[size] = (byte) (sort == Sort.STEP ? step(pitch, 1) : 1);
                falls[size] = (byte) (sort == Sort.STEP ? step(pitch, -1) : 1);
            } else {
                plain[plainSize++] = (byte) size;
            }
            size++;
        }

        /** How many semitones it is to the next note of the scale, at most: none of it lies between. */
        private int step(int pitch, int way) {
            int semitones = 1;
            while (semitones < MOST_OF_A_STEP && !scale.containsPitch(pitch + way * semitones)) {
                semitones++;
            }
            return semitones;
        }

        BassCandidates all() {
            return new BassCandidates(this);
        }
    }
}
