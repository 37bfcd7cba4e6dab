package amberfence.reading;

import amberfence.notes.Note;
import amberfence.notes.TimeMap;
import amberfence.theory.PitchClass;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * Three pitch classes and more that are struck together, or a root with its fifth and octave.
 *
 * @param members as bits
 * @param belowTop the members without the highest note
 * @param lowest its lowest pitch, or {@link #NO_BASS} where the bass below goes its own way
 * @param end where it ends, in ticks
 * @param held for a beat or nearly
 * @param shorter than a beat, or not longer than one
 * @param weight its length in ticks
 */
record StruckBlock(int members, int belowTop, int lowest, long end, boolean held, boolean shorter, double weight) {
    static final int NO_BASS = -1;
    private static final int MEMBERS = 3;
    private static final int FIFTH = 7;
    /** Notes of a stroke that are shorter than this share of the middle one do not belong to its chord. */
    private static final double MUCH_SHORTER = 0.6;
    /** From here on one block is clearly longer than another. */
    private static final double LONGER = 1.25;
    private static final double NEARLY_A_BEAT = 0.9;
    private static final double LITTLE_MORE_THAN_A_BEAT = 1.2;

    /**
     * The block that a stroke is, if it is one.
     *
     * @param isApart whether its bass goes its own way
     */
    static Optional<StruckBlock> of(List<Note> stroke, boolean isApart, TimeMap time) {
        if (stroke.size() < MEMBERS) {
            return Optional.empty();
        }
        double middle = middle(stroke);
        int members = 0;
        int lowest = Integer.MAX_VALUE;
        int highest = -1;
        long end = 0;
        for (Note note : stroke) {
            if (belongs(note, middle)) {
                members |= 1 << note.pitch() % PitchClass.COUNT;
                lowest = Math.min(lowest, note.pitch());
                highest = Math.max(highest, note.pitch());
                end = Math.max(end, note.end());
            }
        }
        if (Integer.bitCount(members) < MEMBERS && !isRootAndFifth(members, lowest)) {
            return Optional.empty();
        }
        int belowTop = 0;
        for (Note note : stroke) {
            belowTop |= belongs(note, middle) && note.pitch() < highest ? 1 << note.pitch() % PitchClass.COUNT : 0;
        }
        double beat = Math.min(time.ticksPerQuarter(), time.pulseLength(stroke.get(0).start()));
        return Optional.of(new StruckBlock(members, belowTop, isApart ? NO_BASS : lowest, end, middle >= NEARLY_A_BEAT * beat, middle <= LITTLE_MORE_THAN_A_BEAT * beat, middle));
    }

    /** Whether this one stands for a beat and not one that was struck before in it: one that is clearly longer does, and never a part of the other. */
    boolean standsFor(StruckBlock before) {
        return members != before.members && (before.isPartOf(this) || !isPartOf(before) && weight > LONGER * before.weight);
    }

    /** Whether its bass is of a pitch class, or not its own. */
    boolean standsOn(int pitchClass) {
        return lowest == NO_BASS || lowest % PitchClass.COUNT == pitchClass;
    }

    /** Root, fifth and octave are a chord of their own, and whole. */
    private static boolean isRootAndFifth(int members, int lowest) {
        return members == (1 << lowest % PitchClass.COUNT | 1 << (lowest + FIFTH) % PitchClass.COUNT);
    }

    /** The middle length of the notes of a stroke. */
    static double middle(List<Note> stroke) {
        long[] lengths = new long[stroke.size()];
        for (int i = 0; i < lengths.length; i++) {
            lengths[i] = stroke.get(i).length();
        }
        Arrays.sort(lengths);
        return lengths[lengths.length / 2];
    }

    /** Whether a note of a stroke is long enough to belong to its chord. */
    static boolean belongs(Note note, double middle) {
        return note.length() >= MUCH_SHORTER * middle;
    }

    /**
     * Two blocks that are each held for a beat are two chords, also when together they make a seventh; a tune may lie on top,
     * and the high strings alone may be struck for a moment.
     */
    boolean mayBeOneWith(StruckBlock next) {
        boolean sameBass = standsOn(next.lowest % PitchClass.COUNT) || next.lowest == NO_BASS;
        if (members == next.members) {
            return sameBass || shorter || next.shorter;
        }
        boolean tune = shorter && next.shorter && (belowTop == next.belowTop || belowTop == next.members || members == next.belowTop);
        boolean part = (isPartOf(next) || next.isPartOf(this)) && sameBass;
        boolean strings = isPartOf(next) && !held && lowest > next.lowest || next.isPartOf(this) && !next.held && next.lowest > lowest;
        return tune || strings || part && !(held && next.held);
    }

    private boolean isPartOf(StruckBlock other) {
        return (members & other.members) == members;
    }
}
