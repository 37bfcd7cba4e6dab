package amberfence.sound;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.File;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Arrays;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * SoundFonts that are damaged: played as far as they go, or told in a sentence; the target stays as it was. The good one is
 * written by the JDK itself from the sounds that it has built in.
 */
class DamagedSoundsTest {
    private static final int COUNT = Integer.getInteger("amberfence.damagedSounds", 60);

    private static byte[] good(Path folder) throws Exception {
        File file = folder.resolve("good.sf2").toFile();
        Class<?> emergency = Class.forName("com.sun.media.sound.EmergencySoundbank");
        Object bank = emergency.getMethod("createSoundbank").invoke(null);
        bank.getClass().getMethod("save", File.class).invoke(bank, file);
        return Files.readAllBytes(file.toPath());
    }

    private static byte[] damaged(byte[] good, Random random, int kind) {
        byte[] bytes = good.clone();
        // The lists of instruments stand behind the samples, at the end.
        int tail = Math.min(bytes.length, 60_000);
        switch (kind % 4) {
            case 0 -> bytes = Arrays.copyOf(bytes, random.nextInt(bytes.length));
            case 1 -> bytes[random.nextInt(400)] ^= (byte) (1 << random.nextInt(8));
            case 2 -> {
                for (int i = 0; i < 40; i++) {
                    bytes[bytes.length - 1 - random.nextInt(tail)] = (byte) random.nextInt(256);
                }
            }
            default -> {
                for (int i = 0; i < 8; i++) {
                    bytes[12 + random.nextInt(bytes.length - 12)] = (byte) 0xFF;
                }
            }
        }
        return bytes;
    }

    @Test
    void areToldInASentenceOrPlayedAndNeverHarmTheTarget(@TempDir Path folder) throws Exception {
        byte[] good = good(folder);
        Random random = new Random(9);
        Score.Builder builder = new Score.Builder();
        builder.add(0, Messages.program(0, 0));
        builder.note(0, 100_000, 0, 60, 90, 0);
        builder.note(0, 100_000, 9, 38, 90, 0);
        Score score = builder.build();
        int played = 0;
        int told = 0;
        for (int i = 0; i < COUNT; i++) {
            Path sounds = Files.write(folder.resolve("sounds.sf2"), damaged(good, random, i));
            Path target = Files.writeString(folder.resolve("precious.wav"), "precious");
            boolean[] whole = new boolean[1];
            try {
                Assertions.assertTimeout(Duration.ofMinutes(1), () -> whole[0] = SoundFile.writeTo(target, score, 0, 100_000,
                        Optional.of(sounds), share -> { }, () -> false), "damage " + i);
                assertThat(whole[0]).isTrue();
                assertThat(new String(Files.readAllBytes(target), 0, 4, StandardCharsets.US_ASCII)).isEqualTo("RIFF");
                played++;
            } catch (SoundsException e) {
                assertThat(e.getMessage()).startsWith(sounds.toString()).doesNotContain("Exception", "java.", "null", "!");
                assertThat(target).as("damage " + i).hasContent("precious");
                told++;
            }
        }
        System.out.printf("%d damaged SoundFonts: %d played, %d told in a sentence%n", COUNT, played, told);
        assertThat(told).isPositive();
        assertThat(played).as("some damage is only heard").isPositive();
    }
}
