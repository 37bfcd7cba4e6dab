package amberfence.app.ladder;

import amberfence.app.hands.NoteCommands;
import amberfence.app.session.Session;
import amberfence.app.theme.Swatches.Role;
import amberfence.app.theme.Swatches;
import amberfence.app.words.Words;
import amberfence.notes.Note;
import amberfence.result.Standing;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import javafx.geometry.Point2D;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Region;
import javafx.scene.text.Font;

/**
 * Velocities as stems under the notes. Dragging a stem changes it, and the whole selection with it when it belongs to that;
 * dragging over empty places draws velocities onto the stems that are passed.
 */
final class VelocityLane extends Region {
    private static final double LEAST = 40;
    private static final double REACH = 5;
    private static final double STEM = 5;
    private final Session session;
    private final LadderView ladder;
    private final NoteCommands commands;
    private final Swatches swatches = new Swatches(this::requestLayout);
    private final Canvas canvas = new Canvas();
    private final Font font = Font.font("Ferry Sans", 10.5);
    private final Map<Long, Integer> wanted = new TreeMap<>();
    private Optional<Note> grabbed = Optional.empty();
    private double fromY;
    private final ShapeOverlay shape;

    VelocityLane(Session session, LadderView ladder, NoteCommands commands) {
        this.session = session;
        this.ladder = ladder;
        this.commands = commands;
        setId("velocity-lane");
        setMinHeight(LEAST);
        shape = new ShapeOverlay(session, ladder, true, velocity -> top((int) Math.round(velocity)));
        shape.listenOn(canvas);
        getChildren().addAll(swatches, canvas, shape);
        ladder.view().addListener((property, old, now) -> layoutChildren());
        session.results().addListener((property, old, now) -> requestLayout());
        session.selection().notes().addListener((property, old, now) -> requestLayout());
        session.transport().showingBefore().addListener((property, old, now) -> requestLayout());
        canvas.setOnMousePressed(event -> {
            wanted.clear();
            fromY = event.getY();
            grabbed = stemAt(event.getX(), event.getY());
            grabbed.ifPresentOrElse(note -> { }, () -> drawOver(event.getX(), event.getY()));
            requestLayout();
        });
        canvas.setOnMouseDragged(event -> {
            grabbed.ifPresentOrElse(note -> pull(note, event.getY()), () -> drawOver(event.getX(), event.getY()));
            requestLayout();
        });
        canvas.setOnMouseReleased(event -> {
            Map<Long, Integer> done = Map.copyOf(wanted);
            wanted.clear();
            grabbed = Optional.empty();
            if (!done.isEmpty()) {
                commands.velocities(done);
            }
            requestLayout();
        });
    }

    private List<Note> inView() {
        Viewport view = ladder.viewport();
        LadderScene scene = ladder.scene();
        boolean before = session.transport().showingBefore().get();
        return scene.notes().subList(scene.firstAt(view.firstTick()), scene.firstFrom(view.lastTick() + 1)).stream()
                .filter(note -> note.kind() != Standing.Kind.MADE).map(note -> note.shown(before)).toList();
    }

    /** The stem under the mouse; of several at one place a selected one, else the nearest in height. */
    private Optional<Note> stemAt(double x, double y) {
        Set<Long> selected = session.selection().notes().get();
        return inView().stream().filter(note -> Math.abs(ladder.viewport().x(note.start()) + STEM / 2 - x) <= REACH)
                .min(Comparator.comparing((Note note) -> !selected.contains(note.id()))
                        .thenComparingDouble(note -> Math.abs(top(note.velocity()) - y)))
                .filter(note -> y >= top(note.velocity()) - REACH || selected.contains(note.id()));
    }

    private void pull(Note note, double y) {
        int by = velocity(y) - velocity(fromY);
        Set<Long> selected = session.selection().notes().get();
        wanted.clear();
        if (selected.contains(note.id())) {
            session.selection().in(ladder.scene().part().line()).forEach(some -> want(some, some.velocity() + by));
        } else {
            want(note, note.velocity() + by);
        }
    }

    private void drawOver(double x, double y) {
        Set<Long> selected = session.selection().notes().get();
        inView().stream().filter(note -> Math.abs(ladder.viewport().x(note.start()) + STEM / 2 - x) <= REACH)
                .filter(note -> selected.isEmpty() || selected.contains(note.id()))
                .forEach(note -> want(note, velocity(y)));
    }

    private void want(Note note, int velocity) {
        wanted.put(note.id(), Math.max(1, Math.min(127, velocity)));
    }

    private double top(int velocity) {
        return getHeight() - 4 - (getHeight() - 10) * velocity / 127;
    }

    private int velocity(double y) {
        return (int) Math.round((getHeight() - 4 - y) * 127 / (getHeight() - 10));
    }

    @Override
    protected void layoutChildren() {
        double width = getWidth();
        if (canvas.getWidth() != width || canvas.getHeight() != getHeight()) {
            canvas.setWidth(width);
            canvas.setHeight(getHeight());
        }
        shape.resizeRelocate(0, 0, width, getHeight());
        if (isVisible() && ladder.viewport() != null && !ladder.scene().isEmpty()) {
            paint(canvas.getGraphicsContext2D(), width);
        }
    }

    private void paint(GraphicsContext g, double width) {
        g.setFill(swatches.color(Role.ROW));
        g.fillRect(0, 0, width, getHeight());
        g.setFill(swatches.color(Role.RUNG));
        g.fillRect(0, top(64), width, 1);
        Set<Long> selected = session.selection().notes().get();
        double narrow = ladder.viewport().pixelsPerTick() * session.song().time().ticksPerQuarter() / 8;
        for (Note note : inView()) {
            int velocity = wanted.getOrDefault(note.id(), note.velocity());
            double x = ladder.viewport().x(note.start());
            g.setFill(swatches.color(selected.contains(note.id()) ? Role.INK : Role.AMBER));
            g.fillRect(x, top(velocity), Math.max(1, Math.min(STEM, narrow)), getHeight() - top(velocity));
        }
        g.setStroke(swatches.color(Role.RULE));
        g.strokeRect(0.5, 0.5, width - 1, getHeight() - 1);
        wanted.values().stream().findFirst().ifPresent(velocity -> {
            g.setFill(swatches.color(Role.INK));
            g.setFont(font);
            g.fillText(Words.say("ladder.velocity", velocity), 6, 14);
        });
    }

    /** The place of a note's stem in this view's own coordinates, for tests. */
    Point2D placeOf(Note note) {
        return new Point2D(ladder.viewport().x(note.start()) + STEM / 2, top(note.velocity()) + 4);
    }
}
