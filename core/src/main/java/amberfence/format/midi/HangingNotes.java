package amberfence.format.midi;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Notes of one track that have begun and not yet ended. The first begun of a pitch is the first to end, which is how
 * overlapping notes of one pitch are told apart (common practice; the file format does not say).
 */
final class HangingNotes {
    /**
     * A note-on that waits for its note-off.
     *
     * @param place where the note stands among those of its channel
     */
    record Begun(long id, long start, int pitch, int channel, int place) {
        /** How long it sounds; one that ended at once gets the shortest length there is. */
        long length(long end) {
            return Math.max(1, end - start);
        }
    }

    private final ArrayDeque<?>[] waiting = new ArrayDeque<?>[16 * 128];

    @SuppressWarnings("unchecked")
    private ArrayDeque<Begun> queue(int channel, int pitch) {
        int index = channel << 7 | pitch;
        if (waiting[index] == null) {
            waiting[index] = new ArrayDeque<Begun>(2);
        }
        return (ArrayDeque<Begun>) waiting[index];
    }

    void begin(Begun note) {
        queue(note.channel(), note.pitch()).add(note);
    }

    /** The note that a note-off ends, or {@code null} when none waits. */
    Begun end(int channel, int pitch) {
        return queue(channel, pitch).poll();
    }

    /** What never ended, by start. */
    List<Begun> rest() {
        List<Begun> rest = new ArrayList<>();
        for (ArrayDeque<?> queue : waiting) {
            if (queue != null) {
                queue.forEach(begun -> rest.add((Begun) begun));
            }
        }
        rest.sort(Comparator.comparingLong(Begun::start).thenComparingLong(Begun::id));
        return rest;
    }
}
