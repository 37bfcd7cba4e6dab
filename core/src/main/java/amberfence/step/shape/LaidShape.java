package amberfence.step.shape;

import amberfence.notes.TimeMap;
import java.util.ArrayList;
import java.util.List;

/**
 * A shape over a stretch of time.
 *
 * @param from tick of its place 0
 * @param to tick of its place 100, later
 * @param bars so many bars, after which it begins anew; 0 when it lies there once
 * @param lowest of its values
 * @param highest of its values
 * @param velocities whether its values are velocities, else places in the stretch
 */
public record LaidShape(ShapePoints points, long from, long to, int bars, double lowest, double highest, boolean velocities) {
    /** A stretch of ticks. */
    public record Stretch(long from, long to) {
        /** The place of a tick in percent. */
        public double place(double tick) {
            return 100 * (tick - from) / (to - from);
        }

        /** The tick of a place in percent. */
        public double tick(double place) {
            return from + place * (to - from) / 100;
        }
    }

    /** Where it lies between two ticks, in order; one that is only partly there is there. */
    public List<Stretch> stretches(TimeMap time, long first, long last) {
        if (bars == 0) {
            return to > first && from < last ? List.of(new Stretch(from, to)) : List.of();
        }
        List<Stretch> stretches = new ArrayList<>();
        int bar = (time.barOf(Math.max(first, from)) - 1) / bars * bars + 1;
        while (time.barStart(bar) < Math.min(last, to)) {
            stretches.add(new Stretch(time.barStart(bar), time.barStart(bar + bars)));
            bar += bars;
        }
        return stretches;
    }
}
