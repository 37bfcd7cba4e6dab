package amberfence.step.shape;

import static amberfence.step.Doing.doing;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.step.Doing;
import amberfence.step.Outcome;
import amberfence.step.Typed;
import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class PushPullTest {
    private static Doing bend(String settings) {
        return doing(Typed.step(PushPull.SCHEMA, settings));
    }

    private static List<Long> starts(Outcome outcome) {
        return outcome.out().notes().stream().map(Note::start).toList();
    }

    /** One point at a half going to three quarters, straight: a note at a quarter goes to three eighths. The bar is 1920 ticks. */
    @Test
    void aHalfGoesToThreeQuarters() {
        assertThat(starts(bend("range=1..1").on("C4:2 D4:2 E4:2 F4:2").outcome())).containsExactly(0L, 720L, 1440L, 1680L);
        assertThat(bend("range=1..1").on("C4:2 D4:2 E4:2 F4:2").outcome().out().notes()).extracting(Note::end).containsExactly(720L, 1440L, 1680L, 1920L);
        assertThat(bend("range=1..1 ends=keep").on("C4:2 D4:2 E4:2 F4:2").outcome().out().notes()).extracting(Note::length).containsOnly(480L);
    }

    /** 25 goes to 40.6 of 100. */
    @Test
    void theSmoothCurveIsWorkedOutInTheRules() {
        assertThat(Typed.step(PushPull.SCHEMA, "curve=smooth").points().smoothAt(25)).isCloseTo(40.6, within(0.05));
        assertThat(starts(bend("range=1..1 curve=smooth").on("C4:2 D4:2 E4:2 F4:2").outcome())).containsExactly(0L, 780L, 1440L, 1740L);
    }

    /**
     * The data of Fritsch and Carlson, Monotone piecewise cubic interpolation (1980), table 1 (RPN 14), from memory: radiochemical
     * counts that rise, between which other curves overshoot.
     */
    @Test
    void neverFallsBetweenPointsThatRise() {
        double[] x = {7.99, 8.09, 8.19, 8.7, 9.2, 10, 12, 15, 20};
        double[] y = {0, 2.76429e-5, 4.37498e-2, 0.169183, 0.469428, 0.943740, 0.998636, 0.999919, 0.999994};
        List<Double> places = new ArrayList<>();
        List<Double> values = new ArrayList<>();
        for (int i = 0; i < x.length; i++) {
            places.add((x[i] - 7.99) / 12.01 * 100);
            values.add(y[i] * 100);
        }
        ShapePoints points = new ShapePoints(places, values);
        double before = 0;
        for (int i = 0; i <= 100_000; i++) {
            double now = points.smoothAt(Math.min(100, i / 1000.0));
            assertThat(now).isGreaterThanOrEqualTo(before - 1e-9).isLessThanOrEqualTo(99.9994 + 1e-9);
            before = now;
        }
        for (int i = 0; i < x.length; i++) {
            assertThat(points.smoothAt(places.get(i))).as("goes through its points").isCloseTo(values.get(i), within(1e-9));
        }
    }

    @Test
    void endsOfTheRangeStayAndWhatLiesOutsideStays() {
        assertThat(starts(bend("range=2..2 points=50:25").on("C4:8 D4:4 E4:4 F4:8").outcome())).containsExactly(0L, 1920L, 2400L, 3840L);
        assertThat(starts(bend("points=50:25").on("r:1 C4:2 D4:2").outcome())).as("of the pick: from its first beginning to its last end")
                .containsExactly(240L, 480L);
    }

    @Test
    void afterwardsOntoAGridAndTwoOfOnePitchNeverTogether() {
        assertThat(starts(bend("range=1..1 grid=1/8").on("C4:2 D4:2 E4:2 F4:2").outcome())).containsExactly(0L, 720L, 1440L, 1680L);
        Outcome close = bend("range=1..1 points=90:10 grid=1/4").on("C4 C4 C4 C4 C4 C4 C4 C4").outcome();
        assertThat(starts(close)).doesNotHaveDuplicates().isSorted();
        assertThat(close.out().notes()).allMatch(note -> note.length() >= 1);
    }

    @Test
    void saysWhatPointsMayBe() {
        assertThatThrownBy(() -> Typed.step(PushPull.SCHEMA, "points=50:80,60:70")).hasMessageContaining("rises");
        assertThatThrownBy(() -> Typed.step(PushPull.SCHEMA, "points=0:10")).hasMessageContaining("0 goes to 0");
        assertThatThrownBy(() -> Typed.step(PushPull.SCHEMA, "range=4..1")).hasMessageContaining("1..4");
    }

    /** Time never runs backwards, whatever the points. */
    @Property(tries = 300)
    void theOrderOfBeginningsNeverChanges(@ForAll @IntRange(min = 1, max = 99) int place, @ForAll @IntRange(min = 1, max = 99) int goal, @ForAll boolean smooth,
                                          @ForAll List<@IntRange(max = 1919) Integer> starts) {
        List<Note> notes = new ArrayList<>();
        for (int i = 0; i < starts.size(); i++) {
            notes.add(new Note(i + 1, starts.get(i), 100, 30 + i % 90, 80, i / 90, 64));
        }
        Line line = Line.of(notes);
        Outcome outcome = bend("range=1..1 curve=" + (smooth ? "smooth" : "straight") + " points=" + place + ":" + goal).on(line).outcome();
        long before = 0;
        for (Note note : line.notes()) {
            long now = outcome.out().note(note.id()).orElseThrow().start();
            assertThat(now).isBetween(before, 1920L);
            before = now;
        }
    }
}
