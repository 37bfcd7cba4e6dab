package amberfence.app.ladder;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberfence.theory.Key;
import amberfence.theory.PitchClassSet;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** Ticks and pitches to pixels and back; needs no window. */
class ViewportTest {
    private final RowPlan rows = new RowPlan(Key.parse("D dorian").pitchClasses(), 1);
    private final Viewport view = new Viewport(1000, 0.1, rows.top(80), 800, 400, rows);

    @Test
    void everyPitchIsFoundInItsOwnRow() {
        for (double zoom : new double[] {0.4, 1, 2.5}) {
            for (PitchClassSet inside : new PitchClassSet[] {PitchClassSet.ALL, PitchClassSet.EMPTY, PitchClassSet.of(0, 4, 7)}) {
                RowPlan plan = new RowPlan(inside, zoom);
                for (int pitch = 0; pitch < 128; pitch++) {
                    assertThat(plan.pitch(plan.top(pitch) + 0.01)).isEqualTo(pitch);
                    assertThat(plan.pitch(plan.middle(pitch))).isEqualTo(pitch);
                    assertThat(plan.pitch(plan.top(pitch) + plan.height(pitch) - 0.01)).isEqualTo(pitch);
                }
                assertThat(plan.pitch(-50)).isEqualTo(127);
                assertThat(plan.pitch(plan.total() + 50)).isZero();
            }
        }
    }

    @Test
    void insideRowsAreTallAndOutsideOnesThin() {
        assertThat(rows.height(62)).isGreaterThan(2 * rows.height(61));
    }

    @Property
    void ticksComeBackFromPixels(@ForAll @DoubleRange(min = 0.1, max = 3.1) double zoom, @ForAll @IntRange(max = 799) int x,
                                 @ForAll @IntRange(max = 100_000) int first, @ForAll @IntRange(max = 200_000) int tick) {
        Viewport somewhere = view.zoomed(zoom, x).withFirstTick(first);
        assertThat(somewhere.tick(somewhere.x(tick))).isCloseTo(tick, within(1e-6));
    }

    @Test
    void zoomingKeepsTheTickUnderTheMouse() {
        double tick = view.tick(300);
        assertThat(view.zoomed(2, 300).tick(300)).isCloseTo(tick, within(1e-6));
        assertThat(view.zoomed(1e9, 300).pixelsPerTick()).isEqualTo(Viewport.MOST_PIXELS_PER_TICK);
        assertThat(view.zoomed(1e-9, 300).pixelsPerTick()).isEqualTo(Viewport.LEAST_PIXELS_PER_TICK);
    }

    @Test
    void neverScrollsBeyondTheEnds() {
        assertThat(view.withScroll(-100).scroll()).isZero();
        assertThat(view.withScroll(1e9).scroll()).isEqualTo(rows.total() - 400);
        assertThat(view.withFirstTick(-5).firstTick()).isZero();
    }

    @Test
    void otherRowsKeepThePitchInTheMiddle() {
        int middle = view.pitch(200);
        Viewport other = view.withRows(new RowPlan(Key.parse("C major pentatonic").pitchClasses(), 1.4));
        assertThat(other.pitch(200)).isEqualTo(middle);
        assertThat(view.centredOn(60).pitch(200)).isEqualTo(60);
    }

    @Test
    void showsAWholeSpan() {
        Viewport whole = view.showing(0, 46_080);
        assertThat(whole.x(0)).isZero();
        assertThat(whole.x(46_080)).isCloseTo(800, within(1e-6));
    }
}
