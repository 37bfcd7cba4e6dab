package amberfence.sound;

import amberfence.words.Texts;
import java.util.Arrays;
import java.util.function.Consumer;
import java.util.function.Supplier;

/**
 * All that sounds through one output: every note that was begun is ended, whoever began it, whatever happens to the output.
 * A pitch that is begun again while it sounds is struck again; it ends with the last who holds it. Any thread may call.
 */
public final class Sounding {
    private static final int KEYS = 16 * 128;
    private static final int ALL_SOUND_OFF = 120;
    private static final int ALL_NOTES_OFF = 123;
    private final int[] held = new int[KEYS];
    private final Supplier<SoundOutput> fallback;
    private final Consumer<String> trouble;
    private SoundOutput output;

    /**
     * @param fallback what to go on with when the output breaks down
     * @param trouble is told once for each breakdown, in a sentence
     */
    public Sounding(SoundOutput output, Supplier<SoundOutput> fallback, Consumer<String> trouble) {
        this.output = output;
        this.fallback = fallback;
        this.trouble = trouble;
    }

    public synchronized String outputName() {
        return output.name();
    }

    /** Begins a note. */
    public synchronized void on(int channel, int pitch, int velocity) {
        int key = channel << 7 | pitch;
        if (held[key] > 0) {
            send(Messages.noteOff(channel, pitch, 0));
        }
        // Counted only now: a breakdown forgets what was held.
        held[key]++;
        send(Messages.noteOn(channel, pitch, velocity));
    }

    /** Lets a note go; it ends when nobody else holds it. One that does not sound is no matter. */
    public synchronized void off(int channel, int pitch, int release) {
        int key = channel << 7 | pitch;
        if (held[key] > 0 && --held[key] == 0) {
            send(Messages.noteOff(channel, pitch, release));
        }
    }

    /** Sends what is no note: controllers, programs, bends, pressure. */
    public synchronized void other(int message) {
        send(message);
    }

    /** Whether a note sounds. */
    public synchronized boolean isSounding(int channel, int pitch) {
        return held[channel << 7 | pitch] > 0;
    }

    /** Ends everything at once, for good measure on every channel. */
    public synchronized void panic() {
        letGo();
        for (int channel = 0; channel < 16; channel++) {
            send(Messages.control(channel, Messages.SUSTAIN, 0));
            send(Messages.control(channel, ALL_NOTES_OFF, 0));
            send(Messages.control(channel, ALL_SOUND_OFF, 0));
        }
    }

    private void letGo() {
        for (int key = 0; key < KEYS; key++) {
            if (held[key] > 0) {
                held[key] = 0;
                send(Messages.noteOff(key >> 7, key & 0x7F, 0));
            }
        }
    }

    /** Goes on with another output; what sounded on the old one is ended there, which is closed. */
    public synchronized void replace(SoundOutput next) {
        letGo();
        SoundOutput old = output;
        output = next;
        close(old);
    }

    /** Ends everything and closes the output. */
    public synchronized void close() {
        replace(new SilentOutput());
    }

    private void send(int message) {
        try {
            output.send(message);
        } catch (RuntimeException e) {
            SoundOutput broken = output;
            output = fallback.get();
            close(broken);
            trouble.accept(Texts.say("%s does not answer any more (%s); going on with %s", broken.name(), e.getMessage(), output.name()));
            Arrays.fill(held, 0);
        }
    }

    private static void close(SoundOutput old) {
        try {
            old.close();
        } catch (Exception e) {
            // A device that has gone cannot be closed either.
        }
    }
}
