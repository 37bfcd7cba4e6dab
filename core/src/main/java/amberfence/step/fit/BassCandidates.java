package amberfence.step.fit;

import amberfence.theory.PitchClass;
import amberfence.theory.PitchClassSet;

/**
 * The pitches that a note of a bassline may take, from low to high, each with what it would be and what it costs. Filled again for
 * another note, in the same arrays: a long line has millions of them.
 */
final class BassCandidates {
    /** In semitones: harmonic minor and the pentatonics have steps of three. */
    static final int MOST_OF_A_STEP = 3;
    /** How many a note can have: two octaves, each pitch plain, by a step and by a semitone. */
    static final int MOST = 80;
    private static final Sort[] SORTS = Sort.values();

    /** What a pitch is in the line; the last two lead to the next note. */
    enum Sort {
        FIXED, STRONG, CHORD, SCALE, STEP, SEMITONE;

        boolean leads() {
            return this == STEP || this == SEMITONE;
        }

        static Sort at(int ordinal) {
            return SORTS[ordinal];
        }
    }

    private final byte[] pitches = new byte[MOST];
    private final byte[] sorts = new byte[MOST];
    private final int[] costs = new int[MOST];
    /** Indices of those that may go on anywhere, and of those that lead. */
    private final byte[] plain = new byte[MOST];
    private final byte[] leading = new byte[MOST];
    private int size;
    private int plainSize;
    private int leadingSize;
    /** The scale of the note behind, to which steps lead: from each pitch class, how many semitones they rise and fall. */
    private PitchClassSet scale;
    private final int[] rises = new int[PitchClass.COUNT];
    private final int[] falls = new int[PitchClass.COUNT];
    /** What the note behind may become, and the pitch classes from which a step and a semitone lead there. */
    private PitchClassSet goals = PitchClassSet.EMPTY;
    private PitchClassSet stepping = PitchClassSet.EMPTY;
    private PitchClassSet nextTo = PitchClassSet.EMPTY;

    /** Those of another note, none yet. */
    void begin() {
        size = 0;
        plainSize = 0;
        leadingSize = 0;
    }

    /** Those of another note, none yet, that may lead to the note behind it: what that may become, and the scale there. */
    void begin(PitchClassSet scaleThen, PitchClassSet goalsThen) {
        begin();
        if (scaleThen.equals(scale) && goalsThen.equals(goals)) {
            return;
        }
        scale = scaleThen;
        goals = goalsThen;
        nextTo = goals.transposed(1).union(goals.transposed(-1));
        stepping = PitchClassSet.EMPTY;
        for (int from = 0; from < PitchClass.COUNT; from++) {
            rises[from] = step(from, 1);
            falls[from] = step(from, -1);
            for (int semitones = -falls[from]; semitones <= rises[from]; semitones++) {
                stepping = semitones != 0 && goals.containsPitch(from + semitones) ? stepping.plus(new PitchClass(from)) : stepping;
            }
        }
    }

    /** The pitch classes from which a step leads to the note behind. */
    PitchClassSet stepping() {
        return stepping;
    }

    /** The pitch classes a semitone away from what the note behind may become. */
    PitchClassSet nextTo() {
        return nextTo;
    }

    /** How many semitones it is to the next note of the scale, at most: none of it lies between. */
    private int step(int pitch, int way) {
        int semitones = 1;
        while (semitones < MOST_OF_A_STEP && !scale.containsPitch(pitch + way * semitones)) {
            semitones++;
        }
        return semitones;
    }

    void add(int pitch, Sort sort, int cost) {
        pitches[size] = (byte) pitch;
        sorts[size] = (byte) sort.ordinal();
        costs[size] = cost;
        if (sort.leads()) {
            leading[leadingSize++] = (byte) size;
        } else {
            plain[plainSize++] = (byte) size;
        }
        size++;
    }

    int size() {
        return size;
    }

    /** Writes all pitches and sorts into arrays, from an index on. */
    void copyTo(byte[] toPitches, byte[] toSorts, int from) {
        System.arraycopy(pitches, 0, toPitches, from, size);
        System.arraycopy(sorts, 0, toSorts, from, size);
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

    /** How many there are that may go on anywhere. */
    int plainSize() {
        return plainSize;
    }

    /** The index of one of those that may go on anywhere, which rise. */
    int plain(int which) {
        return plain[which];
    }

    /** How many there are that lead. */
    int leadingSize() {
        return leadingSize;
    }

    /** The index of one of those that lead, which rise. */
    int leading(int which) {
        return leading[which];
    }

    /** Whether one that leads does so to a pitch; such a one leads to its neighbours and nowhere else. */
    boolean leads(int index, int pitch) {
        int semitones = pitch - pitches[index];
        if (sorts[index] == Sort.SEMITONE.ordinal()) {
            return semitones == 1 || semitones == -1;
        }
        int from = pitches[index] % PitchClass.COUNT;
        return semitones > 0 ? semitones <= rises[from] : semitones < 0 && -semitones <= falls[from];
    }
}
