package amberfence.sound;

import amberfence.notes.Line;
import amberfence.notes.TimeMap;
import amberfence.words.Texts;
import java.util.concurrent.locks.LockSupport;
import java.util.function.IntConsumer;
import java.util.function.LongSupplier;

/** A simulated keyboard: plays a written performance into what a keyboard would play into, in real time. */
public final class Performance {
    private static final long MICRO = 1000;
    private static final long LONGEST_PAUSE = 2_000_000;
    private final Score score;
    private final IntConsumer keyboard;
    private final LongSupplier nanos;
    private long zero;
    private int next;
    private volatile Thread thread;

    /**
     * @param line the performance
     * @param keyboard takes the messages that a keyboard would send
     * @param nanos the clock
     */
    public Performance(Line line, TimeMap time, IntConsumer keyboard, LongSupplier nanos) {
        Tempi tempi = new Tempi(time);
        Score.Builder builder = new Score.Builder();
        line.notes().forEach(note -> builder.note(tempi.micros(note.start()), tempi.micros(note.end()), 0, note.pitch(),
                note.velocity(), note.release()));
        this.score = builder.build();
        this.keyboard = keyboard;
        this.nanos = nanos;
    }

    /** Begins now. */
    public void begin() {
        zero = nanos.getAsLong();
        next = 0;
    }

    /** Plays what is due. Returns how many nanoseconds may pass until the next, or −1 when all is played. */
    public long step() {
        while (next < score.size() && zero + score.micros(next) * MICRO <= nanos.getAsLong()) {
            keyboard.accept(score.message(next++));
        }
        return next == score.size() ? -1 : Math.min(LONGEST_PAUSE, Math.max(1, zero + score.micros(next) * MICRO - nanos.getAsLong()));
    }

    /** Plays all of it on a thread of its own. */
    public void start() {
        stop();
        thread = new Thread(() -> {
            begin();
            for (long pause = step(); pause > 0 && !Thread.currentThread().isInterrupted(); pause = step()) {
                LockSupport.parkNanos(pause);
            }
            letGo();
        }, Texts.say("simulated keyboard"));
        thread.setDaemon(true);
        thread.start();
    }

    /** Lets go of the keys that are down. */
    private void letGo() {
        for (; next < score.size(); next++) {
            if (Messages.isNoteOff(score.message(next))) {
                keyboard.accept(score.message(next));
            }
        }
    }

    public void stop() {
        Thread old = thread;
        if (old != null) {
            old.interrupt();
        }
    }

    public boolean isPlaying() {
        Thread now = thread;
        return now != null && now.isAlive();
    }
}
