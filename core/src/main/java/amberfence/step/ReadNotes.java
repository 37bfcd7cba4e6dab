package amberfence.step;

import amberfence.notes.Line;

/**
 * The notes of a part as they were read from a file. Dice know a note by where it stood there, so that nothing is rolled again
 * when the file is read once more, or when something else in it is edited.
 *
 * @param part identity of the part in its song
 * @param line empty for a part that was made here
 */
public record ReadNotes(int part, Line line) {
    /** Of a line that was read from nowhere. */
    public static final ReadNotes NONE = new ReadNotes(0, Line.EMPTY);
}
