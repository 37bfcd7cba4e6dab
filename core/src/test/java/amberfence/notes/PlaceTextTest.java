package amberfence.notes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PlaceTextTest {
    /** 6/8 and from bar 3 on 4/4, 480 ticks a quarter: a bar of 1440 ticks, then one of 1920. */
    private final TimeMap time = new TimeMap(480, List.of(new Tempo(0, Tempo.USUAL)), List.of(new Metre(0, 6, 8), new Metre(2880, 4, 4)));

    @ParameterizedTest
    @CsvSource({"0, 1:1", "240, 1:2", "360, 1:2.5", "2880, 3:1", "3000, 3:1.25", "3040, 3:1.33", "3359, 3:1.99", "4800, 4:1"})
    void writesBarBeatAndTheFractionOfTheBeat(long tick, String text) {
        assertThat(PlaceText.of(time, tick)).isEqualTo(text);
    }

    @ParameterizedTest
    @CsvSource({"1, 0", "2, 1440", "1:2, 240", "1:2.5, 360", "3:1.25, 3000", "'3:1,25', 3000", "' 4 : 1 ', 4800"})
    void readsThem(String text, long tick) {
        assertThat(PlaceText.parse(time, text)).isEqualTo(tick);
    }

    @Property
    void whatItWritesIsReadToAHundredthOfABeat(@ForAll @LongRange(max = 40_000) long tick) {
        double slack = 0.0101 * 4 * 480 / time.metreAt(tick).denominator();
        assertThat((double) PlaceText.parse(time, PlaceText.of(time, tick))).isBetween(tick - slack, tick + slack);
    }

    @Test
    void lengthsAreBeatsOfTheMetreWhereTheyBegin() {
        assertThat(PlaceText.beats(time, 0, 480)).isEqualTo("2");
        assertThat(PlaceText.beats(time, 2880, 480)).isEqualTo("1");
        assertThat(PlaceText.beats(time, 2880, 1000)).isEqualTo("2.08");
        assertThat(PlaceText.ticks(time, 2880, "1,5")).isEqualTo(720);
        assertThat(PlaceText.ticks(time, 0, ".5")).isEqualTo(120);
        assertThat(PlaceText.ticks(time, 0, "0")).as("a note is at least a tick long").isEqualTo(1);
    }

    @ParameterizedTest
    @CsvSource({"0:1", "3:0", "three", "3:2:1", "-1", "''", "3.5"})
    void refusesWhatIsNoPlace(String text) {
        assertThatThrownBy(() -> PlaceText.parse(time, text)).isInstanceOf(IllegalArgumentException.class).hasMessageContaining("such as 3:2");
    }
}
