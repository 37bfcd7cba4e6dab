package amberfence.notes;

import java.util.Arrays;

/** Puts a line together note by note, mostly in order: each is compared with the one before it while both are at hand. */
public final class LineBuilder {
    private static final int AT_LEAST = 16;
    private Note[] notes;
    private int size;
    private boolean inOrder = true;

    /** @param expected how many notes there will most likely be */
    public LineBuilder(int expected) {
        notes = new Note[expected];
    }

    /** One more note, in any order. */
    public void add(Note note) {
        if (size == notes.length) {
            notes = Arrays.copyOf(notes, Math.max(AT_LEAST, size + (size >> 1)));
        }
        inOrder = inOrder && (size == 0 || Note.compareInTime(notes[size - 1], note) <= 0);
        notes[size++] = note;
    }

    /** The line of all notes so far. */
    public Line build() {
        if (!inOrder) {
            Arrays.sort(notes, 0, size, Note.IN_TIME);
            inOrder = true;
        }
        // An array that is full is handed over; what is added later is written into another.
        return new Line(size == notes.length ? notes : Arrays.copyOf(notes, size));
    }
}
