package amberfence.app.ladder;

import amberfence.app.theme.Swatches;
import amberfence.app.theme.Swatches.Role;
import amberfence.song.Note;
import amberfence.step.Standing;
import java.util.Set;
import javafx.scene.canvas.GraphicsContext;

/**
 * Draws notes. How a note stands is told by its outline and filling as well as by its colour: outside is hatched, where
 * it goes is dashed, left on purpose carries a dot.
 */
final class NotePainter {
    private static final double SOFT_VELOCITY = 80;
    private static final double CORNER = 5;
    private final Swatches swatches;

    NotePainter(Swatches swatches) {
        this.swatches = swatches;
    }

    /** Draws the notes that are in view; returns how many were drawn. */
    int paint(GraphicsContext g, Viewport view, LadderScene scene, boolean before, Set<Long> selected) {
        g.clearRect(0, 0, view.width(), view.height());
        int drawn = 0;
        for (int i = scene.firstAt(view.firstTick()); i < scene.notes().size(); i++) {
            Standing standing = scene.notes().get(i);
            if (standing.before().start() > view.lastTick()) {
                break;
            }
            paint(g, view, standing, before, selected.contains(standing.before().id()));
            drawn++;
        }
        return drawn;
    }

    private void paint(GraphicsContext g, Viewport view, Standing standing, boolean before, boolean selected) {
        Note note = standing.before();
        Box box = Box.of(view, note, note.pitch());
        switch (standing.kind()) {
            case INSIDE -> solid(g, box, note.velocity());
            case ALLOWED, KEPT -> open(g, box);
            case OUTSIDE -> hatched(g, box);
            case LEFT_OUT -> {
                hatched(g, box);
                if (!before) {
                    crossed(g, box);
                }
            }
            case MOVED -> moved(g, view, standing, box, before);
            default -> throw new IllegalStateException("no drawing for " + standing.kind());
        }
        if (selected) {
            Box shown = before ? box : Box.of(view, note, LadderScene.shownPitch(standing, false));
            g.setStroke(swatches.color(Role.INK));
            g.setLineWidth(2);
            g.strokeRoundRect(shown.x - 2, shown.y - 2, shown.width + 4, shown.height + 4, CORNER + 3, CORNER + 3);
        }
    }

    /** A note's rectangle, in pixels. */
    record Box(double x, double y, double width, double height) {
        static Box of(Viewport view, Note note, int pitch) {
            double row = view.rows().height(pitch);
            double height = Math.max(3, Math.min(20, row * (view.rows().isInside(pitch) ? 0.72 : 0.92)));
            double x = view.x(note.start());
            double width = Math.max(2.5, note.length() * view.pixelsPerTick() - 1);
            return new Box(Math.round(x * 2) / 2.0, Math.round(view.middle(pitch) - height / 2), width, height);
        }

        boolean contains(double px, double py) {
            return px >= x - 1 && px <= x + Math.max(width, 4) && py >= y - 2 && py <= y + height + 2;
        }
    }

    private void solid(GraphicsContext g, Box box, int velocity) {
        g.setFill(swatches.color(velocity < SOFT_VELOCITY ? Role.AMBER_SOFT : Role.AMBER));
        g.fillRoundRect(box.x, box.y, box.width, box.height, CORNER, CORNER);
        if (box.width > 8 && velocity >= SOFT_VELOCITY) {
            g.setFill(swatches.color(Role.AMBER_DEEP));
            g.fillRoundRect(box.x, box.y, 3.5, box.height, 3, 3);
        }
    }

    private void open(GraphicsContext g, Box box) {
        g.setFill(swatches.color(Role.CARD));
        g.fillRoundRect(box.x, box.y, box.width, box.height, CORNER, CORNER);
        g.setStroke(swatches.color(Role.INK));
        g.setLineWidth(1.4);
        g.strokeRoundRect(box.x + 0.7, box.y + 0.7, box.width - 1.4, box.height - 1.4, CORNER, CORNER);
        g.setFill(swatches.color(Role.INK));
        double dot = Math.min(4.5, Math.min(box.height - 4, box.width - 2));
        g.fillOval(box.x + Math.min(5, box.width / 2 - dot / 2), box.y + box.height / 2 - dot / 2, dot, dot);
    }

    private void hatched(GraphicsContext g, Box box) {
        g.setFill(swatches.color(Role.CARD));
        g.fillRoundRect(box.x, box.y, box.width, box.height, CORNER, CORNER);
        g.setStroke(swatches.color(Role.OUTSIDE));
        g.setLineWidth(1);
        if (box.width > 4) {
            for (double x = box.x - box.height + 5; x < box.x + box.width - 1; x += 5) {
                double left = Math.max(box.x + 1, x);
                double right = Math.min(box.x + box.width - 1, x + box.height);
                g.strokeLine(left, box.y + box.height - (left - x), right, box.y + box.height - (right - x));
            }
        }
        g.setLineWidth(1.4);
        g.strokeRoundRect(box.x + 0.7, box.y + 0.7, box.width - 1.4, box.height - 1.4, CORNER, CORNER);
    }

    private void crossed(GraphicsContext g, Box box) {
        g.setStroke(swatches.color(Role.ALARM));
        g.setLineWidth(2);
        g.strokeLine(box.x - 2, box.y + box.height / 2, box.x + box.width + 2, box.y + box.height / 2);
    }

    private void moved(GraphicsContext g, Viewport view, Standing standing, Box from, boolean before) {
        Note after = standing.after().orElseThrow();
        Box to = Box.of(view, standing.before(), after.pitch());
        hatched(g, from);
        g.setFill(swatches.color(before ? Role.CARD : Role.WASH));
        g.fillRoundRect(to.x, to.y, to.width, to.height, CORNER, CORNER);
        if (!before && to.width > 8) {
            g.setFill(swatches.color(Role.AMBER));
            g.fillRoundRect(to.x + 3, to.y + 3, to.width - 6, to.height - 6, 3, 3);
        }
        g.setStroke(swatches.color(Role.OUTSIDE));
        g.setLineWidth(1.4);
        g.setLineDashes(4, 3);
        g.strokeRoundRect(to.x + 0.7, to.y + 0.7, to.width - 1.4, to.height - 1.4, CORNER, CORNER);
        g.setLineDashes((double[]) null);
        arrow(g, from, to);
    }

    private void arrow(GraphicsContext g, Box from, Box to) {
        boolean up = to.y < from.y;
        double x = from.x + from.width / 2;
        double tip = up ? to.y + to.height : to.y;
        double tail = up ? from.y : from.y + from.height;
        double head = up ? tip + 5 : tip - 5;
        g.setStroke(swatches.color(Role.OUTSIDE));
        g.setLineWidth(1.4);
        if (Math.abs(tail - tip) > 5) {
            g.strokeLine(x, tail, x, head);
        }
        g.setFill(swatches.color(Role.OUTSIDE));
        g.fillPolygon(new double[] {x - 4, x + 4, x}, new double[] {head, head, tip}, 3);
    }
}
