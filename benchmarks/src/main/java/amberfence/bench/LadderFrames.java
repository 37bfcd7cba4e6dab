package amberfence.bench;

import amberfence.app.ladder.LadderView;
import amberfence.app.session.Session;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.Role;
import amberfence.song.Part;
import amberfence.song.Song;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.function.IntConsumer;
import java.util.stream.Collectors;
import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.event.EventType;
import javafx.geometry.Point2D;
import javafx.scene.Scene;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.Button;
import javafx.scene.control.ScrollBar;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.paint.Color;
import javafx.stage.Stage;

/**
 * How long a frame of the real window takes while a part of 50,000 notes, or of as many as {@code -Dnotes} says, is scrolled, zoomed out, and dragged: from one
 * frame to the next, with nothing else to wait for.
 */
public final class LadderFrames extends Application {
    private static final int NOTES = Integer.getInteger("notes", 50_000);
    private static final int FRAMES = 300;
    private static final int WARM_UP = 60;
    /** Where the notes' layer begins in the ladder. */
    private static final double GUTTER = 62;
    private static final double RULER = 22;

    /** Something that is done once a frame, with its name. */
    private record Phase(String name, Runnable before, IntConsumer each, Runnable after) {
    }

    private final List<Phase> phases = new ArrayList<>();
    private Scene scene;
    private Session session;
    private int phase;
    /** What a frame takes in which only an empty canvas is painted, 95th percentile. */
    private double plain;
    private int frame;
    private long last;
    private Point2D from;
    private double[] times = new double[FRAMES];

    /** Started through a class that is no application, as the real window is. */
    public static final class Starter {
        private Starter() {
        }

        public static void main(String[] arguments) {
            Application.launch(LadderFrames.class, arguments);
        }
    }

    private static Song song() {
        Random random = new Random(5);
        List<Note> notes = new ArrayList<>(NOTES);
        for (int i = 0; i < NOTES; i++) {
            notes.add(new Note(i + 1, i / 3 * 120L, 60 + random.nextInt(300), 45 + random.nextInt(36), 40 + random.nextInt(87),
                    0, 64));
        }
        Song empty = Song.empty("Long");
        return empty.withParts(List.of(Part.of(0, "Dense", Role.CHORDS, 0, Line.of(notes))))
                .withNextId(NOTES + 1L);
    }

    @Override
    public void start(Stage stage) {
        session = new Session(song());
        scene = BenchWindow.open(stage, session);
        session.results().addListener((property, old, now) -> begin());
        begin();
    }

    /** Once the long song is worked out. */
    private void begin() {
        if (!session.working().get() && phases.isEmpty()) {
            plan();
            new AnimationTimer() {
                @Override
                public void handle(long now) {
                    next(this);
                }
            }.start();
        }
    }

    private ScrollBar bar(String id) {
        return (ScrollBar) scene.lookup("#" + id);
    }

    private void plan() {
        Runnable nothing = () -> { };
        ScrollBar across = bar("ladder-across");
        ScrollBar down = bar("ladder-down");
        IntConsumer scroll = i -> across.setValue(across.getMax() / 4 + i * 37.0);
        Canvas ladder = (Canvas) scene.lookup("#ladder-notes");
        Canvas empty = new Canvas(ladder.getWidth(), ladder.getHeight());
        Pane root = (Pane) scene.getRoot();
        phases.add(new Phase("an empty canvas as large", () -> root.getChildren().add(empty), i -> {
            empty.getGraphicsContext2D().setFill(i % 2 == 0 ? Color.WHITE : Color.IVORY);
            empty.getGraphicsContext2D().fillRect(0, 0, empty.getWidth(), empty.getHeight());
        }, () -> root.getChildren().remove(empty)));
        phases.add(new Phase("scroll through time, cold", nothing, scroll, nothing));
        phases.add(new Phase("scroll through time", nothing, scroll, nothing));
        phases.add(new Phase("scroll through pitches", nothing, i -> down.setValue(800 + 3 * (i % 200)), nothing));
        phases.add(new Phase("drag one note", () -> press(MouseEvent.MOUSE_PRESSED, 0), i -> press(MouseEvent.MOUSE_DRAGGED, i),
                () -> session.selection().selectNotes(Set.of())));
        phases.add(new Phase("drag all notes", this::selectAll, i -> press(MouseEvent.MOUSE_DRAGGED, i),
                () -> session.selection().selectNotes(Set.of())));
        phases.add(new Phase("scroll, 2,000 notes in view", () -> zoomOut(6), scroll, nothing));
        phases.add(new Phase("scroll, 8,000 notes in view", () -> zoomOut(6), scroll, nothing));
        phases.add(new Phase("drag a band, all in view", () -> ((Button) scene.lookup("#zoom-song")).fire(),
                i -> press(i == 0 ? MouseEvent.MOUSE_PRESSED : MouseEvent.MOUSE_DRAGGED, i), nothing));
    }

    private void zoomOut(int times) {
        for (int i = 0; i < times; i++) {
            ((Button) scene.lookup("#zoom-out")).fire();
        }
    }

    private void selectAll() {
        session.selection().selectNotes(session.song().part(0).line().notes().stream().map(Note::id).collect(Collectors.toSet()));
        press(MouseEvent.MOUSE_PRESSED, 0);
    }

    /** The mouse on the notes' layer: at a note that is in view to begin with, then ever farther to the right and back. */
    private void press(EventType<MouseEvent> type, int i) {
        if (type == MouseEvent.MOUSE_PRESSED) {
            LadderView ladder = (LadderView) scene.lookup("#ladder");
            from = session.song().part(0).line().notes().stream().skip(NOTES / 4).limit(400)
                    .map(note -> ladder.placeOf(note.id())).flatMap(Optional::stream).findFirst().orElse(new Point2D(300, 200));
        }
        double x = from.getX() - GUTTER + i % 120;
        double y = from.getY() - RULER;
        scene.lookup("#ladder-notes").fireEvent(new MouseEvent(type, x, y, x, y, MouseButton.PRIMARY, 1, false, false, false,
                false, true, false, false, false, false, false, null));
    }

    private void next(AnimationTimer timer) {
        long now = System.nanoTime();
        if (frame > WARM_UP) {
            times[frame - WARM_UP - 1] = (now - last) / 1e6;
        }
        last = now;
        Phase running = phases.get(phase);
        if (frame == 0) {
            running.before().run();
        }
        if (frame == FRAMES + WARM_UP) {
            report(running);
            running.after().run();
            phase++;
            frame = 0;
            if (phase == phases.size()) {
                timer.stop();
                Platform.exit();
                System.exit(0);
            }
            return;
        }
        running.each().accept(frame);
        frame++;
    }

    private void report(Phase done) {
        double[] sorted = times.clone();
        Arrays.sort(sorted);
        double late = sorted[FRAMES * 95 / 100];
        plain = phase == 0 ? late : plain;
        System.out.printf(Locale.ROOT, "frame, %,d notes, %-28s %6.1f ms median   %6.1f ms 95th percentile   %5.2f × the empty canvas   (aim: ≤ 2 ×)%n",
                NOTES, done.name(), sorted[FRAMES / 2], late, late / plain);
    }
}
