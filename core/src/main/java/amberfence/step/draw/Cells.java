package amberfence.step.draw;

import amberfence.notes.Grid;
import amberfence.notes.GridLines;
import amberfence.notes.TimeMap;

/**
 * The moments at which notes of a rate stand from a beginning on: lines of the bar when the beginning is one, else counted
 * from the beginning. The first stands at the beginning whatever the swing.
 */
final class Cells {
    private final GridLines straight;
    private final GridLines swung;
    private final Grid rate;
    private final int swing;
    private final int ticksPerQuarter;
    private final long start;
    private final boolean onLines;
    private long count;

    Cells(TimeMap time, Grid rate, int swing, long start) {
        this.straight = new GridLines(time, rate);
        this.swung = new GridLines(time, rate, swing);
        this.rate = rate;
        this.swing = swing;
        this.ticksPerQuarter = time.ticksPerQuarter();
        this.start = start;
        this.onLines = straight.atOrBefore(start) == start;
    }

    /** The moment after another one, which is the beginning or was given by this. */
    long after(long at) {
        count++;
        if (!onLines) {
            long pair = rate.offset(count - count % 2, ticksPerQuarter);
            return start + (count % 2 == 0 ? pair : pair + (rate.offset(count + 1, ticksPerQuarter) - pair) * swing / 100);
        }
        return at == start && swung.atOrBefore(start) != start ? straight.after(start) : swung.after(at);
    }
}
