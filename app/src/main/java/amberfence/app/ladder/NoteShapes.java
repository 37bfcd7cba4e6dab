package amberfence.app.ladder;

import amberfence.app.theme.Swatches;
import amberfence.app.theme.Swatches.Role;
import javafx.scene.canvas.GraphicsContext;

/**
 * The shapes of notes on a canvas. How a note stands is told by outline and filling as well as by colour: inside is
 * filled, outside hatched, where it goes dashed, left on purpose carries a dot.
 */
final class NoteShapes {
    private static final double SOFT_VELOCITY = 80;
    private static final double CORNER = 5;
    private static final double HATCH = 5;
    private final Swatches swatches;
    private GraphicsContext g;
    private boolean round = true;

    NoteShapes(Swatches swatches) {
        this.swatches = swatches;
    }

    /** Draws on this canvas from now on. */
    void on(GraphicsContext context) {
        g = context;
    }

    /** Whether what is filled has round corners from now on. */
    void round(boolean corners) {
        round = corners;
    }

    void solid(NoteBox box, int velocity) {
        g.setFill(swatches.color(velocity < SOFT_VELOCITY ? Role.AMBER_SOFT : Role.AMBER));
        fill(box.x(), box.y(), box.width(), box.height(), CORNER);
        if (box.width() > 8 && velocity >= SOFT_VELOCITY) {
            g.setFill(swatches.color(Role.AMBER_DEEP));
            fill(box.x(), box.y(), 3.5, box.height(), 3);
        }
    }

    void open(NoteBox box) {
        filled(box, Role.CARD);
        outlined(box, Role.INK, 1.4);
        g.setFill(swatches.color(Role.INK));
        double dot = Math.min(4.5, Math.min(box.height() - 4, box.width() - 2));
        g.fillOval(box.x() + Math.min(5, box.width() / 2 - dot / 2), box.y() + box.height() / 2 - dot / 2, dot, dot);
    }

    void hatched(NoteBox box) {
        filled(box, Role.CARD);
        g.setStroke(swatches.color(Role.OUTSIDE));
        g.setLineWidth(1);
        if (box.width() > 4) {
            double right = box.x() + box.width() - 1;
            double bottom = box.y() + box.height();
            for (double x = box.x() - box.height() + HATCH; x < right; x += HATCH) {
                double from = Math.max(box.x() + 1, x);
                double to = Math.min(right, x + box.height());
                g.strokeLine(from, bottom - (from - x), to, bottom - (to - x));
            }
        }
        outlined(box, Role.OUTSIDE, 1.4);
    }

    /** A note that a step made and that has no note behind it. */
    void made(NoteBox box) {
        filled(box, Role.WASH);
        dashed(box, Role.AMBER_DEEP);
    }

    /** Where a note goes that comes inside. */
    void target(NoteBox box, boolean isHeard) {
        filled(box, isHeard ? Role.WASH : Role.CARD);
        if (isHeard && box.width() > 8) {
            g.setFill(swatches.color(Role.AMBER));
            g.fillRoundRect(box.x() + 3, box.y() + 3, box.width() - 6, box.height() - 6, 3, 3);
        }
        dashed(box, Role.OUTSIDE);
    }

    void filled(NoteBox box, Role role) {
        g.setFill(swatches.color(role));
        fill(box.x(), box.y(), box.width(), box.height(), CORNER);
    }

    private void fill(double x, double y, double width, double height, double corner) {
        if (round) {
            g.fillRoundRect(x, y, width, height, corner, corner);
        } else {
            g.fillRect(x, y, width, height);
        }
    }

    void outlined(NoteBox box, Role role, double width) {
        g.setStroke(swatches.color(role));
        g.setLineWidth(width);
        g.strokeRoundRect(box.x() + 0.7, box.y() + 0.7, Math.max(1, box.width() - 1.4), box.height() - 1.4, CORNER, CORNER);
    }

    void dashed(NoteBox box, Role role) {
        g.setLineDashes(4, 3);
        outlined(box, role, 1.4);
        g.setLineDashes((double[]) null);
    }

    void crossed(NoteBox box) {
        g.setStroke(swatches.color(Role.ALARM));
        g.setLineWidth(2);
        g.strokeLine(box.x() - 2, box.y() + box.height() / 2, box.x() + box.width() + 2, box.y() + box.height() / 2);
    }

    /** The ring around a selected note. */
    void selected(NoteBox box) {
        g.setStroke(swatches.color(Role.INK));
        g.setLineWidth(2);
        g.strokeRoundRect(box.x() - 2, box.y() - 2, box.width() + 4, box.height() + 4, CORNER + 3, CORNER + 3);
    }

    /** The brackets under and over a note that the pick finds. */
    void picked(NoteBox box) {
        g.setFill(swatches.color(Role.INK));
        double width = Math.max(3, box.width());
        g.fillRect(box.x(), box.y() - 3.5, width, 2);
        g.fillRect(box.x(), box.y() + box.height() + 1.5, width, 2);
    }

    /** The mark where a note reaches a little into the next. */
    void overlap(double x, double y, double width) {
        g.setFill(swatches.color(Role.ALARM));
        g.fillRect(x, y, Math.max(3, width), 4);
    }

    void arrow(NoteBox from, NoteBox to) {
        boolean up = to.y() < from.y();
        double x = from.x() + from.width() / 2;
        double tip = up ? to.y() + to.height() : to.y();
        double tail = up ? from.y() : from.y() + from.height();
        double head = up ? tip + 5 : tip - 5;
        g.setStroke(swatches.color(Role.OUTSIDE));
        g.setLineWidth(1.4);
        if (Math.abs(tail - tip) > 5) {
            g.strokeLine(x, tail, x, head);
        }
        g.setFill(swatches.color(Role.OUTSIDE));
        g.fillPolygon(new double[] {x - 4, x + 4, x}, new double[] {head, head, tip}, 3);
    }

    /** A run of notes too narrow to be told apart. */
    void bar(double x, double y, double width, double height, Role role) {
        g.setFill(swatches.color(role));
        g.fillRect(x, y, width, height);
    }
}
