package amberfence.sound;

import amberfence.format.Format;
import amberfence.format.WholeFile;
import amberfence.words.Texts;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.lang.reflect.InvocationTargetException;
import java.nio.file.Path;
import java.util.Map;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.MidiUnavailableException;
import javax.sound.midi.Receiver;
import javax.sound.midi.Synthesizer;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;

/** Renders a score to a WAV file with the JDK's synthesizer, without any device and faster than it sounds. */
public final class SoundFile {
    /** A sound file is rendered, not written from a song alone. */
    public static final Format FORMAT = new Format() {
        @Override
        public String title() {
            return Texts.say("sound file");
        }

        @Override
        public List<String> endings() {
            return List.of("wav");
        }
    };

    public static final int RATE = 44_100;
    /** How long the last notes may ring on, in microseconds. */
    public static final long TAIL = 2_000_000;
    private static final int CHANNELS = 2;
    private static final int BITS = 16;
    /** Leaves room above a full mix, so that nothing is cut off at the top. */
    private static final int HEADROOM = 90;
    private static final int MASTER_VOLUME_EVERYWHERE = Messages.VOLUME;

    private SoundFile() {
    }

    /** How many frames (samples of both channels) a stretch of a score becomes. */
    public static long frames(long from, long to) {
        return Math.round((to - from + TAIL) * (double) RATE / 1_000_000);
    }

    /**
     * Writes a WAV file of 16 bits, stereo.
     *
     * @param from where to begin, in microseconds of the score
     * @param to what begins later is not heard
     * @param sounds a SoundFont 2 or DLS file
     * @param progress is told the share that is done
     * @param stopped while it tells true, the work is given up
     * @return whether the file was written to its end
     */
    public static boolean write(Score score, long from, long to, Optional<Path> sounds, OutputStream out, DoubleConsumer progress,
                                BooleanSupplier stopped) throws IOException {
        AudioFormat format = new AudioFormat(RATE, BITS, CHANNELS, true, false);
        long frames = frames(from, to);
        try (Synthesizer synthesizer = MidiSystem.getSynthesizer()) {
            AudioInputStream stream = open(synthesizer, format);
            SynthesizerOutput.load(synthesizer, sounds);
            send(score, from, to, synthesizer.getReceiver());
            long bytes = frames * format.getFrameSize();
            InputStream watched = new Watched(stream, bytes, progress, stopped);
            AudioSystem.write(new AudioInputStream(watched, format, frames), AudioFileFormat.Type.WAVE, out);
            return !stopped.getAsBoolean();
        } catch (MidiUnavailableException e) {
            throw new IOException(Texts.say("the synthesizer of this Java cannot be used: %s", e.getMessage()), e);
        }
    }

    /**
     * Writes a WAV file on the disk, whole or not at all; see {@link #write}.
     *
     * @throws SoundsException when the file of sounds cannot be used
     */
    public static boolean writeTo(Path target, Score score, long from, long to, Optional<Path> sounds, DoubleConsumer progress,
                                  BooleanSupplier stopped) throws IOException {
        WholeFile.check(target);
        try {
            return WholeFile.write(target, out -> write(score, from, to, sounds, out, progress, stopped));
        } catch (RuntimeException | OutOfMemoryError e) {
            if (sounds.isPresent()) {
                throw new SoundsException(Texts.say(SoundBankFile.DAMAGED, sounds.get()), e);
            }
            throw e;
        }
    }

    /** The synthesizer of the JDK can be read from like a file; that way in has no public name. */
    private static AudioInputStream open(Synthesizer synthesizer, AudioFormat format) throws IOException {
        try {
            Class<?> type = Class.forName("com.sun.media.sound.AudioSynthesizer");
            return (AudioInputStream) type.getMethod("openStream", AudioFormat.class, Map.class).invoke(synthesizer, format, Map.of());
        } catch (ReflectiveOperationException e) {
            String why = e instanceof InvocationTargetException wrapped ? wrapped.getCause().getMessage() : e.getMessage();
            throw new IOException(Texts.say("this Java does not let its synthesizer be read from (%s); start it with --add-exports "
                    + "java.desktop/com.sun.media.sound=ALL-UNNAMED", why), e);
        }
    }

    private static void send(Score score, long from, long to, Receiver receiver) {
        for (int channel = 0; channel < 16; channel++) {
            receiver.send(JavaMessages.of(Messages.control(channel, MASTER_VOLUME_EVERYWHERE, HEADROOM)), 0);
        }
        int[] open = new int[16 * 128];
        for (int i = 0; i < score.size(); i++) {
            int message = score.message(i);
            long at = score.micros(i);
            int key = Messages.channel(message) << 7 | Messages.first(message);
            boolean inside = at >= from && at < to;
            if (Messages.isNoteOn(message) ? inside : !Messages.isNoteOff(message) || open[key] > 0) {
                open[key] += Messages.isNoteOn(message) ? 1 : Messages.isNoteOff(message) ? -1 : 0;
                receiver.send(JavaMessages.of(message), Math.max(0, Math.min(at, to) - from));
            }
        }
    }

    /** Tells how far the reading has come, and ends early when it is stopped. */
    private static final class Watched extends InputStream {
        private final InputStream in;
        private final long all;
        private final DoubleConsumer progress;
        private final BooleanSupplier stopped;
        private long read;

        Watched(InputStream in, long all, DoubleConsumer progress, BooleanSupplier stopped) {
            this.in = in;
            this.all = all;
            this.progress = progress;
            this.stopped = stopped;
        }

        @Override
        public int read() throws IOException {
            byte[] one = new byte[1];
            return read(one, 0, 1) < 0 ? -1 : one[0] & 0xFF;
        }

        @Override
        public int read(byte[] bytes, int offset, int length) throws IOException {
            int wanted = (int) Math.min(length, all - read);
            if (wanted <= 0 || stopped.getAsBoolean()) {
                return -1;
            }
            int count = in.read(bytes, offset, wanted);
            read += Math.max(0, count);
            progress.accept(read / (double) all);
            return count;
        }
    }
}
