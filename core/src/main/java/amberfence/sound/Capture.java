package amberfence.sound;

import java.util.ArrayList;
import java.util.List;

/**
 * What was played lately: each key and each note that was heard, with the clock, in a ring of fixed size, so that writing
 * allocates nothing and nothing that is older than a minute of playing is lost.
 */
public final class Capture {
    private static final int SIZE = 1 << 15;
    private final long[] times = new long[SIZE];
    /** Kind, value and velocity of each entry. */
    private final int[] entries = new int[SIZE];
    private long written;

    /** What an entry tells. */
    public enum Kind {
        KEY_DOWN, KEY_UP, HEARD_ON, HEARD_OFF
    }

    /** One thing that happened. */
    public record Entry(long nanos, Kind kind, int pitch, int velocity) {
    }

    private static final Kind[] KINDS = Kind.values();

    synchronized void add(long nanos, Kind kind, int pitch, int velocity) {
        int at = (int) (written++ % SIZE);
        times[at] = nanos;
        entries[at] = kind.ordinal() << 14 | pitch << 7 | velocity;
    }

    /** All that happened from a moment of the clock on, in order. */
    public synchronized List<Entry> since(long nanos) {
        List<Entry> found = new ArrayList<>();
        for (long i = Math.max(0, written - SIZE); i < written; i++) {
            int at = (int) (i % SIZE);
            if (times[at] >= nanos) {
                found.add(new Entry(times[at], KINDS[entries[at] >> 14], entries[at] >> 7 & 0x7F, entries[at] & 0x7F));
            }
        }
        return found;
    }
}
