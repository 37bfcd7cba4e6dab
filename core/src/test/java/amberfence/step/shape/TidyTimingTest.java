package amberfence.step.shape;

import static amberfence.step.Doing.doing;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberfence.notes.Grid;
import amberfence.notes.GridLines;
import amberfence.notes.Metre;
import amberfence.notes.Tempo;
import amberfence.notes.TimeMap;
import amberfence.step.shape.TidyTiming.Ends;
import java.util.List;
import org.junit.jupiter.api.Test;

/** At 480 ticks a quarter a sixteenth is 120 ticks. */
class TidyTimingTest {
    private static TidyTiming on(String grid, Ends ends, int strength, int swing) {
        return new TidyTiming(Grid.parse(grid), ends, strength, swing);
    }

    @Test
    void drawsStartsToTheGridAndKeepsLengths() {
        doing(TidyTiming.USUAL).onTicks(5, 105, 118, 240, 200, 300).givesTicks(0, 100, 120, 242, 240, 340)
                .because("on 1/16: start 5 ticks earlier", "on 1/16: start 2 ticks later", "on 1/16: start 40 ticks later");
    }

    @Test
    void halfwayBetweenTwoLinesGoesToTheEarlier() {
        doing(TidyTiming.USUAL).onTicks(60, 160, 180, 280).givesTicks(0, 100, 120, 220);
    }

    @Test
    void drawsPartOfTheWay() {
        doing(on("1/16", Ends.STARTS, 50, 50)).onTicks(20, 120).givesTicks(10, 110);
        doing(on("1/16", Ends.STARTS, 0, 50)).onTicks(20, 120).givesTicks(20, 120).because();
    }

    @Test
    void drawsEndsAloneOrBoth() {
        doing(on("1/8", Ends.ENDS, 100, 50)).onTicks(20, 230, 250, 260).givesTicks(20, 240, 250, 480);
        doing(on("1/8", Ends.BOTH, 100, 50)).onTicks(20, 230, 250, 260).givesTicks(0, 240, 240, 480);
    }

    @Test
    void swingsEverySecondLine() {
        // Pairs of eighths are 480 ticks; 66 % of that is 316.
        doing(on("1/8", Ends.STARTS, 100, 66)).onTicks(10, 100, 240, 300, 470, 500).givesTicks(0, 90, 316, 376, 480, 510);
    }

    @Test
    void knowsDottedAndTripletValues() {
        doing(on("1/8t", Ends.STARTS, 100, 50)).onTicks(150, 200, 330, 400).givesTicks(160, 210, 320, 390);
        doing(on("1/8.", Ends.STARTS, 100, 50)).onTicks(350, 400, 800, 900).givesTicks(360, 410, 720, 820);
    }

    @Test
    void countsLinesFromEachBarInAnyMetre() {
        // 7/8: bars of 1680 ticks; quarter lines begin anew at each bar.
        TimeMap seven = new TimeMap(480, List.of(new Tempo(0, 500_000)), List.of(new Metre(0, 7, 8)));
        doing(on("1/4", Ends.STARTS, 100, 50)).in(seven).onTicks(1600, 1700, 2150, 2200).givesTicks(1680, 1780, 2160, 2210);
        assertThat(new GridLines(seven, Grid.of(4)).cell(1500)).isEqualTo(new GridLines.Cell(1440, 1680));
    }

    @Test
    void onTheGridAlreadyIsLeftAlone() {
        doing(TidyTiming.USUAL).onTicks(0, 100, 120, 200).givesTicks(0, 100, 120, 200).because();
    }

    @Test
    void refusesWhatIsNoGrid() {
        assertThatThrownBy(() -> Grid.parse("1/5")).hasMessageContaining("is no grid; write a note value as in 1/16");
        assertThatThrownBy(() -> new TidyTiming(Grid.of(8), Ends.BOTH, 101, 50)).hasMessageContaining("strength in percent");
        assertThat(Grid.parse("1/8d")).isEqualTo(Grid.parse("1/8."));
    }
}
