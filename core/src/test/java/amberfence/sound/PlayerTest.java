package amberfence.sound;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class PlayerTest {
    private final Clock clock = new Clock();
    private final RecordedOutput output = new RecordedOutput(clock);
    private final List<String> troubles = new ArrayList<>();
    private final Sounding sounding = new Sounding(output, SilentOutput::new, troubles::add);
    private final Player player = new Player(sounding, clock);

    /** Notes as pitch, from and to in milliseconds. */
    private static Score score(int... pitchFromTo) {
        Score.Builder builder = new Score.Builder();
        for (int i = 0; i < pitchFromTo.length; i += 3) {
            builder.note(pitchFromTo[i + 1] * 1000L, pitchFromTo[i + 2] * 1000L, 0, pitchFromTo[i], 80, 0);
        }
        return builder.build();
    }

    private void passMillis(int millis) {
        clock.pass(player, millis * 1000L);
    }

    @Test
    void playsEachNoteAtItsTime() {
        player.play(score(60, 0, 500, 62, 500, 900), 0, 1_000_000);
        passMillis(2000);
        assertThat(Heard.notes(output)).containsExactly("on 60 @ 0", "off 60 @ 500", "on 62 @ 500", "off 62 @ 900");
        assertThat(player.isPlaying()).isFalse();
        assertThat(player.position()).isEqualTo(1_000_000);
    }

    @Test
    void beginsInTheMiddleWithTheSoundsAndTheHeldNotesOfThatMoment() {
        Score.Builder builder = new Score.Builder();
        builder.add(0, Messages.program(0, 20));
        builder.add(100_000, Messages.program(0, 21));
        builder.add(200_000, Messages.control(0, 7, 90));
        builder.note(0, 1_000_000, 0, 60, 80, 0);
        builder.note(100_000, 200_000, 0, 64, 80, 0);
        player.play(builder.build(), 500_000, 2_000_000);
        assertThat(output.size()).isEqualTo(3);
        assertThat(List.of(output.message(0), output.message(1))).containsExactlyInAnyOrder(Messages.program(0, 21),
                Messages.control(0, 7, 90));
        assertThat(Heard.notes(output)).containsExactly("on 60 @ 0");
        passMillis(600);
        assertThat(Heard.stuck(output)).isZero();
    }

    @Test
    void goesRoundInALoopWithoutAStuckNoteAndWithoutDrifting() {
        player.loop(0, 250_000);
        player.play(score(60, 0, 400, 62, 100, 150), 0, 10_000_000);
        passMillis(1049);
        assertThat(Heard.notes(output)).containsSubsequence("on 60 @ 0", "on 62 @ 100", "off 62 @ 150", "off 60 @ 250", "on 60 @ 250",
                "on 62 @ 350", "off 60 @ 500", "on 60 @ 500", "off 60 @ 1000", "on 60 @ 1000");
        player.stop();
        assertThat(Heard.stuck(output)).isZero();
    }

    @Test
    void isExchangedWhilePlayingWithoutAGap() {
        player.play(score(60, 0, 1000, 64, 0, 1000), 0, 2_000_000);
        passMillis(300);
        player.exchange(score(60, 0, 1000, 65, 0, 1000, 67, 500, 900), 2_000_000);
        assertThat(Heard.notes(output)).containsExactlyInAnyOrder("on 60 @ 0", "on 64 @ 0", "off 64 @ 300", "on 65 @ 300");
        passMillis(1700);
        assertThat(Heard.notes(output)).contains("on 67 @ 500", "off 60 @ 1000", "off 65 @ 1000").doesNotContain("on 60 @ 300");
        assertThat(Heard.stuck(output)).isZero();
    }

    @Test
    void stopsAtOnceAndTellsWhere() {
        player.play(score(60, 0, 1000), 0, 2_000_000);
        passMillis(400);
        player.stop();
        assertThat(Heard.stuck(output)).isZero();
        assertThat(player.position()).isEqualTo(400_000);
        passMillis(400);
        assertThat(player.position()).isEqualTo(400_000);
    }

    @Test
    void aDeviceThatIsPulledOutIsToldOnceAndPlayingGoesOn() {
        player.play(score(60, 0, 500, 62, 500, 900, 64, 900, 1000), 0, 2_000_000);
        passMillis(100);
        output.breakDown();
        passMillis(1800);
        assertThat(troubles).hasSize(1);
        assertThat(troubles.get(0)).isEqualTo("simulated output does not answer any more (the simulated output was pulled out); "
                + "going on with silence");
        assertThat(player.isPlaying()).isTrue();
        passMillis(200);
        assertThat(player.isPlaying()).isFalse();
    }

    @Test
    void twoWhoHoldOnePitchEndItTogether() {
        sounding.on(0, 60, 80);
        player.play(score(60, 0, 100), 0, 200_000);
        passMillis(150);
        assertThat(sounding.isSounding(0, 60)).isTrue();
        sounding.off(0, 60, 0);
        assertThat(Heard.stuck(output)).isZero();
        assertThat(Heard.notes(output)).filteredOn(note -> note.startsWith("on")).hasSize(2);
        assertThat(Heard.notes(output)).filteredOn(note -> note.startsWith("off")).hasSize(2);
    }

    /** Five minutes of a dense song: each message goes out when it is due, the last no later than the first. */
    @Test
    void nothingDriftsOverFiveMinutes() {
        Score.Builder builder = new Score.Builder();
        for (int i = 0; i < 30_000; i++) {
            builder.note(i * 10_000L, i * 10_000L + 9_000, i % 16, 40 + i % 40, 80, 0);
        }
        Score dense = builder.build();
        player.play(dense, 0, 300_000_000);
        passMillis(300_000);
        assertThat(output.size()).isEqualTo(dense.size());
        for (int i = 0; i < dense.size(); i++) {
            assertThat(output.time(i) - 1_000_000 - dense.micros(i) * 1000).isBetween(0L, 1000L);
        }
    }

    @Test
    void aPedalAndABendThatWereLeftDownAreTakenBackWhenItStops() {
        Score.Builder builder = new Score.Builder();
        builder.add(0, Messages.control(3, Messages.SUSTAIN, 127));
        builder.add(0, Messages.of(0xE4, 0, 90));
        builder.add(0, Messages.control(5, Messages.VOLUME, 90));
        builder.note(0, 1_000_000, 3, 60, 80, 0);
        player.play(builder.build(), 0, 2_000_000);
        passMillis(100);
        output.clear();
        player.stop();
        assertThat(output.size()).isEqualTo(3);
        assertThat(output.message(0)).isEqualTo(Messages.noteOff(3, 60, 0));
        assertThat(List.of(output.message(1), output.message(2))).containsExactly(Messages.control(3, Messages.RESET, 0),
                Messages.control(4, Messages.RESET, 0));
    }

    @Test
    void knowsAfterwardsWhereItWasInEveryRoundOfALoop() {
        long begin = clock.getAsLong();
        player.loop(100_000, 350_000);
        player.play(score(60, 0, 400), 100_000, 10_000_000);
        passMillis(700);
        player.stop();
        passMillis(300);
        assertThat(player.positionAt(begin + 50_000_000)).as("first round").isEqualTo(150_000);
        assertThat(player.positionAt(begin + 260_000_000)).as("second round").isEqualTo(110_000);
        assertThat(player.positionAt(begin + 500_000_000)).as("third round").isEqualTo(100_000);
        assertThat(player.positionAt(begin - 1)).as("before it began").isNegative();
    }

    @Test
    void knowsWhereItWasAlsoWhenItIsAskedLongAfterTheSongEnded() {
        long begin = clock.getAsLong();
        player.play(score(60, 0, 400), 0, 500_000);
        passMillis(900);
        assertThat(player.isPlaying()).isFalse();
        assertThat(player.positionAt(begin + 250_000_000)).isEqualTo(250_000);
    }
}
