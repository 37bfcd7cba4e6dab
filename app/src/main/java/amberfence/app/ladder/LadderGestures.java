package amberfence.app.ladder;

import amberfence.app.session.Session;
import amberfence.step.Standing;
import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;

/** What mouse and keys do in the ladder: select, scroll, zoom, and move the playhead. */
final class LadderGestures {
    /** A rubber band from where the mouse was pressed to where it is now, in pixels. */
    record Band(double fromX, double fromY, double toX, double toY) {
        Band to(double x, double y) {
            return new Band(fromX, fromY, x, y);
        }

        double left() {
            return Math.min(fromX, toX);
        }

        double right() {
            return Math.max(fromX, toX);
        }

        double top() {
            return Math.min(fromY, toY);
        }

        double bottom() {
            return Math.max(fromY, toY);
        }
    }

    private final LadderView ladder;
    private final Session session;
    private Band band;

    LadderGestures(LadderView ladder, Session session) {
        this.ladder = ladder;
        this.session = session;
    }

    void listen(Node notes, Node ruler) {
        notes.setOnMousePressed(this::pressed);
        notes.setOnMouseDragged(this::dragged);
        notes.setOnMouseReleased(this::released);
        ruler.setOnMousePressed(event -> movePlayhead(event.getX()));
        ruler.setOnMouseDragged(event -> movePlayhead(event.getX()));
        ladder.addEventHandler(ScrollEvent.SCROLL, this::scrolled);
        ladder.addEventHandler(KeyEvent.KEY_PRESSED, this::typed);
    }

    /** The rubber band while one is drawn. */
    Optional<Band> band() {
        return Optional.ofNullable(band);
    }

    /** The note under a place of the notes' layer: where it is shown, or where it was. */
    Optional<Standing> noteAt(double x, double y) {
        Viewport now = ladder.viewport();
        boolean before = session.showingBefore().get();
        Standing found = null;
        for (int i = ladder.scene().firstAt(now.tick(x) - 4 / now.pixelsPerTick()); i < ladder.scene().notes().size(); i++) {
            Standing standing = ladder.scene().notes().get(i);
            if (standing.before().start() > now.tick(x) + 1) {
                break;
            }
            if (NotePainter.Box.of(now, standing.before(), standing.before().pitch()).contains(x, y)
                    || NotePainter.Box.of(now, standing.before(), LadderScene.shownPitch(standing, before)).contains(x, y)) {
                found = standing;
            }
        }
        return Optional.ofNullable(found);
    }

    private void pressed(MouseEvent event) {
        ladder.requestFocus();
        if (ladder.scene().isEmpty()) {
            return;
        }
        Optional<Standing> hit = noteAt(event.getX(), event.getY());
        Set<Long> selected = event.isShiftDown() ? new HashSet<>(session.selectedNotes().get()) : new HashSet<>();
        if (hit.isPresent()) {
            long id = hit.get().before().id();
            if (!selected.add(id)) {
                selected.remove(id);
            }
        } else {
            band = new Band(event.getX(), event.getY(), event.getX(), event.getY());
        }
        session.selectedNotes().set(Set.copyOf(selected));
    }

    private void dragged(MouseEvent event) {
        if (band == null) {
            return;
        }
        band = band.to(event.getX(), event.getY());
        ladder.markOverlay();
    }

    private void released(MouseEvent event) {
        if (band == null) {
            return;
        }
        Viewport now = ladder.viewport();
        double left = now.tick(band.left());
        double right = now.tick(band.right());
        int high = now.pitch(band.top());
        int low = now.pitch(band.bottom());
        boolean isClick = band.right() - band.left() < 3 && band.bottom() - band.top() < 3;
        band = null;
        ladder.markOverlay();
        if (!isClick) {
            Set<Long> selected = new HashSet<>(event.isShiftDown() ? session.selectedNotes().get() : Set.of());
            for (int i = ladder.scene().firstAt(left); i < ladder.scene().notes().size(); i++) {
                Standing standing = ladder.scene().notes().get(i);
                if (standing.before().start() >= right) {
                    break;
                }
                int pitch = LadderScene.shownPitch(standing, session.showingBefore().get());
                if (pitch >= low && pitch <= high && standing.before().end() > left) {
                    selected.add(standing.before().id());
                }
            }
            session.selectedNotes().set(Set.copyOf(selected));
        }
    }

    private void movePlayhead(double x) {
        if (ladder.viewport() != null) {
            session.playhead().set(Math.max(0, Math.round(ladder.viewport().tick(x))));
        }
    }

    private void scrolled(ScrollEvent event) {
        Viewport now = ladder.viewport();
        if (now == null) {
            return;
        }
        double amount = event.getDeltaY() == 0 ? event.getDeltaX() : event.getDeltaY();
        if (event.isShortcutDown() && event.isShiftDown()) {
            ladder.zoomRows(Math.exp(amount / 400));
        } else if (event.isShortcutDown()) {
            ladder.look(now.zoomed(Math.exp(amount / 300), event.getX() - LadderView.DEGREES));
        } else if (event.isShiftDown() || event.getDeltaY() == 0) {
            ladder.look(now.withFirstTick(now.firstTick() - amount / now.pixelsPerTick()));
            ladder.fitRows();
        } else {
            ladder.look(now.withScroll(now.scroll() - amount));
        }
        event.consume();
    }

    private void typed(KeyEvent event) {
        if (ladder.scene().isEmpty() || event.isShortcutDown() || event.isAltDown()) {
            return;
        }
        switch (event.getCode()) {
            case LEFT -> step(-1);
            case RIGHT -> step(1);
            case HOME -> stepTo(0);
            case END -> stepTo(ladder.scene().notes().size() - 1);
            case UP -> ladder.look(ladder.viewport().withScroll(ladder.viewport().scroll() - 36));
            case DOWN -> ladder.look(ladder.viewport().withScroll(ladder.viewport().scroll() + 36));
            case PLUS, EQUALS, ADD -> ladder.zoomTime(1.25);
            case MINUS, SUBTRACT -> ladder.zoomTime(0.8);
            case DIGIT0, NUMPAD0 -> ladder.showAll();
            case ESCAPE -> session.selectedNotes().set(Set.of());
            default -> {
                return;
            }
        }
        event.consume();
    }

    private void step(int by) {
        int at = by > 0 ? -1 : ladder.scene().notes().size();
        for (int i = 0; i < ladder.scene().notes().size(); i++) {
            if (session.selectedNotes().get().contains(ladder.scene().notes().get(i).before().id())) {
                at = i;
                break;
            }
        }
        if (at < 0 && by > 0) {
            at = ladder.scene().firstFrom(ladder.viewport().firstTick()) - 1;
        }
        stepTo(at + by);
    }

    private void stepTo(int index) {
        if (!ladder.scene().notes().isEmpty()) {
            Standing note = ladder.scene().notes().get(Math.max(0, Math.min(ladder.scene().notes().size() - 1, index)));
            session.selectedNotes().set(Set.of(note.before().id()));
            ladder.reveal(note.before());
        }
    }
}
