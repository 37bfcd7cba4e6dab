package amberfence.sound;

import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.Iterator;
import java.util.concurrent.locks.LockSupport;
import java.util.function.LongSupplier;

/**
 * Plays a score through an output in real time. What is played can be exchanged while it plays, without a gap: what both
 * have sounding goes on, the rest ends or begins at once. Whatever happens, every note that it began is ended by it.
 *
 * <p>Time is what the clock says: each message is due at a time computed from the beginning, so that nothing drifts.
 */
public final class Player {
    private static final int KEYS = 16 * 128;
    private static final long MICRO = 1000;
    private static final long LONGEST_PAUSE = 2_000_000;
    private static final long IDLE = 1_000_000_000;
    private static final int CONTROLLERS = 16 * 128;
    private static final int MOST_ANCHORS = 100_000;
    private final Sounding sounding;
    private final LongSupplier nanos;
    private final int[] mine = new int[KEYS];
    private final int[] velocities = new int[KEYS];
    private final int[] counts = new int[KEYS];
    /** Channels that a pedal, a bend or another controller may have left in another state. */
    private final boolean[] bent = new boolean[16];
    private Score score = Score.EMPTY;
    private int next;
    /** The clock when the score's beginning would have been. */
    private long zero;
    private long position;
    private long loopFrom;
    private long loopTo = Long.MAX_VALUE;
    private long end;
    private boolean playing;
    private Thread thread;
    /** Moments of the clock, each with the clock of the score's beginning from then on, the latest last. */
    private final ArrayDeque<long[]> anchors = new ArrayDeque<>();

    /** @param nanos a clock in nanoseconds */
    public Player(Sounding sounding, LongSupplier nanos) {
        this.sounding = sounding;
        this.nanos = nanos;
    }

    /**
     * Begins at a moment, in microseconds of the score; below 0 is a count-in.
     *
     * @param to where it stops
     */
    public synchronized void play(Score what, long from, long to) {
        releaseMine();
        score = what;
        long now = nanos.getAsLong();
        zero = now - from * MICRO;
        anchor(now);
        position = from;
        end = to;
        playing = true;
        chase(from);
        next = score.from(from);
        LockSupport.unpark(thread);
    }

    /** Goes round between two moments from now on, or no longer when the second is not later. */
    public synchronized void loop(long from, long to) {
        loopFrom = from;
        loopTo = to > from ? to : Long.MAX_VALUE;
    }

    /** Plays another score from where it is. */
    public synchronized void exchange(Score what, long to) {
        score = what;
        end = to;
        if (!playing) {
            return;
        }
        sendDue();
        long now = now();
        sendSettings(now);
        meet(now);
        next = score.from(now);
    }

    public synchronized void stop() {
        if (playing) {
            position = now();
        }
        playing = false;
        releaseMine();
    }

    public synchronized boolean isPlaying() {
        return playing;
    }

    /** Where it is, in microseconds of the score. */
    public synchronized long position() {
        return playing ? now() : position;
    }

    private void anchor(long clock) {
        anchors.addLast(new long[] {clock, zero});
        if (anchors.size() > MOST_ANCHORS) {
            anchors.removeFirst();
        }
    }

    /**
     * Where it was at a moment of the clock, in microseconds of the score, whatever it played since: each round of a loop has
     * its own moments. Also after it stopped; before it first played it is below 0.
     */
    public synchronized long positionAt(long clock) {
        Iterator<long[]> latest = anchors.descendingIterator();
        while (latest.hasNext()) {
            long[] anchor = latest.next();
            if (anchor[0] <= clock) {
                return (clock - anchor[1]) / MICRO;
            }
        }
        return -1;
    }

    private long now() {
        return (nanos.getAsLong() - zero) / MICRO;
    }

    /** Sends all that is due. Returns how many nanoseconds may pass until the next. */
    public synchronized long step() {
        if (!playing) {
            return IDLE;
        }
        sendDue();
        while (playing && now() >= Math.min(loopTo, end)) {
            if (loopTo <= end) {
                releaseMine();
                long turn = zero + loopTo * MICRO;
                zero += (loopTo - loopFrom) * MICRO;
                anchor(turn);
                chase(loopFrom);
                next = score.from(loopFrom);
                sendDue();
            } else {
                position = end;
                playing = false;
                releaseMine();
            }
        }
        long due = next < score.size() ? Math.min(score.micros(next), Math.min(loopTo, end)) : Math.min(loopTo, end);
        return Math.max(0, Math.min(LONGEST_PAUSE, zero + Math.min(due, Long.MAX_VALUE / MICRO / 4) * MICRO - nanos.getAsLong()));
    }

    private void sendDue() {
        long limit = Math.min(loopTo, end);
        long now = now();
        while (next < score.size() && score.micros(next) <= now && score.micros(next) < limit) {
            play(score.message(next++));
        }
    }

    private void play(int message) {
        int channel = Messages.channel(message);
        int pitch = Messages.first(message);
        if (Messages.isNoteOn(message)) {
            mine[channel << 7 | pitch]++;
            sounding.on(channel, pitch, Messages.second(message));
        } else if (Messages.isNoteOff(message)) {
            if (mine[channel << 7 | pitch] > 0) {
                mine[channel << 7 | pitch]--;
                sounding.off(channel, pitch, Messages.second(message));
            }
        } else {
            bent[channel] |= isMomentary(message);
            sounding.other(message);
        }
    }

    /** Whether it is undone by resetting the controllers of a channel; programs, banks, volume and place stay. */
    private static boolean isMomentary(int message) {
        int kind = Messages.kind(message);
        int controller = Messages.first(message);
        return kind == 0xE0 || kind == 0xD0 || kind == 0xB0 && (controller == 1 || controller == 11
                || controller >= Messages.SUSTAIN && controller <= 67);
    }

    private void releaseMine() {
        for (int key = 0; key < KEYS; key++) {
            while (mine[key] > 0) {
                mine[key]--;
                sounding.off(key >> 7, key & 0x7F, 0);
            }
        }
        for (int channel = 0; channel < bent.length; channel++) {
            if (bent[channel]) {
                bent[channel] = false;
                sounding.other(Messages.control(channel, Messages.RESET, 0));
            }
        }
    }

    /** The sounds as they are at a moment in the middle, and the notes that are held there. */
    private void chase(long at) {
        sendSettings(at);
        meet(at);
    }

    /** The last program, controller, bend and pressure of each channel before a moment. */
    private void sendSettings(long at) {
        int[] last = new int[CONTROLLERS + 3 * 16];
        Arrays.fill(last, -1);
        for (int i = 0; i < score.size() && score.micros(i) < at; i++) {
            int message = score.message(i);
            int channel = Messages.channel(message);
            switch (Messages.kind(message)) {
                case 0xB0 -> last[channel << 7 | Messages.first(message)] = message;
                case 0xC0 -> last[CONTROLLERS + channel] = message;
                case 0xD0 -> last[CONTROLLERS + 16 + channel] = message;
                case 0xE0 -> last[CONTROLLERS + 32 + channel] = message;
                default -> { }
            }
        }
        for (int message : last) {
            if (message >= 0) {
                bent[Messages.channel(message)] |= isMomentary(message);
                sounding.other(message);
            }
        }
    }

    /** Ends what the score does not have at a moment, begins what it has and does not sound yet; the rest goes on. */
    private void meet(long at) {
        score.soundingAt(at, velocities, counts);
        for (int key = 0; key < KEYS; key++) {
            while (mine[key] > counts[key]) {
                mine[key]--;
                sounding.off(key >> 7, key & 0x7F, 0);
            }
            while (mine[key] < counts[key]) {
                mine[key]++;
                sounding.on(key >> 7, key & 0x7F, velocities[key]);
            }
        }
    }

    /** Lets a thread of its own send what is due, until it is ended. */
    public synchronized void start() {
        if (thread == null) {
            thread = new Thread(this::run, "player");
            thread.setDaemon(true);
            thread.setPriority(Thread.MAX_PRIORITY);
            thread.start();
        }
    }

    private void run() {
        while (!Thread.currentThread().isInterrupted()) {
            long pause = step();
            if (pause > 0) {
                LockSupport.parkNanos(pause);
            }
        }
    }

    /** Stops, and ends the thread. */
    public synchronized void end() {
        stop();
        if (thread != null) {
            thread.interrupt();
            thread = null;
        }
    }
}
