package amberfence.notes;

/**
 * The identities of notes. A note of a part has a number of its own, from 1. A note that a step made has a <em>derived</em>
 * identity, below 0: it follows from the identity that it came from, from the step's slot, and from which of the slot's notes
 * from that source it is. So it stays the same whatever else is edited, and however many other notes are made.
 */
public final class NoteIdentity {
    private NoteIdentity() {
    }

    /** Whether a note is a part's own; only such notes can be settled, saved in a take, or written to a file. */
    public static boolean isOwn(long id) {
        return id > 0;
    }

    /**
     * The identity of a made note.
     *
     * @param source identity of the note or chord that it came from; 0 when there is none
     * @param slot identity of the step's slot; 0 for a step that is done once
     * @param which which of the slot's notes from that source, from 0
     */
    public static long derived(long source, long slot, int which) {
        long mixed = mixed(mixed(mixed(source) + slot) + which);
        return mixed | Long.MIN_VALUE;
    }

    /** Every bit of the outcome depends on every bit of the value (Steele, Lea and Flood, Fast splittable generators, 2014). */
    private static long mixed(long value) {
        long z = value + 0x9E3779B97F4A7C15L;
        z = (z ^ z >>> 30) * 0xBF58476D1CE4E5B9L;
        z = (z ^ z >>> 27) * 0x94D049BB133111EBL;
        return z ^ z >>> 31;
    }
}
