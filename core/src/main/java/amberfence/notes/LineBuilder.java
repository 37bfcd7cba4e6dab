package amberfence.notes;

import java.util.Arrays;

/**
 * Puts a line together note by note, mostly in order: each is compared with the one before it while both are at hand. Where all
 * notes have the same numbers as those of a line from before, the two share them.
 */
public final class LineBuilder {
    private final ColumnBuilder[] columns = new ColumnBuilder[NoteColumns.COUNT];
    private final ColumnBuilder ids;
    private final ColumnBuilder starts;
    private final ColumnBuilder lengths;
    private final ColumnBuilder pitches;
    private final ColumnBuilder velocities;
    private final ColumnBuilder channels;
    private final ColumnBuilder releases;
    private final NoteColumns like;
    private int size;
    /** Whether all notes so far are those of the line that this one is like, in their order, but for their pitches. */
    private boolean isAlike;
    /** By place, the pitches of those that have others, and of all others; nothing while none has. */
    private byte[] newPitches;
    private boolean inOrder = true;
    private long lastStart = -1;
    private int lastPitch;
    private long lastId;

    /** @param expected how many notes there will most likely be */
    public LineBuilder(int expected) {
        this(NoteColumns.EMPTY, expected);
    }

    /** @param like a line that the new one will most likely resemble */
    public LineBuilder(Line like) {
        this(like.columns(), like.size());
    }

    private LineBuilder(NoteColumns like, int expected) {
        this.like = like;
        isAlike = like.size() > 0;
        Arrays.setAll(columns, column -> new ColumnBuilder(like.column(column), expected));
        ids = columns[0];
        starts = columns[1];
        lengths = columns[2];
        pitches = columns[3];
        velocities = columns[4];
        channels = columns[5];
        releases = columns[6];
    }

    /**
     * One more note, in any order.
     *
     * @return how many were added before it, for {@link #end}
     */
    public int add(Note note) {
        leave();
        long start = note.start();
        inOrder = inOrder && (start > lastStart || start == lastStart && (note.pitch() > lastPitch || note.pitch() == lastPitch && note.id() >= lastId));
        lastStart = start;
        lastPitch = note.pitch();
        lastId = note.id();
        ids.add(note.id());
        starts.add(start);
        lengths.add(note.length());
        pitches.add(note.pitch());
        velocities.add(note.velocity());
        channels.add(note.channel());
        releases.add(note.release());
        return size++;
    }

    /**
     * One more note: one of the line that the new one is like.
     *
     * @param place where it stands in that line
     */
    public void addAlike(int place) {
        if (isAlike && place == size) {
            size++;
        } else {
            add(like.at(place));
        }
    }

    /** The same with its own pitch or another. */
    public void addAlike(int place, int pitch) {
        if (!isAlike || place != size) {
            add(like.at(place).withPitch(pitch));
            return;
        }
        if (newPitches == null) {
            newPitches = like.pitches.bytes();
        }
        newPitches[size++] = (byte) pitch;
    }

    /** The notes from here on may be any. */
    private void leave() {
        if (!isAlike) {
            return;
        }
        isAlike = false;
        for (ColumnBuilder column : columns) {
            column.addAlike(column == pitches && newPitches != null ? 0 : size);
        }
        if (size == 0) {
            return;
        }
        if (newPitches != null) {
            for (int place = 0; place < size; place++) {
                pitches.add(newPitches[place]);
            }
            checkOrder();
        }
        lastStart = like.start(size - 1);
        lastPitch = (int) pitches.at(size - 1);
        lastId = like.id(size - 1);
    }

    /** Whether the notes are in order still with their new pitches: those that begin together may not be. */
    private void checkOrder() {
        long before = -1;
        for (int place = 0; place < size && inOrder; place++) {
            long start = like.start(place);
            inOrder = start > before || newPitches[place] > newPitches[place - 1]
                    || newPitches[place] == newPitches[place - 1] && like.id(place) >= like.id(place - 1);
            before = start;
        }
    }

    /** A note that was added while it still sounded has ended. */
    public void end(int place, long length, int release) {
        lengths.set(place, length);
        releases.set(place, release);
    }

    public int size() {
        return size;
    }

    /** The line of all notes so far. Whatever is added later is not in it; none of them ends any more. */
    public Line build() {
        NoteColumns notes = asAdded();
        return new Line(inOrder ? notes : notes.sorted());
    }

    /** All notes so far in the order in which they were added. */
    NoteColumns asAdded() {
        if (isAlike && size == like.size()) {
            return newPitches == null ? like : withNewPitches();
        }
        leave();
        Column[] built = new Column[NoteColumns.COUNT];
        Arrays.setAll(built, column -> columns[column].build());
        return new NoteColumns(built);
    }

    /** All notes of the line that this one is like, with the pitches that they have now. */
    private NoteColumns withNewPitches() {
        checkOrder();
        Column[] built = new Column[NoteColumns.COUNT];
        Arrays.setAll(built, column -> columns[column] == pitches ? Column.of(newPitches.clone()) : like.column(column));
        return new NoteColumns(built);
    }
}
