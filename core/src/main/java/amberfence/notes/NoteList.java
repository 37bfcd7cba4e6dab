package amberfence.notes;

import java.util.AbstractList;
import java.util.RandomAccess;

/** The notes of a line as a list that cannot be changed. Each is made anew whenever somebody looks at it. */
final class NoteList extends AbstractList<Note> implements RandomAccess {
    private final NoteColumns notes;

    NoteList(NoteColumns notes) {
        this.notes = notes;
    }

    NoteColumns columns() {
        return notes;
    }

    @Override
    public Note get(int index) {
        return notes.at(index);
    }

    @Override
    public int size() {
        return notes.size();
    }
}
