package amberfence.sound;

import amberfence.words.Texts;
import java.util.Arrays;
import java.util.function.LongSupplier;

/** A simulated output that keeps what it was sent, with the time of each. */
public final class RecordedOutput implements SoundOutput {
    private final LongSupplier nanos;
    private long[] times = new long[1 << 12];
    private int[] messages = new int[1 << 12];
    private int size;
    private boolean broken;

    /** @param nanos the clock that stamps, in nanoseconds */
    public RecordedOutput(LongSupplier nanos) {
        this.nanos = nanos;
    }

    @Override
    public String name() {
        return Texts.say("simulated output");
    }

    @Override
    public synchronized void send(int message) {
        if (broken) {
            throw new IllegalStateException(Texts.say("the simulated output was pulled out"));
        }
        if (size == messages.length) {
            times = Arrays.copyOf(times, 2 * size);
            messages = Arrays.copyOf(messages, 2 * size);
        }
        times[size] = nanos.getAsLong();
        messages[size++] = message;
    }

    /** From now on it behaves like a device that was pulled out. */
    public synchronized void breakDown() {
        broken = true;
    }

    public synchronized int size() {
        return size;
    }

    /** A message in the order in which they came. */
    public synchronized int message(int index) {
        return messages[index];
    }

    /** When it came, in nanoseconds of the clock. */
    public synchronized long time(int index) {
        return times[index];
    }

    public synchronized void clear() {
        size = 0;
    }
}
