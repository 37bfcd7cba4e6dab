package amberfence.format.midi;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.NoteIndex;
import amberfence.notes.SharedEnds;
import java.util.BitSet;
import java.util.Collection;

/** The notes to write by their identities, and what becomes of each. Few bytes a note, for there may be millions. */
final class PlacedNotes {
    private final NoteIndex notes;
    private final BitSet found = new BitSet();
    private final BitSet edited = new BitSet();

    PlacedNotes(Collection<Line> lines) {
        notes = new NoteIndex(lines);
    }

    int size() {
        return notes.size();
    }

    /** The index of a note, below 0 for one that is not to be written. */
    int at(long id) {
        return notes.place(id);
    }

    Note note(int index) {
        return notes.at(index);
    }

    /** Notes that a note that begins at a tick stands where the source file has it. */
    void find(long tick, long id) {
        int index = at(id);
        if (index >= 0 && notes.start(index) == tick) {
            found.set(index);
        }
    }

    /** Whether a note has its place among the events of the source file. */
    boolean isFound(int index) {
        return index >= 0 && found.get(index);
    }

    /** Whether all notes of a line have theirs. */
    boolean areFound(Line line) {
        for (int i = 0; i < line.size(); i++) {
            if (!isFound(at(line.columns().id(i)))) {
                return false;
            }
        }
        return true;
    }

    /**
     * Compares the notes of a line with what the source file says.
     *
     * @param line what of it is to be written
     */
    void compare(Line original, Line line) {
        SharedEnds same = line.sharedWith(original);
        for (int i = same.first(); i < original.size() - same.last(); i++) {
            Note before = original.at(i);
            int index = at(before.id());
            if (index >= 0) {
                edited.set(index, !note(index).equals(before));
            }
        }
    }

    /** Whether a note differs from what the source file says. */
    boolean isEdited(int index) {
        return edited.get(index);
    }
}
