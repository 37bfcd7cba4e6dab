package amberfence.app.ladder;

import amberfence.app.hands.NoteCommands;
import amberfence.app.session.Session;
import amberfence.notes.TimeMap;
import amberfence.result.Standing;
import amberfence.step.move.Move;
import java.util.HashSet;
import java.util.Set;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/** What the keys do while the ladder has the focus. */
final class LadderKeys {
    private static final double SCROLL = 36;
    private final LadderView ladder;
    private final Session session;
    private final NoteCommands commands;

    LadderKeys(LadderView ladder, Session session, NoteCommands commands) {
        this.ladder = ladder;
        this.session = session;
        this.commands = commands;
        ladder.addEventHandler(KeyEvent.KEY_PRESSED, this::typed);
    }

    private void typed(KeyEvent event) {
        if (ladder.scene().isEmpty()) {
            return;
        }
        boolean up = event.getCode() == KeyCode.UP;
        boolean later = event.getCode() == KeyCode.RIGHT;
        boolean done = switch (event.getCode()) {
            case UP, DOWN -> upOrDown(event, up);
            case LEFT, RIGHT -> leftOrRight(event, later);
            default -> !event.isShortcutDown() && !event.isAltDown() && plain(event.getCode());
        };
        if (done) {
            event.consume();
        }
    }

    private boolean upOrDown(KeyEvent event, boolean up) {
        if (session.selection().notes().get().isEmpty()) {
            ladder.look(ladder.viewport().withScroll(ladder.viewport().scroll() + (up ? -SCROLL : SCROLL)));
        } else if (event.isShortcutDown()) {
            commands.louder(up);
        } else {
            Move.Unit unit = event.isShiftDown() ? Move.Unit.OCTAVES : event.isAltDown() ? Move.Unit.SEMITONES : Move.Unit.DEGREES;
            commands.move(unit, up ? 1 : -1);
        }
        return true;
    }

    private boolean leftOrRight(KeyEvent event, boolean later) {
        if (event.isShortcutDown()) {
            return false;
        } else if (event.isAltDown() && event.isShiftDown()) {
            commands.shift(later ? 1 : -1);
        } else if (event.isAltDown()) {
            commands.nudge(later);
        } else {
            step(later ? 1 : -1, event.isShiftDown());
        }
        return true;
    }

    private boolean plain(KeyCode code) {
        switch (code) {
            case HOME -> stepTo(0, false);
            case END -> stepTo(ladder.scene().notes().size() - 1, false);
            case PLUS, EQUALS, ADD -> ladder.zoomTime(1.25);
            case MINUS, SUBTRACT -> ladder.zoomTime(0.8);
            case DIGIT0, NUMPAD0 -> ladder.showAll();
            case DIGIT9, NUMPAD9 -> ladder.showSelection();
            case PAGE_UP -> playheadByBar(-1);
            case PAGE_DOWN -> playheadByBar(1);
            case D -> ladder.drawing().set(!ladder.drawing().get());
            case A -> commands.allow();
            case K -> commands.cutAtGrid();
            case J -> commands.join();
            case DELETE, BACK_SPACE -> commands.delete();
            case ESCAPE -> ladder.escape();
            default -> {
                return false;
            }
        }
        return true;
    }

    private void playheadByBar(int bars) {
        TimeMap time = session.song().time();
        long now = session.transport().playhead().get();
        int bar = time.barOf(now);
        boolean inside = bars < 0 && now > time.barStart(bar);
        session.transport().moveTo(time.barStart(Math.max(1, inside ? bar : bar + bars)));
    }

    private void step(int by, boolean adding) {
        Set<Long> selected = session.selection().notes().get();
        int size = ladder.scene().notes().size();
        int at = by > 0 ? -1 : size;
        for (int i = 0; i < size; i++) {
            if (selected.contains(ladder.scene().notes().get(i).before().id())) {
                at = i;
                if (by < 0) {
                    break;
                }
            }
        }
        if (at < 0 && by > 0) {
            at = ladder.scene().firstFrom(ladder.viewport().firstTick()) - 1;
        }
        stepTo(at + by, adding);
    }

    private void stepTo(int index, boolean adding) {
        if (!ladder.scene().notes().isEmpty()) {
            Standing note = ladder.scene().notes().get(Math.max(0, Math.min(ladder.scene().notes().size() - 1, index)));
            Set<Long> selected = new HashSet<>(adding ? session.selection().notes().get() : Set.of());
            selected.add(note.before().id());
            session.selection().selectNotes(Set.copyOf(selected));
            ladder.reveal(note.shown(session.transport().showingBefore().get()));
        }
    }
}
