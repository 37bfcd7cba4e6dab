package amberfence.app.ladder;

import amberfence.app.hands.NoteCommands;
import amberfence.app.session.Effort;
import amberfence.app.session.Results;
import amberfence.app.session.Session;
import amberfence.app.theme.Swatches;
import amberfence.app.words.Words;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.result.Standing;
import amberfence.song.Part;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.geometry.Point2D;
import javafx.scene.AccessibleRole;
import javafx.scene.Cursor;
import javafx.scene.canvas.Canvas;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;

/**
 * The ladder of the selected part. Canvases in layers: rows, notes, and what follows the mouse. Anything that changes
 * only marks its layer; one pass a frame draws what is marked. That pass is no layout: a frame of scrolling must not lay
 * out the window.
 */
public final class LadderView extends Region {
    static final double DEGREES = 62;
    static final double RULER = 19;
    static final double BAR = 10;
    /** Names what is worked out for the outline of another take. */
    private static final String OUTLINE = "outline of a take";
    private static final int USUAL_BARS = 8;
    private static final double SHAPE = 84;
    private static final int MIDDLE_C = 60;

    private final Session session;
    private final Swatches swatches = new Swatches(this::markAll);
    private final Canvas degrees = new Canvas();
    private final Canvas ruler = new Canvas();
    private final Canvas rows = new Canvas();
    private final Canvas notes = new Canvas();
    private final Canvas overlay = new Canvas();
    private final LadderHover hover = new LadderHover();
    private final RowPainter rowPainter = new RowPainter(swatches);
    private final NotePainter notePainter = new NotePainter(swatches);
    private final OverlayPainter overlayPainter = new OverlayPainter(swatches);
    private final ObjectProperty<Viewport> view = new SimpleObjectProperty<>();
    private final LadderScrolling scrolling = new LadderScrolling(view);
    private final BooleanProperty drawing = new SimpleBooleanProperty();
    private final BooleanProperty following = new SimpleBooleanProperty();
    private final LadderGestures gestures;
    private final LadderOverlaps overlaps;
    private LadderScene scene = LadderScene.EMPTY;
    private Line outline = Line.EMPTY;
    private boolean rowsMarked = true;
    private boolean notesMarked = true;
    private boolean overlayMarked = true;
    private boolean placed;
    private double zoom = 1;
    /** Whether rows are as tall as a person made them, not as they fit the part. */
    private boolean zoomed;
    /** The bend of time of the open step, laid over the bars. */
    private final ShapeOverlay shape;
    private final LadderEdges edges = new LadderEdges(pitch -> look(viewport().centredOn(pitch)));

    /** @param openMenu opens what can be done with the selected notes */
    public LadderView(Session session, NoteCommands commands, Consumer<MouseEvent> openMenu) {
        this.session = session;
        this.overlaps = new LadderOverlaps(session);
        this.gestures = new LadderGestures(this, session, commands, openMenu);
        new LadderKeys(this, session, commands);
        setId("ladder");
        setAccessibleText(Words.say("named.ladder", 0));
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.NODE);
        overlay.setId("ladder-notes");
        degrees.setId("ladder-degrees");
        ruler.setId("ladder-ruler");
        shape = new ShapeOverlay(session, this, false, value -> value);
        shape.listenOn(overlay);
        getChildren().addAll(swatches, degrees, ruler, rows, notes, overlay, shape, scrolling.across(), scrolling.down(),
                edges.above(), edges.below(), hover);
        listen();
    }

    private void listen() {
        session.results().addListener((property, old, now) -> updateScene());
        session.selection().part().addListener((property, old, now) -> {
            placed = false;
            zoomed = false;
            updateScene();
            requestLayout();
        });
        session.selection().openStep().addListener((property, old, now) -> updateScene());
        session.transport().showingBefore().addListener((property, old, now) -> markNotes());
        session.selection().notes().addListener((property, old, now) -> selectionChanged());
        session.selection().outlinedTake().addListener((property, old, now) -> updateOutline());
        session.pick().notes().addListener((property, old, now) -> markNotes());
        overlaps.changes().addListener((property, old, now) -> markNotes());
        session.transport().playhead().addListener((property, old, now) -> followPlayhead(now.longValue()));
        session.transport().loop().addListener((property, old, now) -> markOverlay());
        view.addListener((property, old, now) -> viewChanged(now));
        overlay.setOnMouseMoved(this::hoverAt);
        overlay.setOnMouseExited(event -> hover.setVisible(false));
        drawing.addListener((property, old, now) -> overlay.setCursor(now ? Cursor.CROSSHAIR : Cursor.DEFAULT));
        gestures.listen(overlay, ruler);
        Runnable pass = this::draw;
        sceneProperty().addListener((property, old, now) -> {
            if (old != null) {
                old.removePostLayoutPulseListener(pass);
            }
            if (now != null) {
                now.addPostLayoutPulseListener(pass);
            }
        });
        focusedProperty().addListener((property, old, now) -> markOverlay());
        session.selection().suggested().addListener((property, old, now) -> markOverlay());
        updateScene();
    }

    /** While true, a press on an empty place draws a note. */
    BooleanProperty drawing() {
        return drawing;
    }

    /** While true, the ladder scrolls along with the playhead. */
    BooleanProperty following() {
        return following;
    }

    LadderOverlaps overlaps() {
        return overlaps;
    }

    private void markAll() {
        rowsMarked = true;
        notesMarked = true;
        overlayMarked = true;
        Platform.requestNextPulse();
    }

    private void markNotes() {
        notesMarked = true;
        Platform.requestNextPulse();
    }

    void markOverlay() {
        overlayMarked = true;
        Platform.requestNextPulse();
    }

    LadderScene scene() {
        return scene;
    }

    /** What is seen; null until the ladder was laid out for the first time. */
    Viewport viewport() {
        return view.get();
    }

    /** What is seen, for what stands above and below the ladder on the same axis of time. */
    ObjectProperty<Viewport> view() {
        return view;
    }

    void look(Viewport there) {
        view.set(there);
    }

    /** Rows for the key that is in the middle now. */
    void fitRows() {
        view.set(view.get().withRows(plan()));
    }

    /** What the scene of a part takes: what a step that waits would do is shown, too. */
    private int effort(Part part) {
        return Math.max(part.line().size(), Effort.waiting(part, session.selection().openStep().get(), session.results().get().song()));
    }

    private void updateScene() {
        if (session.results().get() == null) {
            return;
        }
        Results results = session.results().get();
        Optional<Part> part = session.part();
        LadderScene before = scene;
        Long open = session.selection().openStep().get();
        session.computations().ask(this, part.map(this::effort).orElse(0),
                () -> part.map(some -> LadderScene.of(results, some, open, before)).orElse(LadderScene.EMPTY), this::show);
    }

    private void show(LadderScene fresh) {
        LadderScene before = scene;
        scene = fresh;
        updateOutline();
        if (view.get() != null && !scene.isEmpty()) {
            fitRows();
            if (placed) {
                view.set(LadderFollowing.follow(view.get(), before, scene, session.transport().showingBefore().get(), session.selection().notes().get()));
            }
            scrolling.follow(view.get(), scene);
        } else {
            requestLayout();
        }
        markAll();
    }

    private void updateOutline() {
        Integer take = session.selection().outlinedTake().get();
        if (take == null || scene.isEmpty() || take >= scene.part().takes().size()) {
            session.computations().stop(OUTLINE);
            showOutline(Line.EMPTY);
            return;
        }
        Results results = scene.results();
        Part part = scene.part();
        session.computations().ask(OUTLINE, Effort.of(part.withTake(take), results.song()), () -> results.take(part.id(), take), this::showOutline);
    }

    private void showOutline(Line line) {
        outline = line;
        markNotes();
    }

    private long middleTick() {
        Viewport now = view.get();
        return now == null ? 0 : (long) Math.max(0, now.tick(now.width() / 2));
    }

    /** The rows of the key in the middle of what is seen. */
    private RowPlan plan() {
        return new RowPlan(scene.fence().at(middleTick()), zoom);
    }

    private void viewChanged(Viewport now) {
        hover.setVisible(false);
        scrolling.follow(now, scene);
        edges.follow(now, scene, session.transport().showingBefore().get());
        session.showTime(now.axis());
        markAll();
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
        shape.resizeRelocate(DEGREES, RULER, width, Math.min(SHAPE, height));
        scrolling.across().resizeRelocate(DEGREES, RULER + height, width, BAR);
        scrolling.down().resizeRelocate(DEGREES + width, RULER, BAR, height);
        edges.place(DEGREES, RULER, width, height);
        if (scene.isEmpty()) {
            clearAll();
            return;
        }
        if (view.get() == null) {
            view.set(new Viewport(0, 0.1, 0, width, height, plan()));
        } else if (view.get().width() != width || view.get().height() != height) {
            view.set(view.get().withSize(width, height));
            // Until a person changes them, rows fit the part at whatever height there is.
            if (placed && !zoomed) {
                centrePitches(scene.notes());
            }
        }
        markAll();
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
        if (view.get() == null || scene.isEmpty()) {
            return;
        }
        if (!placed) {
            placed = true;
            showUsual();
        }
        Viewport now = view.get();
        if (rowsMarked) {
            rowPainter.paintRows(rows.getGraphicsContext2D(), now, scene.results());
            rowPainter.paintRuler(ruler.getGraphicsContext2D(), now, scene, RULER);
            rowPainter.paintDegrees(degrees.getGraphicsContext2D(), now, DEGREES, scene.fence().spellingAt(middleTick()));
            rowsMarked = false;
        }
        if (notesMarked) {
            notePainter.paint(notes.getGraphicsContext2D(), now, scene, new NotePainter.Marks(session.transport().showingBefore().get(),
                    session.selection().notes().get(), session.pick().notes().get(), outline, overlaps.found()));
            notesMarked = false;
        }
        if (overlayMarked) {
            overlayPainter.paint(overlay.getGraphicsContext2D(), now, session.transport().playhead().get(), session.transport().loop().get(), isFocused(),
                    gestures.drag(), session.selection().suggested().get());
            overlayMarked = false;
        }
    }

    /** The first bars of the part, with its notes in the middle. */
    private void showUsual() {
        var song = scene.results().song();
        long first = scene.notes().isEmpty() ? 0 : scene.begin(0);
        int bar = song.time().barOf(first);
        int last = scene.notes().isEmpty() ? bar + USUAL_BARS : Math.min(bar + USUAL_BARS, song.lastBar() + 1);
        view.set(view.get().showing(song.time().barStart(bar), song.time().barStart(last)));
        centrePitches(scene.notes());
    }

    /** Shows the whole song. */
    public void showAll() {
        if (!scene.isEmpty()) {
            view.set(view.get().showing(0, scene.results().song().time().barStart(scene.results().song().lastBar() + 1)));
            centrePitches(scene.notes());
        }
    }

    /** Shows the selected notes as wide as they fit. */
    public void showSelection() {
        Set<Long> selected = session.selection().notes().get();
        List<Standing> chosen = scene.notes().stream().filter(note -> selected.contains(note.before().id())).toList();
        if (chosen.isEmpty()) {
            session.say(Words.say("hands.selectFirst"));
            return;
        }
        boolean before = session.transport().showingBefore().get();
        long from = chosen.stream().mapToLong(note -> note.shown(before).start()).min().orElseThrow();
        long to = chosen.stream().mapToLong(note -> note.shown(before).end()).max().orElseThrow();
        long margin = Math.max(1, (to - from) / 12);
        view.set(view.get().showing(Math.max(0, from - margin), to + margin));
        centrePitches(chosen);
    }

    private void centrePitches(List<Standing> around) {
        boolean before = session.transport().showingBefore().get();
        int[] pitches = around.stream().limit(5000).mapToInt(note -> note.shown(before).pitch()).sorted().toArray();
        if (!zoomed) {
            zoom = RowPlan.zoomFor(scene.fence().at(middleTick()), pitches.length == 0 ? MIDDLE_C : pitches[0],
                    pitches.length == 0 ? MIDDLE_C : pitches[pitches.length - 1], view.get().height());
        }
        fitRows();
        view.set(view.get().centredOn(pitches.length == 0 ? MIDDLE_C : (pitches[0] + pitches[pitches.length - 1]) / 2));
    }

    /** Makes time wider (above 1) or narrower, around the middle of the view. */
    public void zoomTime(double factor) {
        if (view.get() != null) {
            view.set(view.get().zoomed(factor, view.get().width() / 2));
        }
    }

    /** Makes the rows taller (above 1) or flatter. */
    public void zoomRows(double factor) {
        zoomed = true;
        zoom = Math.max(RowPlan.LEAST_ZOOM, Math.min(RowPlan.MOST_ZOOM, zoom * factor));
        if (view.get() != null && !scene.isEmpty()) {
            fitRows();
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

    /** Scrolls so that a tick stands near the left edge. */
    public void showTick(long tick) {
        if (view.get() != null && !scene.isEmpty()) {
            placed = true;
            view.set(view.get().withFirstTick(tick - view.get().width() / view.get().pixelsPerTick() / 16));
            centrePitches(scene.notes());
        }
    }

    private void followPlayhead(long tick) {
        Viewport now = view.get();
        if (following.get() && now != null && !scene.isEmpty() && (now.x(tick) < 0 || now.x(tick) > now.width() - 40)) {
            view.set(now.withFirstTick(tick - now.width() / now.pixelsPerTick() / 8));
            fitRows();
        }
        markOverlay();
    }

    private void hoverAt(MouseEvent event) {
        if (view.get() == null || scene.isEmpty()) {
            return;
        }
        Optional<LadderHit> hit = gestures.hit(event.getX(), event.getY());
        overlay.setCursor(hit.map(note -> switch (note.place()) {
            case START -> Cursor.W_RESIZE;
            case END -> Cursor.E_RESIZE;
            default -> Cursor.HAND;
        }).orElse(drawing.get() ? Cursor.CROSSHAIR : Cursor.DEFAULT));
        showWords(hover.words(hit, view.get(), scene, event.getX(), event.getY()), event.getX(), event.getY());
    }

    /** Shows words beside a place of the notes' layer. */
    void showWords(String words, double x, double y) {
        hover.show(words, x, y, getWidth(), getHeight());
    }

    /** Lets go of what is being done: a drag, drawing, or the selection. */
    void escape() {
        hover.setVisible(false);
        if (gestures.drag().isPresent()) {
            gestures.cancel();
        } else if (drawing.get()) {
            drawing.set(false);
        } else {
            session.selection().selectNotes(Set.of());
        }
    }

    private void selectionChanged() {
        markNotes();
        Set<Long> selected = session.selection().notes().get();
        if (selected.size() == 1) {
            scene.note(selected.iterator().next()).ifPresent(note -> setAccessibleText(hover.words(note, scene)));
        } else {
            setAccessibleText(Words.say("named.ladder", selected.size()));
        }
    }

    /** The place of a note in this view's own coordinates, for tests and for what points at notes; empty when not seen. */
    public Optional<Point2D> placeOf(long noteId) {
        return scene.note(noteId).map(note -> {
            NoteBox box = NoteBox.of(view.get(), note.shown(session.transport().showingBefore().get()));
            return new Point2D(DEGREES + box.x() + Math.min(box.width() / 2, 20), RULER + box.y() + box.height() / 2);
        }).filter(point -> getLayoutBounds().contains(point));
    }

    /** The place of a pitch at a tick in this view's own coordinates, wherever it lies. */
    public Point2D placeOf(long tick, int pitch) {
        return new Point2D(DEGREES + view.get().x(tick), RULER + view.get().middle(pitch));
    }
}
