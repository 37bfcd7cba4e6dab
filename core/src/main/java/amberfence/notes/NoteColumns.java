package amberfence.notes;

import java.util.Arrays;
import java.util.List;
import java.util.function.IntConsumer;
import java.util.function.ToLongFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Notes column by column: a long line takes few bytes so, an edit of it shares all columns that stay as they are, and what looks
 * through it several times asks for the one number that it needs.
 */
public final class NoteColumns {
    /** What the columns hold, in their order. */
    private static final List<ToLongFunction<Note>> NUMBERS = List.of(Note::id, Note::start, Note::length, Note::pitch, Note::velocity,
            Note::channel, Note::release);
    static final int COUNT = 7;
    static final NoteColumns EMPTY = new NoteColumns(IntStream.range(0, COUNT).mapToObj(column -> Column.even(0, 0, 0)).toArray(Column[]::new));

    private final Column[] all;
    final Column ids;
    final Column starts;
    final Column lengths;
    final Column pitches;
    final Column velocities;
    final Column channels;
    final Column releases;

    /** @param all {@link #COUNT} columns of one size, in the order of a note's numbers */
    NoteColumns(Column[] all) {
        this.all = all;
        this.ids = all[0];
        this.starts = all[1];
        this.lengths = all[2];
        this.pitches = all[3];
        this.velocities = all[4];
        this.channels = all[5];
        this.releases = all[6];
    }

    /** The column at a place in their order. */
    Column column(int column) {
        return all[column];
    }

    /** Of notes in the order in which they are given. */
    public static NoteColumns of(List<Note> notes) {
        if (notes instanceof NoteList list) {
            return list.columns();
        }
        LineBuilder builder = new LineBuilder(notes.size());
        notes.forEach(builder::add);
        return builder.asAdded();
    }

    public int size() {
        return ids.size();
    }

    public long id(int place) {
        return ids.at(place);
    }

    public long start(int place) {
        return starts.at(place);
    }

    public long length(int place) {
        return lengths.at(place);
    }

    /** The first tick at which the note no longer sounds. */
    public long end(int place) {
        return starts.at(place) + lengths.at(place);
    }

    public int pitch(int place) {
        return pitches.smallAt(place);
    }

    public int velocity(int place) {
        return velocities.smallAt(place);
    }

    public int release(int place) {
        return releases.smallAt(place);
    }

    public int channel(int place) {
        return channels.smallAt(place);
    }

    Note at(int place) {
        return new Note(ids.at(place), starts.at(place), lengths.at(place), pitches.smallAt(place), velocities.smallAt(place),
                channels.smallAt(place), releases.smallAt(place));
    }

    /** As {@link Note#IN_TIME}. */
    int compareInTime(int place, Note other) {
        int order = Long.compare(starts.at(place), other.start());
        if (order == 0) {
            order = Integer.compare(pitches.smallAt(place), other.pitch());
        }
        return order != 0 ? order : Long.compare(ids.at(place), other.id());
    }

    /** Whether two notes are the same in all that a note has. */
    public boolean isSame(int place, NoteColumns other, int otherPlace) {
        for (int column = 0; column < COUNT; column++) {
            if (all[column].at(place) != other.all[column].at(otherPlace)) {
                return false;
            }
        }
        return true;
    }

    /** The notes in [from, to). */
    NoteColumns range(int from, int to) {
        Column[] ranges = new Column[COUNT];
        Arrays.setAll(ranges, column -> all[column].range(from, to));
        return new NoteColumns(ranges);
    }

    /** The same with other notes at some places. */
    NoteColumns with(int[] places, Note[] notes) {
        Column[] changed = new Column[COUNT];
        long[] numbers = new long[notes.length];
        for (int column = 0; column < COUNT; column++) {
            ToLongFunction<Note> number = NUMBERS.get(column);
            Arrays.setAll(numbers, i -> number.applyAsLong(notes[i]));
            changed[column] = all[column].with(places, numbers);
        }
        return new NoteColumns(changed);
    }

    /** The same in order. Mostly only some that begin together are not. */
    NoteColumns sorted() {
        int[] places = new int[size()];
        int count = 0;
        boolean isByStart = starts.isAscending(true);
        int from = 0;
        for (int to = 1; to <= size(); to++) {
            if (to == size() || isByStart && starts.at(to) != starts.at(from)) {
                for (int place = from; place < to && (to - from > 1); place++) {
                    places[count++] = place;
                }
                from = to;
            }
        }
        int[] together = Arrays.copyOf(places, count);
        Note[] notes = IntStream.of(together).mapToObj(this::at).toArray(Note[]::new);
        Arrays.sort(notes, Note.IN_TIME);
        return with(together, notes);
    }

    /**
     * The same, which are in order, without some and with others between them.
     *
     * @param places of those that are left out, in order
     * @param more in order
     */
    NoteColumns spliced(int[] places, Note[] more) {
        Column[] spliced = new Column[COUNT];
        int[] before = Stream.of(more).mapToInt(this::firstBehind).toArray();
        for (int column = 0; column < COUNT; column++) {
            ToLongFunction<Note> number = NUMBERS.get(column);
            ColumnBuilder builder = new ColumnBuilder(all[column], size() - places.length + more.length);
            int from = 0;
            int left = 0;
            for (int i = 0; i <= more.length; i++) {
                int to = i < more.length ? before[i] : size();
                while (left < places.length && places[left] < to) {
                    builder.addAll(all[column], from, places[left]);
                    from = places[left++] + 1;
                }
                builder.addAll(all[column], from, to);
                from = Math.max(from, to);
                if (i < more.length) {
                    builder.add(number.applyAsLong(more[i]));
                }
            }
            spliced[column] = builder.build();
        }
        return new NoteColumns(spliced);
    }

    /** The place of the first note that stands behind another, which is none of them; their number where none does. */
    private int firstBehind(Note other) {
        int low = 0;
        int high = size();
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (compareInTime(middle, other) <= 0) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }

    SharedEnds sharedWith(NoteColumns other) {
        int least = Math.min(size(), other.size());
        int first = least;
        for (int column = 0; column < COUNT; column++) {
            first = all[column].sameFirst(other.all[column], first);
        }
        int last = least - first;
        for (int column = 0; column < COUNT; column++) {
            last = all[column].sameLast(other.all[column], last);
        }
        return new SharedEnds(first, last);
    }

    /** Whether all notes of both have the same identities and stand at the same times. */
    public boolean areWhere(NoteColumns others) {
        int size = size();
        return size == others.size() && ids.sameFirst(others.ids, size) == size && starts.sameFirst(others.starts, size) == size
                && lengths.sameFirst(others.lengths, size) == size;
    }

    /** Whether the identity of each note is one more than that of the note before. */
    boolean isCounted() {
        return ids.isCounting();
    }

    /** Tells, once or more, the places where notes of both, of which there are equally many, are not the same in all that a note has. */
    public void tellDifferent(NoteColumns others, IntConsumer told) {
        for (int column = 0; column < COUNT; column++) {
            for (int place = 0; all[column] != others.all[column] && place < size(); place++) {
                if (all[column].at(place) != others.all[column].at(place)) {
                    told.accept(place);
                }
            }
        }
    }

    /** Whether all notes of both are the same in all that a note has. */
    boolean areSame(NoteColumns others) {
        int size = size();
        boolean same = size == others.size();
        for (int column = 0; same && column < COUNT; column++) {
            same = all[column].sameFirst(others.all[column], size) == size;
        }
        return same;
    }

    /** How many bytes they take beside others, some of which they may share. */
    long weightBeside(NoteColumns other) {
        long bytes = 0;
        for (int column = 0; column < COUNT; column++) {
            bytes += all[column] == other.all[column] ? 0 : all[column].weight();
        }
        return bytes;
    }
}
