package amberfence.app.ladder;

import amberfence.app.session.TimeAxis;

/**
 * Which part of the song is seen: turns ticks and pitches into pixels and back.
 *
 * @param firstTick the tick at the left edge
 * @param pixelsPerTick how wide a tick is
 * @param scroll pixels of the rows above the top edge
 */
record Viewport(double firstTick, double pixelsPerTick, double scroll, double width, double height, RowPlan rows) {
    static final double MOST_PIXELS_PER_TICK = 2;
    static final double LEAST_PIXELS_PER_TICK = 1e-5;

    /** As every record compares; written out, since it is asked at every start: otherwise Java would put the comparison together at that moment. */
    @Override
    public boolean equals(Object other) {
        return other instanceof Viewport view && axis().equals(view.axis()) && Double.compare(scroll, view.scroll) == 0
                && Double.compare(height, view.height) == 0 && rows.equals(view.rows);
    }

    @Override
    public int hashCode() {
        return ((axis().hashCode() * 31 + Double.hashCode(scroll)) * 31 + Double.hashCode(height)) * 31 + rows.hashCode();
    }

    /** The stretch of time that is seen. */
    TimeAxis axis() {
        return new TimeAxis(firstTick, pixelsPerTick, width);
    }

    double x(double tick) {
        return (tick - firstTick) * pixelsPerTick;
    }

    double tick(double x) {
        return firstTick + x / pixelsPerTick;
    }

    double top(int pitch) {
        return rows.top(pitch) - scroll;
    }

    double middle(int pitch) {
        return rows.middle(pitch) - scroll;
    }

    int pitch(double y) {
        return rows.pitch(y + scroll);
    }

    double lastTick() {
        return tick(width);
    }

    /** Another size; the pitch in the middle stays there. */
    Viewport withSize(double newWidth, double newHeight) {
        return new Viewport(firstTick, pixelsPerTick, scroll + (height - newHeight) / 2, newWidth, newHeight, rows).clamped();
    }

    Viewport withFirstTick(double tick) {
        return new Viewport(tick, pixelsPerTick, scroll, width, height, rows).clamped();
    }

    Viewport withScroll(double newScroll) {
        return new Viewport(firstTick, pixelsPerTick, newScroll, width, height, rows).clamped();
    }

    /** Zooms in time so that the tick under {@code x} stays where it is. */
    Viewport zoomed(double factor, double x) {
        double scale = Math.max(LEAST_PIXELS_PER_TICK, Math.min(MOST_PIXELS_PER_TICK, pixelsPerTick * factor));
        return new Viewport(tick(x) - x / scale, scale, scroll, width, height, rows).clamped();
    }

    /** Shows all of a span of ticks. */
    Viewport showing(double from, double to) {
        double scale = Math.max(LEAST_PIXELS_PER_TICK, Math.min(MOST_PIXELS_PER_TICK, width / Math.max(1, to - from)));
        return new Viewport(from, scale, scroll, width, height, rows).clamped();
    }

    /** Other rows, with the pitch in the middle staying there. */
    Viewport withRows(RowPlan newRows) {
        int centre = rows.pitch(scroll + height / 2);
        return new Viewport(firstTick, pixelsPerTick, newRows.middle(centre) - height / 2, width, height, newRows).clamped();
    }

    Viewport centredOn(int pitch) {
        return withScroll(rows.middle(pitch) - height / 2);
    }

    private Viewport clamped() {
        double highest = Math.max(0, rows.total() - height);
        return new Viewport(Math.max(0, firstTick), pixelsPerTick, Math.max(0, Math.min(highest, scroll)), width, height, rows);
    }
}
