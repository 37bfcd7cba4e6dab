package amberfence.notes;

import java.util.AbstractList;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import java.util.RandomAccess;
import java.util.Spliterator;

/** The notes of a line as a list that cannot be changed. */
final class NoteList extends AbstractList<Note> implements RandomAccess {
    private final Note[] notes;

    /** @param notes is not copied, and never changed by anybody */
    NoteList(Note[] notes) {
        this.notes = notes;
    }

    @Override
    public Note get(int index) {
        return notes[index];
    }

    @Override
    public int size() {
        return notes.length;
    }

    @Override
    public Iterator<Note> iterator() {
        return asArray().iterator();
    }

    @Override
    public Spliterator<Note> spliterator() {
        return asArray().spliterator();
    }

    @Override
    public Object[] toArray() {
        return asArray().toArray();
    }

    @Override
    public <T> T[] toArray(T[] there) {
        return asArray().toArray(there);
    }

    private List<Note> asArray() {
        return Arrays.asList(notes);
    }
}
