package amberfence.notes;

import java.util.List;

/**
 * When notes begin and end, in ticks, and their pitches, in plain arrays: for what looks through a long line several times. Made of
 * the notes' columns when they are needed, and not kept.
 */
public final class NoteArrays {
    private final long[] starts;
    private final long[] ends;
    private final byte[] pitches;

    private NoteArrays(NoteColumns notes) {
        starts = new long[notes.size()];
        notes.starts.addTo(starts);
        ends = starts.clone();
        notes.lengths.addTo(ends);
        pitches = notes.pitches.bytes();
    }

    /** @param notes in the order in which they are asked for */
    public static NoteArrays of(List<Note> notes) {
        return of(NoteColumns.of(notes));
    }

    public static NoteArrays of(NoteColumns notes) {
        return new NoteArrays(notes);
    }

    public int size() {
        return starts.length;
    }

    public long start(int note) {
        return starts[note];
    }

    /** The first tick at which the note no longer sounds. */
    public long end(int note) {
        return ends[note];
    }

    public int pitch(int note) {
        return pitches[note];
    }
}
