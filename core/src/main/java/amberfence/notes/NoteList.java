package amberfence.notes;

import java.lang.ref.SoftReference;
import java.util.AbstractList;
import java.util.Arrays;
import java.util.Objects;
import java.util.RandomAccess;

/**
 * The notes of a line as a list that cannot be changed. Those of a long line are made anew whenever somebody looks at them; those of
 * a shorter one are kept once they are made, since it is looked through again and again; only while there is memory for that, since
 * every state that can be undone has lines of its own.
 */
final class NoteList extends AbstractList<Note> implements RandomAccess {
    /** More notes than a part of a song has, but for very long ones. */
    private static final int MOST_KEPT = 1 << 14;
    private final NoteColumns notes;
    private volatile SoftReference<Note[]> kept = new SoftReference<>(null);

    NoteList(NoteColumns notes) {
        this.notes = notes;
    }

    NoteColumns columns() {
        return notes;
    }

    @Override
    public Note get(int index) {
        Objects.checkIndex(index, notes.size());
        if (notes.size() > MOST_KEPT) {
            return notes.at(index);
        }
        // Asked for on two threads at once, both make the same.
        Note[] made = kept.get();
        if (made == null) {
            made = new Note[notes.size()];
            Arrays.setAll(made, notes::at);
            kept = new SoftReference<>(made);
        }
        return made[index];
    }

    @Override
    public int size() {
        return notes.size();
    }
}
