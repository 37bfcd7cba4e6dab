package amberfence.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class SoundFileTest {
    private static final int DRAWBAR_ORGAN = 16;

    private static byte[] render(Score score, long from, long to) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        assertThat(SoundFile.write(score, from, to, Optional.empty(), out, share -> { }, () -> false)).isTrue();
        return out.toByteArray();
    }

    private static Score note(int pitch, long micros) {
        Score.Builder builder = new Score.Builder();
        builder.add(0, Messages.program(0, DRAWBAR_ORGAN));
        builder.note(0, micros, 0, pitch, 100, 0);
        return builder.build();
    }

    /** The left channel, −1 to 1. */
    private static double[] samples(byte[] wav) throws Exception {
        try (AudioInputStream in = AudioSystem.getAudioInputStream(new ByteArrayInputStream(wav))) {
            assertThat(in.getFormat().getSampleRate()).isEqualTo(SoundFile.RATE);
            byte[] bytes = in.readAllBytes();
            double[] samples = new double[bytes.length / 4];
            for (int i = 0; i < samples.length; i++) {
                samples[i] = (short) (bytes[4 * i] & 0xFF | bytes[4 * i + 1] << 8) / 32768.0;
            }
            return samples;
        }
    }

    /** The strength of a frequency in a stretch, under a Hann window. */
    private static double strength(double[] samples, int from, int length, double frequency) {
        double real = 0;
        double imaginary = 0;
        for (int i = 0; i < length; i++) {
            double window = 0.5 - 0.5 * Math.cos(2 * Math.PI * i / length);
            double angle = 2 * Math.PI * frequency * i / SoundFile.RATE;
            real += window * samples[from + i] * Math.cos(angle);
            imaginary += window * samples[from + i] * Math.sin(angle);
        }
        return Math.hypot(real, imaginary);
    }

    /** Equal temperament at A4 = 440 Hz: 440 · 2^((n − 69) / 12) (ISO 16 for the A). */
    @Test
    void everyNoteHasItsFrequencyWithinThreeCents() throws Exception {
        for (int pitch : new int[] {45, 57, 60, 69, 76, 81}) {
            double[] samples = samples(render(note(pitch, 2_000_000), 0, 2_000_000));
            double wanted = 440 * Math.pow(2, (pitch - 69) / 12.0);
            double best = 0;
            double bestCents = 99;
            for (double cents = -30; cents <= 30; cents += 0.5) {
                double strength = strength(samples, SoundFile.RATE / 2, SoundFile.RATE, wanted * Math.pow(2, cents / 1200));
                if (strength > best) {
                    best = strength;
                    bestCents = cents;
                }
            }
            assertThat(Math.abs(bestCents)).as("note %d", pitch).isLessThanOrEqualTo(3);
        }
    }

    @Test
    void isAsLongAsItShouldBeToTheSample() throws Exception {
        for (long micros : new long[] {100_000, 333_333, 1_000_001}) {
            double[] samples = samples(render(note(60, micros), 0, micros));
            assertThat(samples.length).isEqualTo((int) Math.round((micros + SoundFile.TAIL) * 0.0441));
        }
    }

    @Test
    void theSameSongIsTheSameFile() throws Exception {
        assertThat(render(note(60, 500_000), 0, 500_000)).isEqualTo(render(note(60, 500_000), 0, 500_000));
    }

    @Test
    void aFullMixIsNotCutOffAtTheTop() throws Exception {
        Score.Builder builder = new Score.Builder();
        for (int channel = 0; channel < 8; channel++) {
            builder.add(0, Messages.program(channel, DRAWBAR_ORGAN));
            for (int pitch = 48; pitch < 72; pitch += 4) {
                builder.note(0, 1_000_000, channel, pitch + channel % 4, 127, 0);
            }
        }
        double[] samples = samples(render(builder.build(), 0, 1_000_000));
        double peak = 0;
        for (double sample : samples) {
            peak = Math.max(peak, Math.abs(sample));
        }
        assertThat(peak).isBetween(0.05, 0.999);
    }

    @Test
    void aPartOfTheSongBeginsWhereItIsAskedAndIsSilentBefore() throws Exception {
        Score.Builder builder = new Score.Builder();
        builder.note(1_000_000, 1_500_000, 0, 69, 100, 0);
        double[] samples = samples(render(builder.build(), 900_000, 1_600_000));
        double early = 0;
        for (int i = 0; i < SoundFile.RATE / 20; i++) {
            early = Math.max(early, Math.abs(samples[i]));
        }
        assertThat(early).isLessThan(0.001);
        double heard = strength(samples, SoundFile.RATE / 5, SoundFile.RATE / 5, 440);
        for (double other : new double[] {392, 494}) {
            assertThat(heard).as("A4 is 440 Hz (ISO 16), a whole tone beside it is silent").isGreaterThan(
                    5 * strength(samples, SoundFile.RATE / 5, SoundFile.RATE / 5, other));
        }
    }

    @Test
    void tellsItsProgressAndIsStopped(@TempDir Path folder) throws IOException {
        double[] last = new double[1];
        boolean[] stop = new boolean[1];
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        boolean done = SoundFile.write(note(60, 60_000_000), 0, 60_000_000, Optional.empty(), out, share -> {
            last[0] = share;
            stop[0] = share > 0.05;
        }, () -> stop[0]);
        assertThat(done).isFalse();
        assertThat(last[0]).isBetween(0.05, 0.5);
        Path text = Files.writeString(folder.resolve("no.sf2"), "no sounds");
        assertThatThrownBy(() -> SoundFile.write(note(60, 1000), 0, 1000, Optional.of(text), out, share -> { }, () -> false))
                .isInstanceOf(IOException.class).hasMessageContaining("holds no sounds that can be read");
    }
}
