package amberfence.sound;

import amberfence.notes.Line;
import amberfence.notes.Note;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.LongUnaryOperator;

/** Turns what was played into notes of a part. */
public final class Recording {
    /** Which of the two is kept. */
    public enum What {
        HEARD, PRESSED
    }

    private Recording() {
    }

    /**
     * The notes of what was played, with identities below 0; what is still held ends at the end.
     *
     * @param tick turns the clock into a tick of the song; below 0 is not kept
     * @param end the tick at which recording ends
     */
    public static Line of(List<Capture.Entry> played, What what, LongUnaryOperator tick, long end, int channel) {
        Capture.Kind on = what == What.HEARD ? Capture.Kind.HEARD_ON : Capture.Kind.KEY_DOWN;
        Capture.Kind off = what == What.HEARD ? Capture.Kind.HEARD_OFF : Capture.Kind.KEY_UP;
        Map<Integer, List<Capture.Entry>> open = new HashMap<>();
        List<Note> notes = new ArrayList<>();
        for (Capture.Entry entry : played) {
            List<Capture.Entry> same = open.computeIfAbsent(entry.pitch(), pitch -> new ArrayList<>());
            if (entry.kind() == on) {
                same.add(entry);
            } else if (entry.kind() == off && !same.isEmpty()) {
                add(notes, same.remove(0), tick, tick.applyAsLong(entry.nanos()), end, channel, entry.velocity());
            }
        }
        open.values().forEach(held -> held.forEach(entry -> add(notes, entry, tick, end, end, channel, Note.USUAL_RELEASE)));
        return Line.of(notes);
    }

    private static void add(List<Note> notes, Capture.Entry from, LongUnaryOperator tick, long to, long end, int channel,
                            int release) {
        long start = tick.applyAsLong(from.nanos());
        if (start >= 0 && from.velocity() > 0) {
            // What is let go in the next round of a loop lasts to the end of this one.
            long last = to > start ? to : Math.max(start + 1, end);
            notes.add(new Note(-1 - notes.size(), start, last - start, from.pitch(), from.velocity(), channel, release));
        }
    }
}
