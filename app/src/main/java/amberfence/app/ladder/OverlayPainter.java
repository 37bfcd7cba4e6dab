package amberfence.app.ladder;

import amberfence.app.session.TickRange;
import amberfence.app.theme.Swatches.Role;
import amberfence.app.theme.Swatches;
import amberfence.notes.Note;
import java.util.List;
import java.util.Optional;
import javafx.scene.canvas.GraphicsContext;

/** Draws what follows the mouse and the time: playhead, focus, rubber band, and where dragged notes would be. */
final class OverlayPainter {
    private final Swatches swatches;
    private final NoteShapes shapes;

    OverlayPainter(Swatches swatches) {
        this.swatches = swatches;
        this.shapes = new NoteShapes(swatches);
    }

    /**
     * @param loop the stretch in which playing goes round
     * @param suggested notes as they would be if a way out were taken
     */
    void paint(GraphicsContext g, Viewport view, long playhead, Optional<TickRange> loop, boolean focused,
               Optional<LadderDrag> drag, List<Note> suggested) {
        g.clearRect(0, 0, view.width(), view.height());
        shapes.on(g);
        suggested.forEach(note -> ghost(view, note));
        drag.ifPresent(now -> now.ghosts().forEach(note -> ghost(view, note)));
        loop.ifPresent(range -> {
            g.setFill(swatches.color(Role.AMBER));
            g.fillRect(view.x(range.from()), 0, view.x(range.to()) - view.x(range.from()), 4);
        });
        g.setFill(swatches.color(Role.ALARM));
        g.fillRect(Math.round(view.x(playhead)) - 0.5, 0, 1.5, view.height());
        g.setStroke(swatches.color(focused ? Role.AMBER_DEEP : Role.RULE));
        g.setLineWidth(focused ? 2 : 1);
        g.strokeRect(0.5, 0.5, view.width() - 1, view.height() - 1);
        drag.flatMap(LadderDrag::band).ifPresent(band -> {
            g.setStroke(swatches.color(Role.AMBER_DEEP));
            g.setLineWidth(1);
            g.strokeRect(band.left(), band.top(), band.right() - band.left(), band.bottom() - band.top());
        });
    }

    private void ghost(Viewport view, Note note) {
        NoteBox box = NoteBox.of(view, note);
        if (box.isSeen(view) && box.x() < view.width() && box.x() + box.width() > 0) {
            shapes.filled(box, Role.WASH);
            shapes.outlined(box, Role.INK, 1.6);
        }
    }
}
