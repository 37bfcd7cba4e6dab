package amberfence.app;

import amberfence.app.files.AppFolder;
import amberfence.app.files.FileChoice;
import amberfence.app.ladder.LadderView;
import amberfence.app.session.Session;
import amberfence.app.sound.PlayedOn;
import amberfence.app.sound.SoundDesk;
import amberfence.app.theme.Controls;
import amberfence.app.theme.Theme;
import amberfence.app.workspace.Workspace;
import amberfence.demo.LanternFerry;
import amberfence.format.Format;
import amberfence.notes.Note;
import amberfence.song.Song;
import amberfence.sound.RecordedOutput;
import amberfence.sound.SoundOutput;
import amberfence.step.catalogue.StepCatalogue;
import java.io.IOException;
import java.lang.reflect.Field;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Consumer;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.Labeled;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxToolkit;
import org.testfx.api.FxToolkitContext;
import org.testfx.framework.junit5.ApplicationTest;
import org.testfx.robot.Motion;
import org.testfx.service.support.FiredEvents;
import org.testfx.util.WaitForAsyncUtils;

/** A window with the demo song, and hands to use it: controls are found by id, and what a person sees is read. */
public abstract class WindowTest extends ApplicationTest {
    /** Long enough for a slow machine that is busy with other windows; where all is well nobody waits for it. */
    private static final int PATIENCE_SECONDS = 60;
    @TempDir
    protected static Path folder;
    protected Path appFolder;
    protected Session session;
    protected Workspace workspace;
    protected Scene scene;
    /** How far the clock of the sound was put forward, in nanoseconds. */
    private final AtomicLong forward = new AtomicLong();
    /** What is heard goes here. */
    protected final RecordedOutput output = new RecordedOutput(this::now);
    /** What was opened to play on, in order. */
    protected final List<PlayedOn> opened = new CopyOnWriteArrayList<>();
    protected Path toOpen;
    protected Path toSave;

    /** The tabs of the drawer. */
    protected static final List<String> TABS = List.of("changes", "chords", "keys", "pick", "notes", "velocities", "overview", "through");

    /** How each page is opened, by its name. */
    protected Map<String, Runnable> pages() {
        Map<String, Runnable> pages = new LinkedHashMap<>();
        pages.put("fence", workspace::openFence);
        pages.put("compare", workspace::openCompare);
        pages.put("handbook", () -> workspace.openHandbook("arpeggio"));
        return pages;
    }

    /** How each sheet is opened, by its name. */
    protected Map<String, Runnable> sheets() {
        Map<String, Runnable> sheets = new LinkedHashMap<>();
        sheets.put("export", workspace::openExport);
        sheets.put("shortcuts", workspace::openShortcuts);
        sheets.put("history", workspace::openHistory);
        sheets.put("smooth", workspace::openSmooth);
        sheets.put("sound", workspace::openSound);
        sheets.put("time", workspace::openTime);
        sheets.put("settings", workspace::openSettings);
        sheets.put("title", workspace::openTitle);
        sheets.put("chart", workspace::openChart);
        sheets.put("recipe", workspace::openRecipe);
        sheets.put("run", workspace::openRun);
        sheets.put("once", () -> workspace.openOnce(StepCatalogue.find("mirror").orElseThrow()));
        return sheets;
    }

    /** Looks at every tab of the drawer, every page and every sheet, one after another. */
    protected void eachView(Consumer<String> look) {
        for (String tab : TABS) {
            interact(() -> workspace.openTab(tab));
            look.accept(tab);
        }
        pages().forEach((name, page) -> {
            interact(page);
            look.accept(name);
            fire(name + "-done");
        });
        sheets().forEach((name, sheet) -> {
            interact(sheet);
            look.accept(name);
            push(KeyCode.ESCAPE);
        });
    }

    /** Presses a button, also where it cannot be reached by a mouse. */
    protected void fire(String id) {
        interact(() -> lookup("#" + id).queryAs(ButtonBase.class).fire());
        settle();
    }

    /** The song with which the window opens. */
    protected Song song() {
        return LanternFerry.song();
    }

    /** Opens the simulated output, whatever is wanted. */
    protected SoundOutput open(PlayedOn wanted, Consumer<String> trouble) throws IOException {
        opened.add(wanted);
        return output;
    }

    @Override
    public void start(Stage stage) {
        Theme.load();
        appFolder = folder.resolve("app-" + System.identityHashCode(this));
        session = new Session(song());
        // What is installed on the machine makes no difference.
        session.preferences().take(Map.of("sounds", "plain"));
        workspace = new Workspace(session, new FileChoice() {
            @Override
            public Optional<Path> toOpen() {
                return Optional.ofNullable(toOpen);
            }

            @Override
            public Optional<Path> toSave(String suggestion, Format format) {
                return Optional.ofNullable(toSave);
            }
        }, new AppFolder(appFolder), new SoundDesk(session, this::open, this::now));
        scene = AmberFence.scene(workspace, Theme.PAPER);
        stage.setScene(scene);
        stage.show();
        workspace.focusLadder();
    }

    @AfterEach
    void letGo() throws TimeoutException {
        release(new KeyCode[0]);
        interact(() -> {
            workspace.sound().close();
            // Else its work would be written into a folder that is being deleted.
            workspace.leave();
        });
        FxToolkit.cleanupStages();
    }

    /** The robot keeps every event that it ever saw, with its target, which fills the memory when there are many. */
    protected static void forgetEvents() {
        try {
            Field kept = FxToolkitContext.class.getDeclaredField("firedEvents");
            kept.setAccessible(true);
            ((FiredEvents) kept.get(FxToolkit.toolkitContext())).clearEvents();
        } catch (ReflectiveOperationException e) {
            throw new AssertionError("the robot keeps its events elsewhere now", e);
        }
    }

    private long now() {
        return System.nanoTime() + forward.get();
    }

    /** Lets time pass for all that sounds, without waiting for it. */
    protected void timePasses(int milliseconds) {
        forward.addAndGet(TimeUnit.MILLISECONDS.toNanos(milliseconds));
        settle();
    }

    /** Waits until all that was done is to be seen. */
    protected void settle() {
        do {
            WaitForAsyncUtils.waitForFxEvents();
        } while (WaitForAsyncUtils.waitForAsyncFx(1000 * PATIENCE_SECONDS, () -> session.frames().isWaiting()));
    }

    /** Waits until something is true. */
    protected void waitUntil(Callable<Boolean> condition) {
        try {
            WaitForAsyncUtils.waitFor(PATIENCE_SECONDS, TimeUnit.SECONDS, condition);
        } catch (TimeoutException e) {
            throw new AssertionError("it did not happen within " + PATIENCE_SECONDS + " seconds", e);
        }
        settle();
    }

    /** Scrolls to a control that lies outside what can be seen of a list, as a person would. */
    private void scrollTo(String id) {
        settle();
        interact(() -> {
            Node node = lookup("#" + id).tryQuery().orElse(null);
            for (Node at = node; at != null; at = at.getParent()) {
                if (at instanceof ScrollPane scroll) {
                    Controls.bringIntoView(scroll, node);
                }
            }
        });
        settle();
    }

    protected void click(String id) {
        scrollTo(id);
        clickOn("#" + id);
        settle();
    }

    /** Chooses an item of a menu inside the menu that is open; pointing at the inner menu opens it. */
    protected void chooseUnder(String menu, String item) {
        settle();
        moveTo("#" + menu);
        waitUntil(() -> lookup("#" + item).tryQuery().filter(node -> node.getScene() != null).isPresent());
        clickOn("#" + item, Motion.HORIZONTAL_FIRST);
        settle();
    }

    /** Chooses from a list by its place, with the keys. */
    protected void choose(String box, int index) {
        scrollTo(box);
        clickOn("#" + box);
        push(KeyCode.HOME);
        for (int i = 0; i < index; i++) {
            push(KeyCode.DOWN);
        }
        push(KeyCode.ENTER);
        settle();
    }

    /** Types into a field in the place of what it holds. */
    protected void type(String field, String text) {
        scrollTo(field);
        clickOn("#" + field).push(KeyCode.CONTROL, KeyCode.A).write(text).push(KeyCode.ENTER);
        settle();
    }

    /** The text that a labelled control shows. */
    protected String text(String id) {
        settle();
        return ((Labeled) lookup("#" + id).query()).getText();
    }

    protected boolean isShown(String id) {
        settle();
        for (Node node = lookup("#" + id).tryQuery().orElse(null); node != null; node = node.getParent()) {
            if (!node.isVisible()) {
                return false;
            }
            if (node.getParent() == null) {
                return true;
            }
        }
        return false;
    }

    /** The texts of the rows of changes that are in view. */
    protected List<String> changeRows() {
        settle();
        return lookup(".change-row").queryAll().stream().filter(Node::isVisible)
                .sorted(Comparator.comparingDouble(row -> row.localToScene(0, 0).getY()))
                .map(row -> row.lookupAll(".label").stream().filter(Node::isVisible).map(l -> ((Labeled) l).getText())
                        .filter(t -> !t.isEmpty()).reduce((a, b) -> a + " " + b).orElse("")).toList();
    }

    /** Where a note of the ladder is on the screen. */
    protected Point2D noteAt(long id) {
        settle();
        Node ladder = lookup("#ladder").query();
        Point2D place = ((LadderView) ladder).placeOf(id)
                .orElseThrow(() -> new AssertionError("note " + id + " is not in view"));
        Bounds bounds = ladder.localToScreen(ladder.getLayoutBounds());
        return new Point2D(bounds.getMinX() + place.getX(), bounds.getMinY() + place.getY());
    }

    /** Whether a note of the ladder is in view. */
    protected boolean isInView(long id) {
        settle();
        return ((LadderView) lookup("#ladder").query()).placeOf(id).isPresent();
    }

    /** How many pixels of the notes in the ladder have a colour, as red, green and blue, each a little off at most. */
    protected int pixelsInLadder(int colour, int slack) {
        settle();
        Canvas notes = (Canvas) ((Region) lookup("#ladder").query()).getChildrenUnmodifiable().stream()
                .filter(Canvas.class::isInstance).skip(3).findFirst().orElseThrow();
        int[] count = new int[1];
        interact(() -> {
            var picture = notes.snapshot(null, null);
            for (int y = 0; y < picture.getHeight(); y++) {
                for (int x = 0; x < picture.getWidth(); x++) {
                    count[0] += isNear(picture.getPixelReader().getArgb(x, y), colour, slack) ? 1 : 0;
                }
            }
        });
        return count[0];
    }

    private static boolean isNear(int pixel, int colour, int slack) {
        for (int shift = 0; shift <= 16; shift += 8) {
            if (Math.abs((pixel >> shift & 0xFF) - (colour >> shift & 0xFF)) > slack) {
                return false;
            }
        }
        return true;
    }

    /** The first note of a part with a pitch. */
    protected Note note(int part, int pitch) {
        return session.song().parts().get(part).line().notes().stream().filter(note -> note.pitch() == pitch)
                .findFirst().orElseThrow();
    }
}
