package amberfence.sound;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/** Everything that is to be played, in time: messages with the microseconds at which they are due. Never changes. */
public final class Score {
    public static final Score EMPTY = new Score(new long[0], new int[0]);
    private final long[] micros;
    private final int[] messages;

    private Score(long[] micros, int[] messages) {
        this.micros = micros;
        this.messages = messages;
    }

    /** Collects what is to be played, in any order. */
    public static final class Builder {
        /** At one moment what ends comes first, then what sets sounds, then what begins. */
        private record Entry(long micros, int rank, int message) {
        }

        private final List<Entry> entries = new ArrayList<>();

        public void add(long at, int message) {
            entries.add(new Entry(at, Messages.isNoteOff(message) ? 0 : Messages.isNoteOn(message) ? 2 : 1, message));
        }

        /** A note from a moment to another. */
        public void note(long from, long to, int channel, int pitch, int velocity, int release) {
            add(from, Messages.noteOn(channel, pitch, velocity));
            add(Math.max(from + 1, to), Messages.noteOff(channel, pitch, release));
        }

        public Score build() {
            entries.sort(Comparator.comparingLong(Entry::micros).thenComparingInt(Entry::rank));
            return new Score(entries.stream().mapToLong(Entry::micros).toArray(), entries.stream().mapToInt(Entry::message).toArray());
        }
    }

    public int size() {
        return micros.length;
    }

    public long micros(int index) {
        return micros[index];
    }

    public int message(int index) {
        return messages[index];
    }

    /** When the last message is due, in microseconds. */
    public long end() {
        return micros.length == 0 ? 0 : micros[micros.length - 1];
    }

    /** The index of the first message that is due at a moment or later. */
    int from(long at) {
        int low = 0;
        int high = micros.length;
        while (low < high) {
            int middle = (low + high) / 2;
            if (micros[middle] < at) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }

    /**
     * What sounds at a moment, by notes that began before it.
     *
     * @param velocities takes for each channel and pitch (channel × 128 + pitch) the velocity, 0 where nothing sounds
     * @param counts how often each is held
     */
    void soundingAt(long at, int[] velocities, int[] counts) {
        Arrays.fill(velocities, 0);
        Arrays.fill(counts, 0);
        for (int i = 0; i < micros.length && micros[i] < at; i++) {
            int key = Messages.channel(messages[i]) << 7 | Messages.first(messages[i]);
            if (Messages.isNoteOn(messages[i])) {
                velocities[key] = Messages.second(messages[i]);
                counts[key]++;
            } else if (Messages.isNoteOff(messages[i]) && counts[key] > 0) {
                counts[key]--;
            }
        }
    }
}
