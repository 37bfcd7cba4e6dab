package amberfence.reading;

import amberfence.notes.Note;
import amberfence.notes.TimeMap;
import amberfence.theory.PitchClass;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * Three pitch classes and more that are struck together.
 *
 * @param members as bits
 * @param belowTop the members without the highest note
 * @param lowest its lowest pitch
 * @param end where it ends, in ticks
 * @param held for a beat or nearly
 * @param shorter than a beat, or not longer than one
 * @param weight its length in ticks
 */
record StruckBlock(int members, int belowTop, int lowest, long end, boolean held, boolean shorter, double weight) {
    private static final int MEMBERS = 3;
    /** Notes of a stroke that are shorter than this share of the middle one do not belong to its chord. */
    private static final double MUCH_SHORTER = 0.6;
    private static final double NEARLY_A_BEAT = 0.9;
    private static final double LITTLE_MORE_THAN_A_BEAT = 1.2;

    /** The block that a stroke is, if it is one. */
    static Optional<StruckBlock> of(List<Note> stroke, TimeMap time) {
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
        if (Integer.bitCount(members) < MEMBERS) {
            return Optional.empty();
        }
        int belowTop = 0;
        for (Note note : stroke) {
            belowTop |= belongs(note, middle) && note.pitch() < highest ? 1 << note.pitch() % PitchClass.COUNT : 0;
        }
        double beat = Math.min(time.ticksPerQuarter(), time.pulseLength(stroke.get(0).start()));
        return Optional.of(new StruckBlock(members, belowTop, lowest, end, middle >= NEARLY_A_BEAT * beat, middle <= LITTLE_MORE_THAN_A_BEAT * beat, middle));
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

    /** Two blocks that are each held for a beat are two chords, also when together they make a seventh; a tune may lie on top. */
    boolean mayBeOneWith(StruckBlock next) {
        boolean sameBass = (lowest - next.lowest) % PitchClass.COUNT == 0;
        if (members == next.members) {
            return sameBass || shorter || next.shorter;
        }
        boolean tune = shorter && next.shorter && (belowTop == next.belowTop || belowTop == next.members || members == next.belowTop);
        int both = members & next.members;
        boolean part = (both == members || both == next.members) && sameBass;
        return tune || part && !(held && next.held);
    }
}
