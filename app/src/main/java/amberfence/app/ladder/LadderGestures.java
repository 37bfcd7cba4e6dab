package amberfence.app.ladder;

import amberfence.app.hands.NoteCommands;
import amberfence.app.session.Session;
import amberfence.app.words.Words;
import amberfence.edit.ProgressionEdits;
import amberfence.notes.Note;
import amberfence.notes.NoteSet;
import amberfence.result.Standing;
import amberfence.song.Song;
import amberfence.theory.Chord;
import amberfence.theory.ChordKind;
import amberfence.theory.PitchClass;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;

/** What the mouse does in the ladder: select, move, stretch, draw, scroll, zoom, and move the playhead. */
final class LadderGestures {
    private final LadderView ladder;
    private final Session session;
    private final NoteCommands commands;
    private final Consumer<MouseEvent> openMenu;
    private LadderDrag drag;
    /** The note that stays alone in the selection if the press turns out to be a click. */
    private Long clicked;

    LadderGestures(LadderView ladder, Session session, NoteCommands commands, Consumer<MouseEvent> openMenu) {
        this.ladder = ladder;
        this.session = session;
        this.commands = commands;
        this.openMenu = openMenu;
    }

    void listen(Node notes, Node ruler) {
        notes.setOnMousePressed(this::pressed);
        notes.setOnMouseDragged(this::dragged);
        notes.setOnMouseReleased(this::released);
        ruler.setOnMousePressed(event -> movePlayhead(event.getX()));
        ruler.setOnMouseDragged(event -> movePlayhead(event.getX()));
        ladder.addEventHandler(ScrollEvent.SCROLL, this::scrolled);
    }

    /** The drag that goes on, if one does. */
    Optional<LadderDrag> drag() {
        return Optional.ofNullable(drag);
    }

    /** Puts a drag away without doing anything. */
    void cancel() {
        drag = null;
        clicked = null;
        ladder.markOverlay();
    }

    Optional<LadderHit> hit(double x, double y) {
        return LadderHit.at(ladder.viewport(), ladder.scene(), session.transport().showingBefore().get(), x, y);
    }

    private void pressed(MouseEvent event) {
        ladder.requestFocus();
        if (ladder.scene().isEmpty() || session.working().get()) {
            return;
        }
        if (session.chordBrush().get().isPresent() && event.getButton() == MouseButton.PRIMARY) {
            brush(session.chordBrush().get().get(), event);
            return;
        }
        Optional<LadderHit> hit = hit(event.getX(), event.getY());
        hit.ifPresent(note -> select(note.standing().before().id(), event));
        if (event.getButton() == MouseButton.SECONDARY) {
            openMenu.accept(event);
        } else if (hit.isPresent()) {
            take(hit.get(), event);
        } else if (ladder.drawing().get() || event.getClickCount() == 2) {
            drag = new DrawDrag(ladder, session, commands, event.getX(), event.getY(), event.isAltDown());
        } else {
            if (!event.isShiftDown()) {
                session.selection().selectNotes(Set.of());
            }
            drag = new BandDrag(ladder, session, event.getX(), event.getY());
        }
        ladder.markOverlay();
    }

    /** Puts a chord of a kind on the note of the row that is clicked, for the bar from there on. */
    private void brush(ChordKind kind, MouseEvent event) {
        Song song = session.song();
        long tick = Math.round(Math.max(0, ladder.viewport().tick(event.getX())));
        long start = session.snap().lines(song.time(), tick).map(lines -> lines.atOrBefore(tick)).orElse(tick);
        PitchClass root = PitchClass.of(ladder.viewport().pitch(event.getY()));
        Chord chord = Chord.of(ladder.scene().fence().spellingAt(start).name(root), kind);
        long end = song.time().barStart(song.time().barOf(start) + 1);
        session.edit(Words.say("chords.put", chord.text()), same -> ProgressionEdits.put(same, start, end, chord));
    }

    /** A press on a selected note keeps the selection, as it may become a drag of all of them. */
    private void select(long id, MouseEvent event) {
        Set<Long> selected = new HashSet<>(session.selection().notes().get());
        clicked = null;
        if (event.isShiftDown()) {
            if (!selected.add(id)) {
                selected.remove(id);
            }
        } else if (selected.contains(id)) {
            clicked = event.getButton() == MouseButton.PRIMARY ? id : null;
        } else {
            selected = Set.of(id);
        }
        session.selection().selectNotes(Set.copyOf(selected));
    }

    private void take(LadderHit hit, MouseEvent event) {
        Note grabbed = hit.standing().shown(session.transport().showingBefore().get());
        NoteSet source = commands.selection().source();
        if (!source.contains(grabbed)) {
            if (hit.standing().kind() == Standing.Kind.MADE) {
                session.say(Words.say("hands.made"));
            }
            return;
        }
        List<Note> notes = source.in(commands.heard());
        boolean edge = hit.place() == LadderHit.Place.START || hit.place() == LadderHit.Place.END;
        drag = edge ? new StretchDrag(ladder, session, commands, grabbed, notes, hit.place() == LadderHit.Place.END,
                event.getX()) : new MoveDrag(ladder, session, commands, grabbed, notes, event.getX(), event.getY());
    }

    private void dragged(MouseEvent event) {
        if (drag != null) {
            drag.to(event.getX(), event.getY(), event.isAltDown());
            ladder.showWords(drag.words(), event.getX(), event.getY());
            ladder.markOverlay();
        }
    }

    private void released(MouseEvent event) {
        LadderDrag done = drag;
        Long single = clicked;
        cancel();
        if (done instanceof MoveDrag move && !move.hasMoved() && single != null) {
            session.selection().selectNotes(Set.of(single));
        } else if (done != null) {
            done.finish(event.isShiftDown());
        }
    }

    private void movePlayhead(double x) {
        if (ladder.viewport() != null) {
            session.transport().moveTo(Math.max(0, Math.round(ladder.viewport().tick(x))));
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
}
