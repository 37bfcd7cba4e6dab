package amberfence.song;

import java.util.BitSet;
import java.util.Collection;
import java.util.List;
import java.util.function.LongUnaryOperator;
import java.util.stream.LongStream;

/** Some notes of a song by their identities, or all of them. */
public final class NoteSet {
    public static final NoteSet NONE = new NoteSet(new BitSet());
    public static final NoteSet ALL = new NoteSet(null);
    /** Null stands for all. */
    private final BitSet members;

    private NoteSet(BitSet members) {
        this.members = members;
    }

    public static NoteSet of(Collection<Long> ids) {
        return of(ids.stream().mapToLong(Long::longValue));
    }

    /** The notes of a line. */
    public static NoteSet of(Line line) {
        return of(line.notes().stream().mapToLong(Note::id));
    }

    private static NoteSet of(LongStream ids) {
        BitSet members = new BitSet();
        ids.filter(id -> id > 0).forEach(id -> members.set(Math.toIntExact(id)));
        return new NoteSet(members);
    }

    public boolean contains(Note note) {
        return contains(note.id());
    }

    public boolean contains(long id) {
        return members == null || id > 0 && id <= Integer.MAX_VALUE && members.get((int) id);
    }

    /** The same with some notes added or taken out. Of all notes none can be taken out. */
    public NoteSet with(Collection<Long> ids, boolean in) {
        if (members == null) {
            return this;
        }
        BitSet changed = (BitSet) members.clone();
        ids.stream().filter(id -> id > 0).forEach(id -> changed.set(Math.toIntExact(id), in));
        return new NoteSet(changed);
    }

    /** The same notes under other identities. */
    public NoteSet renamed(LongUnaryOperator renaming) {
        return members == null ? this : of(members.stream().asLongStream().map(renaming));
    }

    public boolean isAll() {
        return members == null;
    }

    public boolean isEmpty() {
        return members != null && members.isEmpty();
    }

    /** The identities in ascending order; of all notes there is no list. */
    public List<Long> ids() {
        if (members == null) {
            throw new IllegalStateException("all notes have no list of identities; ask the line");
        }
        return members.stream().asLongStream().boxed().toList();
    }

    /** The notes of a line that are in the set, in its order. */
    public List<Note> in(Line line) {
        return members == null ? line.notes() : line.notes().stream().filter(this::contains).toList();
    }

    /** How many notes of a line are in the set. */
    public int count(Line line) {
        if (members == null) {
            return line.size();
        }
        int count = 0;
        for (Note note : line.notes()) {
            count += contains(note.id()) ? 1 : 0;
        }
        return count;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof NoteSet set && (members == null ? set.members == null : members.equals(set.members));
    }

    @Override
    public int hashCode() {
        return members == null ? -1 : members.hashCode();
    }

    @Override
    public String toString() {
        return members == null ? "all notes" : members.toString();
    }
}
