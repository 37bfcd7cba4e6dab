package amberfence.notes;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;

class TimeMapTest {
    @Test
    void countsBarsAndBeatsInSixEight() {
        TimeMap time = TimeMap.of(480, 555_556, 6, 8);
        assertThat(time.position(0).text()).isEqualTo("1:1");
        assertThat(time.position(1440 + 720).text()).isEqualTo("2:4");
        assertThat(time.position(1440 + 725).text()).isEqualTo("2:4:5");
        assertThat(time.tick(new BarPosition(3, 2, 0))).isEqualTo(2 * 1440 + 240);
    }

    @Test
    void beginsABarWhereTheMetreChangesEvenInTheMiddleOfOne() {
        TimeMap time = new TimeMap(96, List.of(new Tempo(0, 500_000)), List.of(new Metre(0, 4, 4), new Metre(500, 3, 4)));
        assertThat(time.position(499).text()).isEqualTo("2:2:19");
        assertThat(time.position(500).text()).isEqualTo("3:1");
        assertThat(time.barStart(4)).isEqualTo(500 + 3 * 96);
    }

    @Test
    void saysEachMetreOnceAndHowFarTheTempoGoes() {
        TimeMap time = new TimeMap(96, List.of(new Tempo(0, 500_000), new Tempo(960, 1_000_000), new Tempo(1920, 600_000)),
                List.of(new Metre(0, 4, 4), new Metre(384, 3, 4), new Metre(960, 4, 4)));
        assertThat(time.metresText()).isEqualTo("4/4, 3/4");
        assertThat(time.temposText()).isEqualTo("60–120");
        assertThat(TimeMap.of(96, 500_000, 6, 8).temposText()).isEqualTo("120");
    }

    /** Source: tempo-example.mid, onsets confirmed by mido, @tonejs/midi, javax.sound.midi and JZZ (checks MIDI-24). */
    @Test
    void turnsTicksIntoSecondsOverTempoChanges() {
        TimeMap time = new TimeMap(480, List.of(new Tempo(0, 500_000), new Tempo(1920, 1_000_000), new Tempo(3840, 666_667)),
                List.of(new Metre(0, 4, 4)));
        double[] onsets = {0, .5, 1, 1.5, 2, 3, 4, 5, 6, 6.666667, 7.333334, 8.000001, 8.666668};
        for (int i = 0; i < onsets.length; i++) {
            assertThat(time.seconds(480L * i)).isCloseTo(onsets[i], Offset.offset(2e-6));
        }
    }

    @Provide
    Arbitrary<TimeMap> timeMaps() {
        Arbitrary<Metre> metres = Combinators.combine(Arbitraries.longs().between(1, 20_000),
                Arbitraries.integers().between(1, 13), Arbitraries.of(1, 2, 4, 8, 16, 32, 64)).as(Metre::new);
        return Combinators.combine(Arbitraries.integers().between(16, 2000), metres.list().ofMaxSize(4),
                Arbitraries.integers().between(1, 9)).as((resolution, more, beats) -> {
                    List<Metre> all = new ArrayList<>(List.of(new Metre(0, beats, 4)));
                    more.stream().sorted(Comparator.comparingLong(Metre::tick))
                            .filter(metre -> all.stream().noneMatch(m -> m.tick() == metre.tick())).forEach(all::add);
                    return new TimeMap(resolution, List.of(new Tempo(0, Tempo.USUAL)), all);
                });
    }

    @Property(tries = 400)
    void comesBackFromBarBeatAndTick(@ForAll("timeMaps") TimeMap time, @ForAll long seed) {
        long tick = Math.floorMod(seed, 60_000);
        BarPosition position = time.position(tick);
        assertThat(time.tick(position)).isEqualTo(tick);
        assertThat(position.beat()).isBetween(1, time.metreAt(tick).numerator());
    }

    @Property(tries = 200)
    void positionsNeverGoBack(@ForAll("timeMaps") TimeMap time, @ForAll long seed) {
        long tick = Math.floorMod(seed, 30_000);
        BarPosition here = time.position(tick);
        BarPosition next = time.position(tick + 1);
        assertThat(next.bar() * 1e6 + next.beat() * 1e3).isGreaterThanOrEqualTo(here.bar() * 1e6 + here.beat() * 1e3);
        assertThat(time.barStart(here.bar())).isLessThanOrEqualTo(tick);
        assertThat(time.barStart(here.bar() + 1)).isGreaterThan(tick);
    }
}
