package amberfence.notes;

import java.util.List;

/** When notes begin and end, in ticks, and their pitches, column by column: for what looks through a long line several times. */
public final class NoteColumns {
    private final long[] starts;
    private final long[] ends;
    private final byte[] pitches;

    /** @param notes in the order in which they are asked for */
    public NoteColumns(List<Note> notes) {
        starts = new long[notes.size()];
        ends = new long[starts.length];
        pitches = new byte[starts.length];
        for (int i = 0; i < starts.length; i++) {
            Note note = notes.get(i);
            starts[i] = note.start();
            ends[i] = note.end();
            pitches[i] = (byte) note.pitch();
        }
    }

    public int size() {
        return starts.length;
    }

    public long start(int note) {
        return starts[note];
    }

    public long end(int note) {
        return ends[note];
    }

    public int pitch(int note) {
        return pitches[note];
    }
}
