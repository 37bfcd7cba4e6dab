package amberfence.notes;

import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.function.LongUnaryOperator;
import java.util.stream.IntStream;
import java.util.stream.LongStream;

/** Some notes of a song by their identities, or all of them. */
public final class NoteSet {
    public static final NoteSet NONE = new NoteSet(new long[0]);
    public static final NoteSet ALL = new NoteSet(null);
    /** In ascending order, each once; null stands for all. */
    private final long[] members;

    private NoteSet(long[] members) {
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
        return new NoteSet(ids.sorted().distinct().toArray());
    }

    public boolean contains(Note note) {
        return contains(note.id());
    }

    public boolean contains(long id) {
        // Few notes are asked for among very many: most of them lie beyond all members.
        return members == null || members.length > 0 && id >= members[0] && id <= members[members.length - 1]
                && Arrays.binarySearch(members, id) >= 0;
    }

    /** The same with some notes added or taken out. Of all notes none can be taken out. */
    public NoteSet with(Collection<Long> ids, boolean in) {
        if (members == null) {
            return this;
        }
        if (in) {
            return of(LongStream.concat(LongStream.of(members), ids.stream().mapToLong(Long::longValue)));
        }
        NoteSet out = of(ids);
        return of(LongStream.of(members).filter(id -> !out.contains(id)));
    }

    /** The same notes under other identities. */
    public NoteSet renamed(LongUnaryOperator renaming) {
        return members == null ? this : of(LongStream.of(members).map(renaming));
    }

    public boolean isAll() {
        return members == null;
    }

    public boolean isEmpty() {
        return members != null && members.length == 0;
    }

    /** The identities in ascending order; of all notes there is no list. */
    public List<Long> ids() {
        if (members == null) {
            throw new IllegalStateException("all notes have no list of identities; ask the line");
        }
        return LongStream.of(members).boxed().toList();
    }

    /** The notes of a line that are in the set, in its order. */
    public List<Note> in(Line line) {
        if (members == null) {
            return line.notes();
        }
        return Arrays.stream(places(line)).mapToObj(line::at).toList();
    }

    /** Where in a line the notes stand that are in the set. */
    int[] places(Line line) {
        return members == null ? IntStream.range(0, line.size()).toArray() : line.places(members);
    }

    /** How many notes of a line are in the set. */
    public int count(Line line) {
        if (members == null) {
            return line.size();
        }
        return places(line).length;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof NoteSet set && Arrays.equals(members, set.members);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(members);
    }

    @Override
    public String toString() {
        return members == null ? "all notes" : Arrays.toString(members);
    }
}
