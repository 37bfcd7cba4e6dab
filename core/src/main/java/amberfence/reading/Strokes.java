package amberfence.reading;

import amberfence.notes.Note;
import amberfence.notes.TimeMap;
import java.util.ArrayList;
import java.util.List;

/** Notes that are struck together: what begins within a thirty-second of the first, as players and strums are a little uneven. */
public final class Strokes {
    private static final int SHARE_OF_A_QUARTER = 8;

    private Strokes() {
    }

    /** How many ticks apart notes may begin and still be one stroke. */
    public static long together(TimeMap time) {
        return time.ticksPerQuarter() / SHARE_OF_A_QUARTER;
    }

    /** The strokes of notes that are ordered in time. */
    public static List<List<Note>> of(List<Note> notes, TimeMap time) {
        List<List<Note>> strokes = new ArrayList<>();
        long reach = together(time);
        int from = 0;
        while (from < notes.size()) {
            int to = from + 1;
            while (to < notes.size() && notes.get(to).start() - notes.get(from).start() < Math.max(1, reach)) {
                to++;
            }
            strokes.add(notes.subList(from, to));
            from = to;
        }
        return strokes;
    }
}
