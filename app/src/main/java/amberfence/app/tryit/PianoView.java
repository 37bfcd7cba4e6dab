package amberfence.app.tryit;

import amberfence.app.theme.Controls;
import amberfence.app.theme.Swatches;
import amberfence.app.theme.Swatches.Role;
import amberfence.app.words.Words;
import amberfence.sound.LiveKeys;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import javafx.animation.AnimationTimer;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;

/**
 * A keyboard to play on with the mouse, or with two rows of the computer's keys while it has the focus. It shows both what is
 * pressed (a dot) and what is heard (in amber).
 */
public final class PianoView extends Region {
    private static final double HEIGHT = 58;
    private static final int WHITE_KEYS = 36;
    private static final int[] WHITE = {0, 2, 4, 5, 7, 9, 11};
    private static final double BLACK_SHARE = 0.6;
    private static final int VELOCITY = 90;
    /** The keys of two rows from left to right, semitone by semitone from C. */
    private static final Map<KeyCode, Integer> COMPUTER = new EnumMap<>(Map.ofEntries(Map.entry(KeyCode.A, 0), Map.entry(KeyCode.W, 1),
            Map.entry(KeyCode.S, 2), Map.entry(KeyCode.E, 3), Map.entry(KeyCode.D, 4), Map.entry(KeyCode.F, 5), Map.entry(KeyCode.T, 6),
            Map.entry(KeyCode.G, 7), Map.entry(KeyCode.Y, 8), Map.entry(KeyCode.H, 9), Map.entry(KeyCode.U, 10),
            Map.entry(KeyCode.J, 11), Map.entry(KeyCode.K, 12), Map.entry(KeyCode.O, 13), Map.entry(KeyCode.L, 14)));

    private final Supplier<LiveKeys> keys;
    private final Swatches swatches = new Swatches(this::requestLayout);
    private final Canvas canvas = new Canvas();
    private final Map<KeyCode, Integer> down = new EnumMap<>(KeyCode.class);
    private final AnimationTimer repaint = new AnimationTimer() {
        @Override
        public void handle(long now) {
            paint();
        }
    };
    /** The first key that is seen, a C. */
    private int first = 36;
    /** Where the rows of the computer's keys begin, a C. */
    private int lowest = 60;
    private int mouseKey = -1;

    PianoView(Supplier<LiveKeys> keys) {
        this.keys = keys;
        setId("piano");
        setMinHeight(HEIGHT);
        setPrefHeight(HEIGHT);
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.NODE);
        setAccessibleText(Words.say("tryit.piano"));
        Controls.tip(this, Words.say("tryit.pianoTip"));
        getChildren().addAll(swatches, canvas);
        setOnMousePressed(event -> {
            requestFocus();
            event.consume();
            mouse(keyAt(event));
        });
        setOnMouseDragged(event -> mouse(keyAt(event)));
        setOnMouseReleased(event -> mouse(-1));
        addEventHandler(KeyEvent.KEY_PRESSED, event -> {
            modify(event);
            Integer step = COMPUTER.get(event.getCode());
            if (step != null && !event.isShortcutDown()) {
                press(event.getCode(), lowest + step);
                event.consume();
            }
        });
        addEventHandler(KeyEvent.KEY_RELEASED, event -> {
            modify(event);
            if (release(event.getCode())) {
                event.consume();
            }
        });
        focusedProperty().addListener((property, old, now) -> {
            if (!now) {
                List.copyOf(down.keySet()).forEach(this::release);
            }
            paint();
        });
        sceneProperty().addListener((property, old, now) -> {
            if (now == null) {
                repaint.stop();
            }
        });
    }

    /** Shift turns chords upward, Alt lifts them an octave. */
    private void modify(KeyEvent event) {
        keys.get().setModifiers(event.isShiftDown() ? 1 : 0, event.isAltDown() ? 1 : 0);
    }

    /** Whether a key of the computer plays a note, here and now. */
    public boolean plays(KeyEvent event) {
        return isFocused() && !event.isShortcutDown() && COMPUTER.containsKey(event.getCode());
    }

    /** While it is seen it shows what is played. */
    void setLive(boolean live) {
        if (live) {
            repaint.start();
        } else {
            repaint.stop();
        }
    }

    void shift(int octaves) {
        showFrom(lowest + 12 * octaves);
    }

    /** The rows of the computer's keys begin with the octave of a key; it is seen. */
    void showFrom(int key) {
        lowest = Math.max(0, Math.min(96, Math.floorDiv(key, 12) * 12));
        first = Math.max(Math.min(first, lowest), Math.min(96, lowest + 24) - 48);
        paint();
    }

    private void press(KeyCode code, int key) {
        if (key <= 127 && down.putIfAbsent(code, key) == null) {
            keys.get().press(key, VELOCITY);
            paint();
        }
    }

    private boolean release(KeyCode code) {
        Integer key = down.remove(code);
        if (key != null) {
            keys.get().release(key, 0);
            paint();
        }
        return key != null;
    }

    private void mouse(int key) {
        if (key != mouseKey) {
            if (mouseKey >= 0) {
                keys.get().release(mouseKey, 0);
            }
            mouseKey = key;
            if (key >= 0) {
                keys.get().press(key, VELOCITY);
            }
            paint();
        }
    }

    private double white() {
        return getWidth() / WHITE_KEYS;
    }

    private int whiteKey(int index) {
        return first + index / 7 * 12 + WHITE[index % 7];
    }

    private static boolean hasBlack(int index) {
        return index % 7 != 2 && index % 7 != 6;
    }

    private int keyAt(MouseEvent event) {
        if (event.getY() < 0 || event.getY() > HEIGHT || event.getX() < 0 || event.getX() >= getWidth()) {
            return -1;
        }
        int index = (int) (event.getX() / white());
        if (event.getY() < HEIGHT * BLACK_SHARE) {
            for (int at : new int[] {index - 1, index}) {
                double middle = (at + 1) * white();
                if (at >= 0 && hasBlack(at) && Math.abs(event.getX() - middle) < white() * 0.3) {
                    return whiteKey(at) + 1;
                }
            }
        }
        return Math.min(127, whiteKey(index));
    }

    @Override
    protected void layoutChildren() {
        canvas.setWidth(getWidth());
        canvas.setHeight(HEIGHT);
        paint();
    }

    private void paint() {
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, getWidth(), HEIGHT);
        LiveKeys live = keys.get();
        for (int i = 0; i < WHITE_KEYS; i++) {
            int key = whiteKey(i);
            g.setFill(swatches.color(key <= 127 && live.isHeard(key) ? Role.AMBER : Role.IVORY));
            g.fillRect(i * white(), 0, white(), HEIGHT);
            g.setStroke(swatches.color(Role.RULE));
            g.strokeRect(i * white() + 0.5, 0.5, white() - 1, HEIGHT - 1);
            if (key <= 127 && live.isPressed(key)) {
                dot(g, i * white() + white() / 2, HEIGHT - 9, Role.EBONY);
            }
        }
        for (int i = 0; i < WHITE_KEYS - 1; i++) {
            int key = whiteKey(i) + 1;
            if (hasBlack(i)) {
                double x = (i + 1) * white() - white() * 0.3;
                g.setFill(swatches.color(key <= 127 && live.isHeard(key) ? Role.AMBER_DEEP : Role.EBONY));
                g.fillRect(x, 0, white() * 0.6, HEIGHT * BLACK_SHARE);
                if (key <= 127 && live.isPressed(key)) {
                    dot(g, x + white() * 0.3, HEIGHT * BLACK_SHARE - 8, Role.IVORY);
                }
            }
        }
        g.setFill(swatches.color(Role.AMBER_DEEP));
        g.fillRect((lowest - first) / 12 * 7 * white(), HEIGHT - 3, 9 * white(), 3);
        if (isFocused()) {
            g.setStroke(swatches.color(Role.AMBER_DEEP));
            g.setLineWidth(2);
            g.strokeRect(1, 1, getWidth() - 2, HEIGHT - 2);
            g.setLineWidth(1);
        }
    }

    private void dot(GraphicsContext g, double x, double y, Role role) {
        g.setFill(swatches.color(role));
        g.fillOval(x - 3, y - 3, 6, 6);
    }
}
