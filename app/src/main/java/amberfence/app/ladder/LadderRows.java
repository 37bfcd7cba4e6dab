package amberfence.app.ladder;

import amberfence.app.session.Results;
import amberfence.app.theme.Swatches;
import amberfence.theory.PitchClassSet;
import javafx.scene.canvas.GraphicsContext;

/** The ladder's rows, with their degrees at the left, in a part of another picture: where two versions are compared. */
public final class LadderRows {
    private static final double TALLEST = 1.25;
    private final RowPainter painter;
    private Results results;
    private Viewport view;
    private double left;
    private double top;

    /** @param swatches the colours to paint with */
    public LadderRows(Swatches swatches) {
        painter = new RowPainter(swatches);
    }

    /**
     * Lays the rows from one pitch to another into a rectangle, as tall as they fit.
     *
     * @param from the first tick
     * @param to the tick at the right edge
     */
    public void lay(Results given, long from, long to, int lowest, int highest, double x, double y, double width, double height) {
        results = given;
        left = x + LadderView.DEGREES;
        top = y;
        PitchClassSet inside = given.fence().at(from);
        RowPlan plain = new RowPlan(inside, 1);
        double needed = plain.top(lowest) + plain.height(lowest) - plain.top(highest);
        RowPlan rows = new RowPlan(inside, Math.min(TALLEST, height / needed));
        double wide = Math.max(1, width - LadderView.DEGREES);
        view = new Viewport(from, wide / Math.max(1, to - from), rows.top(highest), wide,
                Math.min(height, rows.top(lowest) + rows.height(lowest) - rows.top(highest)), rows);
    }

    /** Paints the rows as they were laid. */
    public void paint(GraphicsContext g) {
        g.save();
        g.translate(left, top);
        g.beginPath();
        g.rect(-LadderView.DEGREES, 0, view.width() + LadderView.DEGREES, view.height());
        g.clip();
        painter.paintRows(g, view, results);
        g.translate(-LadderView.DEGREES, 0);
        painter.paintDegrees(g, view, LadderView.DEGREES, results.fence().spellingAt((long) view.firstTick()));
        g.restore();
    }

    /** Where a tick lies. */
    public double x(double tick) {
        return left + view.x(tick);
    }

    /** Where the row of a pitch begins. */
    public double y(int pitch) {
        return top + view.top(pitch);
    }

    /** How tall the row of a pitch is. */
    public double height(int pitch) {
        return view.rows().height(pitch);
    }

    /** Where the lowest row ends. */
    public double bottom() {
        return top + view.height();
    }
}
