package amberfence.app.hands;

import amberfence.app.session.Selection;
import amberfence.app.theme.Swatches;
import amberfence.step.shape.ShapePoints;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.paint.Color;

/**
 * Points of a shape under the hands, wherever it is drawn: they are dragged; a press between them adds one; Delete takes the marked one
 * away, arrows mark and, with Alt, move it. Which one is marked lasts as long as the step is open.
 */
public final class ShapeHand {
    /** How near a press must be to a point, in pixels. */
    public static final double NEAR = 9;
    private static final double WHOLE = 100;
    private static final double DOT = 4.5;
    private static final int BY_KEY = 5;

    /** Where places and values lie in a picture, in pixels. */
    public interface Frame {
        double x(double place);

        double y(double value);

        /** The place of an x, whole and from 0 to 100. */
        double place(double x);

        /** The value of a y, whole and within the shape's values. */
        double value(double y);
    }

    private final Selection selection;
    private final double lowest;
    private final double highest;
    private final Consumer<ShapePoints> take;
    private final Runnable changed;
    private ShapePoints points;

    /**
     * @param take takes points that were moved, added or taken away
     * @param changed is told that it is to be drawn anew
     */
    public ShapeHand(Selection selection, double lowest, double highest, ShapePoints points, Consumer<ShapePoints> take, Runnable changed) {
        this.selection = selection;
        this.lowest = lowest;
        this.highest = highest;
        this.points = points;
        this.take = take;
        this.changed = changed;
    }

    public ShapePoints points() {
        return points;
    }

    /** Shows other points. */
    public void show(ShapePoints other) {
        points = other;
        changed.run();
    }

    /** The middle one before anybody marked another, as the ends are seldom what is moved. */
    private int marked() {
        Integer chosen = selection.shapePoint().get();
        return chosen != null && chosen < points.size() ? chosen : points.size() > 2 ? points.size() / 2 : 0;
    }

    private void mark(int point) {
        selection.markShapePoint(point);
        changed.run();
    }

    /** Whether a press there would take hold of a point. */
    public boolean isOver(Frame frame, double x, double y) {
        return pointAt(frame, x, y) >= 0;
    }

    private int pointAt(Frame frame, double x, double y) {
        for (int i = 0; i < points.size(); i++) {
            if (Math.hypot(frame.x(points.places().get(i)) - x, frame.y(points.values().get(i)) - y) <= NEAR) {
                return i;
            }
        }
        return -1;
    }

    /** Takes hold of the point there; between points a new one is put there. */
    public void press(Frame frame, double x, double y) {
        int there = pointAt(frame, x, y);
        if (there < 0) {
            double at = frame.place(x);
            points = points.with(at, frame.value(y));
            there = points.places().indexOf(at);
        }
        mark(there);
    }

    public void drag(Frame frame, double x, double y) {
        moveTo(frame.place(x), frame.value(y));
    }

    /** Takes what was dragged. */
    public void release() {
        take.accept(points);
    }

    /** A point stays between its neighbours. */
    private void moveTo(double place, double value) {
        int marked = marked();
        double least = marked == 0 ? 0 : points.places().get(marked - 1) + 1;
        double most = marked == points.size() - 1 ? WHOLE : points.places().get(marked + 1) - 1;
        double at = Math.max(least, Math.min(most, place));
        points = points.size() == 1 ? new ShapePoints(List.of(at), List.of(value)) : points.without(marked).with(at, value);
        mark(points.places().indexOf(at));
    }

    /** A key that was pressed; consumed when it is one of the shape's. */
    public void typed(KeyEvent event) {
        int marked = marked();
        double place = points.places().get(marked);
        double value = points.values().get(marked);
        switch (event.getCode()) {
            case LEFT, RIGHT -> {
                int by = event.getCode() == KeyCode.LEFT ? -1 : 1;
                if (event.isAltDown()) {
                    moveTo(place + by * BY_KEY, value);
                    release();
                } else {
                    mark(Math.max(0, Math.min(points.size() - 1, marked + by)));
                }
            }
            case UP, DOWN -> {
                moveTo(place, Math.max(lowest, Math.min(highest, value + (event.getCode() == KeyCode.UP ? BY_KEY : -BY_KEY))));
                release();
            }
            case DELETE, BACK_SPACE -> {
                points = points.without(marked);
                mark(Math.min(marked, points.size() - 1));
                release();
            }
            default -> {
                return;
            }
        }
        event.consume();
    }

    /** Draws the line from edge to edge and its points. */
    public void paint(GraphicsContext to, Frame frame, Function<Swatches.Role, Color> color) {
        int size = points.size();
        double[] x = new double[size + 2];
        double[] y = new double[size + 2];
        for (int i = 0; i < size; i++) {
            x[i + 1] = frame.x(points.places().get(i));
            y[i + 1] = frame.y(points.values().get(i));
        }
        x[0] = frame.x(0);
        y[0] = y[1];
        x[size + 1] = frame.x(WHOLE);
        y[size + 1] = y[size];
        to.setStroke(color.apply(Swatches.Role.INK_SOFT));
        to.strokePolyline(x, y, size + 2);
        int marked = marked();
        for (int i = 0; i < size; i++) {
            to.setFill(color.apply(i == marked ? Swatches.Role.AMBER_DEEP : Swatches.Role.AMBER));
            to.fillOval(x[i + 1] - DOT, y[i + 1] - DOT, 2 * DOT, 2 * DOT);
        }
    }
}
