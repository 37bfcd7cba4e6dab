package amberfence.app.compare;

import amberfence.app.compare.CompareModel.View;
import amberfence.app.ladder.LadderRows;
import amberfence.app.theme.Swatches.Role;
import amberfence.app.theme.Swatches;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.TimeMap;
import amberfence.reading.Comparison.Difference;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Region;
import javafx.scene.text.Font;

/**
 * The same bars of two versions: one of them, one over the other, or side by side. What is alike is pale; what differs is
 * full, the first version in amber, the second as an outline.
 */
final class CompareCanvas extends Region {
    private static final double GAP = 16;
    private static final double RULER = 20;
    private static final int MARGIN = 2;
    private static final int MIDDLE_C = 60;
    private static final int FEWEST_ROWS = 26;
    private static final double CORNER = 4;

    private final CompareModel model;
    private final Swatches swatches = new Swatches(this::requestLayout);
    private final Canvas canvas = new Canvas();
    private final Set<Note> different = new HashSet<>();
    private Optional<Difference> marked = Optional.empty();
    private int lowest;
    private int highest;

    CompareCanvas(CompareModel model) {
        this.model = model;
        setId("compare-canvas");
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.NODE);
        getChildren().addAll(swatches, canvas);
        setOnScroll(event -> model.showFrom(model.firstBar() - (int) Math.signum(event.getDeltaY() + event.getDeltaX())));
        setOnMousePressed(event -> requestFocus());
    }

    void update() {
        different.clear();
        model.comparison().differences().forEach(difference -> {
            difference.a().ifPresent(different::add);
            difference.b().ifPresent(different::add);
        });
        int[] pitches = Stream.of(model.lineA(), model.lineB()).flatMap(line -> line.notes().stream()).mapToInt(Note::pitch)
                .sorted().toArray();
        lowest = pitches.length == 0 ? MIDDLE_C : pitches[0] - MARGIN;
        highest = pitches.length == 0 ? MIDDLE_C : pitches[pitches.length - 1] + MARGIN;
        int more = Math.max(0, FEWEST_ROWS - (highest - lowest));
        lowest -= more / 2;
        highest += more - more / 2;
        lowest = Math.max(0, lowest);
        highest = Math.min(127, highest);
        paint();
    }

    /** Rings a difference. */
    void mark(Optional<Difference> difference) {
        marked = difference;
        paint();
    }

    @Override
    protected void layoutChildren() {
        canvas.setWidth(getWidth());
        canvas.setHeight(getHeight());
        paint();
    }

    void paint() {
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, getWidth(), getHeight());
        if (model.a() == null || getWidth() < 2 * GAP) {
            return;
        }
        if (model.view() == View.SIDE) {
            double half = (getWidth() - GAP) / 2;
            pane(g, 0, half, View.A);
            pane(g, half + GAP, half, View.B);
        } else {
            pane(g, 0, getWidth(), model.view());
        }
    }

    private void pane(GraphicsContext g, double left, double width, View view) {
        TimeMap time = model.results().song().time();
        long from = time.barStart(model.firstBar());
        long to = time.barStart(model.firstBar() + CompareModel.BARS);
        LadderRows rows = new LadderRows(swatches);
        rows.lay(model.results(), from, to, lowest, highest, left, RULER, width, getHeight() - RULER);
        Pane pane = new Pane(rows, from, to);
        g.save();
        g.beginPath();
        g.rect(left, 0, width, pane.bottom());
        g.clip();
        rows.paint(g);
        bars(g, pane, time, view);
        switch (view) {
            case A -> notes(g, pane, model.lineA(), true);
            case B -> notes(g, pane, model.lineB(), false);
            case TURNS -> turns(g, pane, time);
            default -> over(g, pane);
        }
        if (model.playhead() >= from && model.playhead() < to) {
            g.setFill(swatches.color(Role.ALARM));
            g.fillRect(Math.round(pane.x(model.playhead())) - 0.5, 0, 1.5, pane.bottom());
        }
        marked.ifPresent(difference -> Stream.of(difference.a(), difference.b()).flatMap(Optional::stream)
                .forEach(note -> ring(g, pane, note)));
        g.restore();
    }

    /** Where ticks and pitches lie. */
    private record Pane(LadderRows rows, long from, long to) {
        double x(double tick) {
            return rows.x(tick);
        }

        double y(Note note) {
            return rows.y(note.pitch());
        }

        double row(Note note) {
            return rows.height(note.pitch());
        }

        double bottom() {
            return rows.bottom();
        }

        boolean shows(Note note) {
            return note.start() < to && note.end() > from;
        }
    }

    private void bars(GraphicsContext g, Pane pane, TimeMap time, View view) {
        g.setFont(Font.font("Ferry Sans", 11));
        for (int bar = model.firstBar(); bar < model.firstBar() + CompareModel.BARS; bar++) {
            double x = pane.x(time.barStart(bar));
            double next = pane.x(time.barStart(bar + 1));
            boolean first = model.isTurnOfA(bar);
            if (view == View.TURNS && first) {
                g.setFill(swatches.color(Role.WASH));
                g.fillRect(x, 0, next - x, RULER - 2);
            }
            g.setFill(swatches.color(Role.INK_SOFT));
            g.fillText(view == View.TURNS ? bar + "  " + (first ? "A" : "B") : Integer.toString(bar), x + 4, RULER - 6);
            g.setStroke(swatches.color(Role.RULE));
            g.strokeLine(Math.round(x) + 0.5, 0, Math.round(x) + 0.5, pane.bottom());
        }
    }

    private void notes(GraphicsContext g, Pane pane, Line line, boolean first) {
        for (Note note : seen(line, pane)) {
            if (!different.contains(note)) {
                solid(g, pane, note, Role.AMBER_SOFT);
            } else if (first) {
                solid(g, pane, note, Role.AMBER);
            } else {
                outline(g, pane, note);
            }
        }
    }

    private void over(GraphicsContext g, Pane pane) {
        notes(g, pane, model.lineA(), true);
        g.setStroke(swatches.color(Role.INK_SOFT));
        for (Difference difference : model.comparison().differences()) {
            if (difference.a().filter(pane::shows).isPresent() && difference.b().filter(pane::shows).isPresent()) {
                Note a = difference.a().get();
                Note b = difference.b().get();
                boolean up = b.pitch() > a.pitch();
                g.strokeLine(pane.x(a.start()) + 5, pane.y(a) + (up ? 0 : pane.row(a)), pane.x(b.start()) + 5,
                        pane.y(b) + (up ? pane.row(b) : 0));
            }
        }
        seen(model.lineB(), pane).stream().filter(different::contains).forEach(note -> outline(g, pane, note));
    }

    private void turns(GraphicsContext g, Pane pane, TimeMap time) {
        for (Note note : seen(model.turnsLine(), pane)) {
            if (model.isTurnOfA(time.barOf(note.start()))) {
                solid(g, pane, note, Role.AMBER);
            } else {
                outline(g, pane, note);
            }
        }
    }

    private static List<Note> seen(Line line, Pane pane) {
        return line.notes().stream().filter(pane::shows).toList();
    }

    private void solid(GraphicsContext g, Pane pane, Note note, Role role) {
        g.setFill(swatches.color(role));
        g.fillRoundRect(pane.x(note.start()), pane.y(note) + 1, wide(pane, note), Math.max(2, pane.row(note) - 2), CORNER, CORNER);
    }

    private void outline(GraphicsContext g, Pane pane, Note note) {
        double x = pane.x(note.start());
        double y = pane.y(note);
        g.setFill(swatches.color(Role.CARD));
        g.fillRoundRect(x, y + 1, wide(pane, note), Math.max(2, pane.row(note) - 2), CORNER, CORNER);
        g.setStroke(swatches.color(Role.INK));
        g.setLineWidth(1.6);
        g.strokeRoundRect(x + 0.8, y + 1.8, Math.max(1, wide(pane, note) - 1.6), Math.max(1, pane.row(note) - 3.6), CORNER, CORNER);
        g.setLineWidth(1);
    }

    private static double wide(Pane pane, Note note) {
        return Math.max(3, pane.x(note.end()) - pane.x(note.start()) - 1);
    }

    private void ring(GraphicsContext g, Pane pane, Note note) {
        g.setStroke(swatches.color(Role.AMBER_DEEP));
        g.setLineWidth(2);
        g.strokeRoundRect(pane.x(note.start()) - 2, pane.y(note) - 1, wide(pane, note) + 4, pane.row(note) + 2, 8, 8);
        g.setLineWidth(1);
    }
}
