package amberfence.app.session;

/**
 * Which stretch of time the window shows: what stands above and below the ladder lines up with it.
 *
 * @param firstTick the tick at the left edge
 * @param pixelsPerTick how wide a tick is
 * @param width in pixels
 */
public record TimeAxis(double firstTick, double pixelsPerTick, double width) {
    public static final TimeAxis NONE = new TimeAxis(0, 0.1, 0);

    /** As every record compares; written out, since it is asked at every start: otherwise Java would put the comparison together at that moment. */
    @Override
    public boolean equals(Object other) {
        return other instanceof TimeAxis axis && Double.compare(firstTick, axis.firstTick) == 0
                && Double.compare(pixelsPerTick, axis.pixelsPerTick) == 0 && Double.compare(width, axis.width) == 0;
    }

    @Override
    public int hashCode() {
        return (Double.hashCode(firstTick) * 31 + Double.hashCode(pixelsPerTick)) * 31 + Double.hashCode(width);
    }

    public double x(double tick) {
        return (tick - firstTick) * pixelsPerTick;
    }

    public double tick(double x) {
        return firstTick + x / pixelsPerTick;
    }
}
