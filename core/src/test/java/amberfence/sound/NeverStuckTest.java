package amberfence.sound;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.notes.ChordBank;
import amberfence.theory.Key;
import amberfence.theory.PitchClassSet;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Whatever is pressed, changed, stopped, exchanged or pulled out: every note that was begun is ended. */
class NeverStuckTest {
    private static Score score(Random random) {
        Score.Builder builder = new Score.Builder();
        for (int i = random.nextInt(40); i >= 0; i--) {
            long from = random.nextInt(2_000_000);
            builder.note(from, from + 1 + random.nextInt(800_000), random.nextInt(3), 50 + random.nextInt(20), 80, 0);
        }
        return builder.build();
    }

    private static void act(Random random, LiveKeys keys, Player player, Sounding sounding, Clock clock) {
        switch (random.nextInt(16)) {
            case 0, 1, 2, 3 -> keys.press(48 + random.nextInt(24), 1 + random.nextInt(127));
            case 4, 5, 6 -> keys.release(48 + random.nextInt(24), 0);
            case 7 -> keys.surround(new PitchClassSet(random.nextInt(4096)), List.of(0, 4 + random.nextInt(3), 7));
            case 8 -> {
                keys.setOutside(Outside.values()[random.nextInt(5)]);
                keys.setMode(LiveKeys.Mode.values()[random.nextInt(3)]);
                keys.setChannel(random.nextInt(3));
                keys.setTurn(random.nextInt(4), random.nextInt(3) - 1);
                keys.setModifiers(random.nextInt(2), random.nextInt(2));
                keys.setStrum(random.nextInt(3) * 40);
            }
            case 9 -> keys.setBank(ChordBank.of(Key.parse("C major"), 3 + random.nextInt(2)).with(50, List.of(60, 64, 67)));
            case 10 -> player.play(score(random), random.nextInt(1_000_000), 2_500_000);
            case 11 -> player.exchange(score(random), 2_500_000);
            case 12 -> player.stop();
            case 13 -> player.loop(random.nextInt(500_000), random.nextInt(1_000_000));
            case 14 -> keys.learn(random.nextBoolean() ? 50 : -1);
            default -> keys.receive(Messages.control(0, Messages.SUSTAIN, random.nextInt(128)));
        }
        clock.pass(player, random.nextInt(200_000));
        keys.strum();
    }

    @Test
    void everyNoteOnGetsItsNoteOff() {
        for (int round = 0; round < 300; round++) {
            Random random = new Random(round);
            Clock clock = new Clock();
            RecordedOutput output = new RecordedOutput(clock);
            Sounding sounding = new Sounding(output, SilentOutput::new, trouble -> { });
            Player player = new Player(sounding, clock);
            LiveKeys keys = new LiveKeys(sounding, clock);
            for (int i = 0; i < 80; i++) {
                act(random, keys, player, sounding, clock);
            }
            player.stop();
            keys.releaseAll();
            assertThat(Heard.stuck(output)).as("round %d", round).isZero();
            assertThat(Heard.notes(output).stream().filter(note -> note.startsWith("on")).count())
                    .isEqualTo(Heard.notes(output).stream().filter(note -> note.startsWith("off")).count());
        }
    }

    @Test
    void anOutputThatBreaksDownInTheMiddleIsReplacedByOneThatHasNothingStuckEither() {
        for (int round = 0; round < 100; round++) {
            Random random = new Random(round);
            Clock clock = new Clock();
            RecordedOutput first = new RecordedOutput(clock);
            RecordedOutput second = new RecordedOutput(clock);
            int[] told = new int[1];
            Sounding sounding = new Sounding(first, () -> second, trouble -> told[0]++);
            Player player = new Player(sounding, clock);
            LiveKeys keys = new LiveKeys(sounding, clock);
            for (int i = 0; i < 60; i++) {
                if (i == 30) {
                    first.breakDown();
                }
                act(random, keys, player, sounding, clock);
            }
            player.stop();
            keys.releaseAll();
            assertThat(told[0]).isLessThanOrEqualTo(1);
            assertThat(Heard.stuck(second)).as("round %d", round).isZero();
        }
    }

    @Test
    void panicAndAnotherOutputEndEverything() {
        Clock clock = new Clock();
        RecordedOutput output = new RecordedOutput(clock);
        Sounding sounding = new Sounding(output, SilentOutput::new, trouble -> { });
        LiveKeys keys = new LiveKeys(sounding, clock);
        keys.press(60, 90);
        keys.press(64, 90);
        sounding.panic();
        assertThat(Heard.stuck(output)).isZero();
        assertThat(output.message(output.size() - 1)).isEqualTo(Messages.control(15, 120, 0));
        keys.release(60, 0);
        keys.press(67, 90);
        sounding.replace(new SilentOutput());
        assertThat(Heard.stuck(output)).isZero();
        assertThat(sounding.outputName()).isEqualTo("silence");
    }
}
