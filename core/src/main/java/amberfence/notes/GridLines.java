package amberfence.notes;

/**
 * A grid laid along the ticks of a song. With swing, every second line comes late: it stands at a share of each pair of
 * cells, 50 % being straight and 66 % near triplets.
 */
public final class GridLines {
    /** No swing. */
    public static final int STRAIGHT = 50;
    private final TimeMap time;
    private final Grid grid;
    private final int swing;

    public GridLines(TimeMap time, Grid grid) {
        this(time, grid, STRAIGHT);
    }

    /** @param swing where the second line of each pair stands, in percent of the pair */
    public GridLines(TimeMap time, Grid grid, int swing) {
        this.time = time;
        this.grid = grid;
        this.swing = swing;
    }

    /** The lines around a tick: the last one at or before it, and the first one after it. */
    public record Cell(long from, long to) {
        /** The nearer of the two lines; halfway between them the earlier. */
        public long nearest(long tick) {
            return tick - from <= to - tick ? from : to;
        }
    }

    /** The cell that holds a tick. */
    public Cell cell(long tick) {
        int bar = time.barOf(tick);
        long start = time.barStart(bar);
        long end = time.barStart(bar + 1);
        long line = Math.max(0, (tick - start) / grid.ticks(time.ticksPerQuarter()) - 2);
        while (offset(line + 1) <= tick - start) {
            line++;
        }
        return new Cell(start + offset(line), Math.min(end, start + offset(line + 1)));
    }

    private long offset(long line) {
        long straight = grid.offset(line, time.ticksPerQuarter());
        if (line % 2 == 0 || swing == STRAIGHT) {
            return straight;
        }
        long before = grid.offset(line - 1, time.ticksPerQuarter());
        return before + (grid.offset(line + 1, time.ticksPerQuarter()) - before) * swing / 100;
    }

    public long nearest(long tick) {
        return cell(tick).nearest(tick);
    }

    public long atOrBefore(long tick) {
        return cell(tick).from();
    }

    public long atOrAfter(long tick) {
        Cell cell = cell(tick);
        return cell.from() == tick ? tick : cell.to();
    }

    /** The first line after a tick. */
    public long after(long tick) {
        return cell(tick).to();
    }

    /** The last line before a tick, 0 at the beginning. */
    public long before(long tick) {
        return tick == 0 ? 0 : cell(tick - 1).from();
    }
}
