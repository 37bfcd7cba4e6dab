package amberfence.app.ladder;

import amberfence.app.session.Session;
import amberfence.app.theme.Swatches;
import amberfence.app.theme.Swatches.Role;
import amberfence.song.Note;
import java.util.Optional;
import java.util.Set;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.geometry.Orientation;
import javafx.geometry.Point2D;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollBar;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;

/**
 * The ladder of the selected part. Canvases in layers: rows, notes, and what follows the mouse. Anything that changes
 * only marks its layer; one pass a frame draws what is marked.
 */
public final class LadderView extends Region {
    static final double DEGREES = 62;
    static final double RULER = 22;
    private static final double BAR = 10;

    private final Session session;
    private final Swatches swatches = new Swatches(this::themeChanged);
    private final Canvas degrees = new Canvas();
    private final Canvas ruler = new Canvas();
    private final Canvas rows = new Canvas();
    private final Canvas notes = new Canvas();
    private final Canvas overlay = new Canvas();
    private final ScrollBar across = new ScrollBar();
    private final ScrollBar down = new ScrollBar();
    private final Label hover = new Label();
    private final RowPainter rowPainter = new RowPainter(swatches);
    private final NotePainter notePainter = new NotePainter(swatches);
    private final NoteWords noteWords = new NoteWords();
    private final LadderGestures gestures;
    private final ObjectProperty<Viewport> view = new SimpleObjectProperty<>();
    private LadderScene scene = LadderScene.EMPTY;
    private boolean rowsMarked = true;
    private boolean notesMarked = true;
    private boolean overlayMarked = true;
    private boolean placed;
    private double zoom = 1;
    private boolean updating;

    public LadderView(Session session) {
        this.session = session;
        this.gestures = new LadderGestures(this, session);
        setId("ladder");
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.NODE);
        across.setId("ladder-across");
        down.setId("ladder-down");
        down.setOrientation(Orientation.VERTICAL);
        across.setFocusTraversable(false);
        down.setFocusTraversable(false);
        hover.setId("ladder-hover");
        hover.getStyleClass().addAll("tooltip");
        hover.setVisible(false);
        hover.setMouseTransparent(true);
        hover.setWrapText(true);
        hover.setMaxWidth(360);
        overlay.setId("ladder-notes");
        getChildren().addAll(swatches, degrees, ruler, rows, notes, overlay, across, down, hover);
        listen();
    }

    private void listen() {
        session.results().addListener((property, old, now) -> updateScene());
        session.selectedPart().addListener((property, old, now) -> {
            placed = false;
            updateScene();
        });
        session.showingBefore().addListener((property, old, now) -> markNotes());
        session.selectedNotes().addListener((property, old, now) -> selectionChanged());
        session.playhead().addListener((property, old, now) -> markOverlay());
        view.addListener((property, old, now) -> viewChanged(old, now));
        across.valueProperty().addListener((property, old, now) -> {
            if (!updating && view.get() != null) {
                view.set(view.get().withFirstTick(now.doubleValue()));
            }
        });
        down.valueProperty().addListener((property, old, now) -> {
            if (!updating && view.get() != null) {
                view.set(view.get().withScroll(now.doubleValue()));
            }
        });
        overlay.setOnMouseMoved(this::hoverAt);
        overlay.setOnMouseExited(event -> hover.setVisible(false));
        gestures.listen(overlay, ruler);
        focusedProperty().addListener((property, old, now) -> markOverlay());
        updateScene();
    }

    private void themeChanged() {
        rowsMarked = true;
        markNotes();
        markOverlay();
    }

    private void markNotes() {
        notesMarked = true;
        requestLayout();
    }

    LadderScene scene() {
        return scene;
    }

    /** What is seen; null until the ladder was laid out for the first time. */
    Viewport viewport() {
        return view.get();
    }

    void look(Viewport there) {
        view.set(there);
    }

    /** Rows for the key that is in the middle now. */
    void fitRows() {
        view.set(view.get().withRows(plan()));
    }

    void markOverlay() {
        overlayMarked = true;
        requestLayout();
    }

    private void updateScene() {
        if (session.results().get() == null) {
            return;
        }
        scene = session.part().map(part -> LadderScene.of(session.results().get(), part)).orElse(LadderScene.EMPTY);
        rowsMarked = true;
        notesMarked = true;
        overlayMarked = true;
        if (view.get() != null && !scene.isEmpty()) {
            view.set(view.get().withRows(plan()));
        }
        requestLayout();
    }

    private long middleTick() {
        Viewport now = view.get();
        return now == null ? 0 : (long) Math.max(0, now.tick(now.width() / 2));
    }

    /** The rows of the key in the middle of what is seen. */
    private RowPlan plan() {
        return new RowPlan(scene.fence().at(middleTick()), zoom);
    }

    private void viewChanged(Viewport old, Viewport now) {
        rowsMarked = true;
        notesMarked = true;
        overlayMarked = true;
        hover.setVisible(false);
        updating = true;
        long end = scene.isEmpty() ? 1 : Math.max(1, scene.results().song().end());
        double seen = now.width() / now.pixelsPerTick();
        across.setMax(Math.max(0, end + seen * 0.1 - seen));
        across.setVisibleAmount(across.getMax() * Math.min(1, seen / Math.max(1, end)));
        across.setValue(now.firstTick());
        down.setMax(Math.max(0, now.rows().total() - now.height()));
        down.setVisibleAmount(down.getMax() * Math.min(1, now.height() / now.rows().total()));
        down.setValue(now.scroll());
        updating = false;
        requestLayout();
    }

    @Override
    protected void layoutChildren() {
        double width = Math.max(10, getWidth() - DEGREES - BAR);
        double height = Math.max(10, getHeight() - RULER - BAR);
        place(degrees, 0, RULER, DEGREES, height);
        place(ruler, DEGREES, 0, width, RULER);
        for (Canvas layer : new Canvas[] {rows, notes, overlay}) {
            place(layer, DEGREES, RULER, width, height);
        }
        across.resizeRelocate(DEGREES, RULER + height, width, BAR);
        down.resizeRelocate(DEGREES + width, RULER, BAR, height);
        if (scene.isEmpty()) {
            clearAll();
            return;
        }
        if (view.get() == null) {
            view.set(new Viewport(0, 0.1, 0, width, height, plan()));
        } else if (view.get().width() != width || view.get().height() != height) {
            view.set(view.get().withSize(width, height));
        }
        if (!placed) {
            placed = true;
            showUsual();
        }
        draw();
    }

    private static void place(Canvas canvas, double x, double y, double width, double height) {
        if (canvas.getWidth() != width || canvas.getHeight() != height) {
            canvas.setWidth(width);
            canvas.setHeight(height);
        }
        canvas.relocate(x, y);
    }

    private void clearAll() {
        for (Canvas canvas : new Canvas[] {degrees, ruler, rows, notes, overlay}) {
            canvas.getGraphicsContext2D().clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
        }
    }

    private void draw() {
        Viewport now = view.get();
        if (rowsMarked) {
            rowPainter.paintRows(rows.getGraphicsContext2D(), now, scene);
            rowPainter.paintRuler(ruler.getGraphicsContext2D(), now, scene, RULER);
            rowPainter.paintDegrees(degrees.getGraphicsContext2D(), now, scene, DEGREES,
                    scene.fence().spellingAt(middleTick()));
            rowsMarked = false;
        }
        if (notesMarked) {
            notePainter.paint(notes.getGraphicsContext2D(), now, scene, session.showingBefore().get(),
                    session.selectedNotes().get());
            notesMarked = false;
        }
        if (overlayMarked) {
            drawOverlay(overlay.getGraphicsContext2D(), now);
            overlayMarked = false;
        }
    }

    private void drawOverlay(GraphicsContext g, Viewport now) {
        g.clearRect(0, 0, now.width(), now.height());
        g.setFill(swatches.color(Role.ALARM));
        g.fillRect(Math.round(now.x(session.playhead().get())) - 0.5, 0, 1.5, now.height());
        g.setStroke(swatches.color(isFocused() ? Role.AMBER_DEEP : Role.RULE));
        g.setLineWidth(isFocused() ? 2 : 1);
        g.strokeRect(0.5, 0.5, now.width() - 1, now.height() - 1);
        gestures.band().ifPresent(band -> {
            g.setStroke(swatches.color(Role.AMBER_DEEP));
            g.setLineWidth(1);
            g.strokeRect(band.left(), band.top(), band.right() - band.left(), band.bottom() - band.top());
        });
    }

    /** The first bars of the part, with its notes in the middle. */
    private void showUsual() {
        var song = scene.results().song();
        long first = scene.notes().isEmpty() ? 0 : scene.notes().get(0).before().start();
        int bar = song.time().barOf(first);
        view.set(view.get().showing(song.time().barStart(bar), song.time().barStart(Math.min(bar + 8, song.lastBar() + 1))));
        centrePitches();
    }

    /** Shows the whole song. */
    public void showAll() {
        if (!scene.isEmpty()) {
            view.set(view.get().showing(0, scene.results().song().time().barStart(scene.results().song().lastBar() + 1)));
            view.set(view.get().withRows(plan()));
            centrePitches();
        }
    }

    private void centrePitches() {
        view.set(view.get().withRows(plan()));
        int[] pitches = scene.notes().stream().limit(5000).mapToInt(note -> note.before().pitch()).sorted().toArray();
        if (pitches.length > 0) {
            view.set(view.get().centredOn((pitches[0] + pitches[pitches.length - 1]) / 2));
        }
    }

    /** Makes time wider (above 1) or narrower, around the middle of the view. */
    public void zoomTime(double factor) {
        if (view.get() != null) {
            view.set(view.get().zoomed(factor, view.get().width() / 2));
        }
    }

    /** Makes the rows taller (above 1) or flatter. */
    public void zoomRows(double factor) {
        zoom = Math.max(0.4, Math.min(2.5, zoom * factor));
        if (view.get() != null && !scene.isEmpty()) {
            view.set(view.get().withRows(plan()));
        }
    }

    /** Scrolls so that a note is seen. */
    public void reveal(Note note) {
        Viewport now = view.get();
        if (now == null) {
            return;
        }
        double x = now.x(note.start());
        if (x < 0 || x > now.width() - 60) {
            now = now.withFirstTick(note.start() - now.width() / now.pixelsPerTick() / 3);
        }
        double y = now.middle(note.pitch());
        view.set(y < 20 || y > now.height() - 20 ? now.centredOn(note.pitch()) : now);
    }

    private void hoverAt(MouseEvent event) {
        if (view.get() == null || scene.isEmpty()) {
            return;
        }
        String text = gestures.noteAt(event.getX(), event.getY()).map(note -> noteWords.of(note, scene))
                .orElseGet(() -> noteWords.ofRow(view.get().pitch(event.getY()), (long) Math.max(0,
                        view.get().tick(event.getX())), scene));
        hover.setText(text);
        hover.setVisible(true);
        hover.autosize();
        double x = Math.min(DEGREES + event.getX() + 14, getWidth() - hover.getWidth() - 4);
        double below = RULER + event.getY() + 18;
        hover.relocate(x, below + hover.getHeight() > getHeight() ? RULER + event.getY() - hover.getHeight() - 10 : below);
    }

    private void selectionChanged() {
        markNotes();
        Set<Long> selected = session.selectedNotes().get();
        if (selected.size() == 1) {
            long id = selected.iterator().next();
            scene.notes().stream().filter(note -> note.before().id() == id).findFirst()
                    .ifPresent(note -> setAccessibleText(noteWords.of(note, scene)));
        }
    }

    /** The place of a note in this view's own coordinates, for tests and for what points at notes; empty when not seen. */
    public Optional<Point2D> placeOf(long noteId) {
        return scene.notes().stream().filter(note -> note.before().id() == noteId).findFirst().map(note -> {
            NotePainter.Box box = NotePainter.Box.of(view.get(), note.before(),
                    LadderScene.shownPitch(note, session.showingBefore().get()));
            return new Point2D(DEGREES + box.x() + Math.min(box.width() / 2, 20), RULER + box.y()
                    + box.height() / 2);
        }).filter(point -> getLayoutBounds().contains(point));
    }
}
