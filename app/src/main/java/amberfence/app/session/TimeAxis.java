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

    public double x(double tick) {
        return (tick - firstTick) * pixelsPerTick;
    }

    public double tick(double x) {
        return firstTick + x / pixelsPerTick;
    }
}
