package amberfence.app.limits;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.app.WindowTest;
import amberfence.demo.LanternFerry;
import amberfence.format.midi.MidiExport;
import amberfence.format.project.ProjectDocument;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.Role;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.song.Take;
import amberfence.sound.Messages;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.stream.Collectors;
import javafx.application.Platform;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.ButtonBase;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.robot.Robot;
import javafx.stage.Window;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/**
 * Presses keys, clicks, drags and opens menus at random, with fixed seeds. Nothing is thrown on any thread, the window
 * answers, the song stays whole, and when all is stopped nothing sounds.
 */
public class MonkeyTest extends WindowTest {
    private static final int EVENTS = Integer.getInteger("amberfence.monkey", 1300);
    private static final long FREEZE = Long.getLong("amberfence.freeze", 5000);
    private static final List<KeyCode> KEYS = List.of(KeyCode.A, KeyCode.B, KeyCode.C, KeyCode.D, KeyCode.F, KeyCode.J, KeyCode.K, KeyCode.L,
            KeyCode.O, KeyCode.P, KeyCode.S, KeyCode.T, KeyCode.V, KeyCode.X, KeyCode.Y, KeyCode.Z, KeyCode.UP, KeyCode.DOWN, KeyCode.LEFT,
            KeyCode.RIGHT, KeyCode.ENTER, KeyCode.SPACE, KeyCode.TAB, KeyCode.ESCAPE, KeyCode.DELETE, KeyCode.HOME, KeyCode.END,
            KeyCode.PAGE_UP, KeyCode.PAGE_DOWN, KeyCode.F1, KeyCode.F2, KeyCode.DIGIT1, KeyCode.DIGIT5, KeyCode.PLUS, KeyCode.MINUS);
    private final ConcurrentLinkedQueue<Throwable> thrown = new ConcurrentLinkedQueue<>();
    private Thread.UncaughtExceptionHandler before;

    @BeforeEach
    void listen() throws Exception {
        before = Thread.getDefaultUncaughtExceptionHandler();
        Thread.setDefaultUncaughtExceptionHandler((thread, cause) -> thrown(cause));
        interact(() -> {
            Thread.currentThread().setUncaughtExceptionHandler((thread, cause) -> thrown(cause));
            session.setTrouble((sentence, cause) -> thrown.add(cause));
        });
        toOpen = Files.write(folder.resolve("monkey-" + System.identityHashCode(this) + ".mid"),
                MidiExport.ofOriginals(LanternFerry.plain()).toBytes());
        toSave = folder.resolve("monkey-" + System.identityHashCode(this) + ".amber");
    }

    @AfterEach
    void giveBack() {
        Thread.setDefaultUncaughtExceptionHandler(before);
        interact(() -> Thread.currentThread().setUncaughtExceptionHandler(null));
    }

    @Test
    void withTheDemo() {
        run(LanternFerry.song(), 1, EVENTS);
    }

    @Test
    void withAnEmptySong() {
        run(Song.empty("Empty"), 2, EVENTS);
    }

    @Test
    void withFiftyThousandNotes() {
        List<Note> notes = new ArrayList<>();
        Random random = new Random(7);
        for (int i = 0; i < 50_000; i++) {
            notes.add(new Note(i + 1, i * 120L, 110, 48 + random.nextInt(30), 80, 0, 64));
        }
        Song ferry = LanternFerry.song();
        Song song = Song.empty("Long").withParts(List.of(Part.of(0, "Long", Role.MELODY, 0, Line.of(notes))))
                .withNextId(60_000).withProgression(ferry.progression());
        // Each of them takes longer than in a short song.
        run(song, 3, EVENTS / 2);
    }

    private void run(Song song, long seed, int events) {
        interact(() -> session.open(ProjectDocument.of(song), null));
        settle();
        Random random = new Random(seed);
        Robot[] robot = new Robot[1];
        interact(() -> robot[0] = new Robot());
        try (Blocks blocks = new Blocks()) {
            for (int i = 0; i < events; i++) {
                interactNoWait(() -> {
                    event(robot[0], random);
                    // Behind what the robot has put into the queue: twenty events that wait are not one block.
                    Platform.runLater(blocks::mark);
                });
                if (i % 20 == 19) {
                    // Out of whatever sheet or page it lost itself in.
                    interactNoWait(() -> {
                        for (int times = 0; times < 2; times++) {
                            robot[0].keyPress(KeyCode.ESCAPE);
                            robot[0].keyRelease(KeyCode.ESCAPE);
                        }
                    });
                    settle();
                    interact(() -> check(session.song()));
                    forgetEvents();
                }
                if (!thrown.isEmpty()) {
                    break;
                }
            }
            settle();
            waitUntil(() -> !session.working().get());
            long longest = blocks.take();
            System.out.printf("monkey %d: %d events, longest block %d ms, %d changes%s%n", seed, events, longest, session.revision().get(),
                    longest > 500 ? blocks.where() : "");
            assertThat(longest).as("longest block").isLessThan(FREEZE);
        }
        assertThat(thrown).as(thrown.stream().map(MonkeyTest::trace).collect(Collectors.joining("\n"))).isEmpty();
        interact(() -> {
            workspace.sound().panic();
            check(session.song());
        });
        assertThat(stuck()).isZero();
    }

    private void event(Robot robot, Random random) {
        switch (random.nextInt(10)) {
            case 0, 1, 2 -> key(robot, random);
            case 3, 4 -> click(robot, random, MouseButton.PRIMARY);
            case 5 -> click(robot, random, MouseButton.SECONDARY);
            case 6 -> drag(robot, random);
            case 7, 8 -> press(random);
            default -> {
                robot.mouseMove(random.nextInt(1280), random.nextInt(800));
                robot.mouseWheel(random.nextInt(7) - 3);
            }
        }
    }

    private static void key(Robot robot, Random random) {
        KeyCode modifier = switch (random.nextInt(8)) {
            case 0 -> KeyCode.SHIFT;
            case 1 -> KeyCode.CONTROL;
            case 2 -> KeyCode.ALT;
            default -> null;
        };
        KeyCode key = KEYS.get(random.nextInt(KEYS.size()));
        if (modifier != null) {
            robot.keyPress(modifier);
        }
        robot.keyPress(key);
        robot.keyRelease(key);
        if (modifier != null) {
            robot.keyRelease(modifier);
        }
    }

    private static void click(Robot robot, Random random, MouseButton button) {
        robot.mouseMove(random.nextInt(1280), random.nextInt(800));
        robot.mousePress(button);
        robot.mouseRelease(button);
    }

    private static void drag(Robot robot, Random random) {
        int x = random.nextInt(1280);
        int y = random.nextInt(800);
        robot.mouseMove(x, y);
        robot.mousePress(MouseButton.PRIMARY);
        for (int i = 1; i <= 4; i++) {
            robot.mouseMove(x + i * (random.nextInt(41) - 20), y + i * (random.nextInt(41) - 20));
        }
        robot.mouseRelease(MouseButton.PRIMARY);
    }

    /** Presses one of the buttons that can be seen, or an item of a menu that is open. */
    private void press(Random random) {
        List<Window> windows = Window.getWindows().stream().filter(Window::isShowing).toList();
        Window window = windows.get(windows.size() - 1);
        Node root = window.getScene().getRoot();
        // What lies under a sheet cannot be pressed.
        Node sheet = root.lookupAll(".veil").stream().findFirst().orElse(root);
        List<Node> buttons = sheet.lookupAll(".button, .toggle-button, .menu-item, .combo-box").stream()
                .filter(node -> node.isVisible() && !node.isDisabled()).toList();
        if (buttons.isEmpty()) {
            return;
        }
        Node chosen = buttons.get(random.nextInt(buttons.size()));
        if (chosen instanceof ButtonBase button) {
            button.fire();
        } else {
            Point2D at = chosen.localToScreen(5, 5);
            if (at != null) {
                Robot robot = new Robot();
                robot.mouseMove(at);
                robot.mousePress(MouseButton.PRIMARY);
                robot.mouseRelease(MouseButton.PRIMARY);
            }
        }
    }

    /** What always holds of the open song and of what is selected in it. */
    private void check(Song song) {
        Set<Integer> ids = new HashSet<>();
        for (Part part : song.parts()) {
            assertThat(ids.add(part.id())).as("parts have identities of their own").isTrue();
            for (Take take : part.takes()) {
                Set<Long> notes = new HashSet<>();
                for (Note note : take.line().notes()) {
                    if (note.id() < 1 || note.id() >= song.nextId() || !notes.add(note.id())) {
                        throw new AssertionError("note " + note + " of a song whose next identity is " + song.nextId());
                    }
                }
            }
        }
        Integer selected = session.selection().part().get();
        if (selected != null && !session.working().get()) {
            assertThat(session.results().get().song().find(selected)).as("the selected part is there").isPresent();
        }
        assertThat(session.transport().playhead().get()).isNotNegative();
    }

    private int stuck() {
        int[] on = new int[16 * 128];
        for (int i = 0; i < output.size(); i++) {
            int message = output.message(i);
            int key = Messages.channel(message) << 7 | Messages.first(message);
            on[key] = Messages.isNoteOn(message) ? 1 : Messages.isNoteOff(message) ? 0 : on[key];
        }
        int stuck = 0;
        for (int sounding : on) {
            stuck += sounding;
        }
        return stuck;
    }

    /** The screen in memory has no other window to drag files into, and fails by itself when a card is dropped or dragged past its edge. */
    private void thrown(Throwable cause) {
        StackTraceElement[] stack = cause.getStackTrace();
        boolean ofTheScreen = stack.length > 1 && stack[0].getMethodName().startsWith("notifyDrag")
                && stack[1].getClassName().startsWith("com.sun.glass.ui.monocle.");
        if (!ofTheScreen) {
            thrown.add(cause);
        }
    }

    private static String trace(Throwable thrown) {
        StringBuilder text = new StringBuilder(thrown.toString());
        for (StackTraceElement element : thrown.getStackTrace()) {
            if (element.getClassName().startsWith("amberfence") || text.length() < 300) {
                text.append("\n    ").append(element);
            }
        }
        return text.toString();
    }
}
