package amberfence.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.app.sheets.Sheet;
import amberfence.app.theme.Theme;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import javafx.geometry.Bounds;
import javafx.geometry.Rectangle2D;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.SnapshotParameters;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.ScrollPane;
import javafx.scene.image.PixelReader;
import javafx.scene.paint.Color;
import javafx.scene.text.Text;
import javafx.scene.transform.Transform;
import javafx.stage.PopupWindow;
import javafx.stage.Window;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * Text stands out from what lies under it, as it is painted: at least 4.5:1. Source: WCAG 2.1, success criterion 1.4.3, relative
 * luminance and contrast ratio; controls that are disabled are excepted there (from memory).
 */
class ContrastTest extends WindowTest {
    private static final double LEAST = 4.5;
    /** Pictures are taken larger, so that strokes are as wide as a pixel and show their colour. */
    private static final int SCALE = 2;
    private static final int CHANNEL = 255;
    private static final int MARKS = 7;
    private static final List<String> MENUS = List.of("song-menu", "sound-menu", "add-part", "chords-add", "chords-voice", "chords-change", "notes-menu");
    private final Map<Integer, Double> luminances = new HashMap<>();
    private PixelReader pixels;
    private Rectangle2D whole;
    private Set<String> pale;

    @ParameterizedTest
    @EnumSource(Theme.class)
    void everyTextCanBeRead(Theme theme) {
        interact(() -> workspace.setTheme(theme));
        pale = new TreeSet<>();
        eachView(this::look);
        fire("add-step");
        look("steps to add");
        interact(() -> workspace.openTab("changes"));
        List<String> menus = new ArrayList<>(MENUS);
        menus.add("part-menu-" + session.selection().part().get());
        menus.add("step-menu-" + session.selection().openStep().get());
        for (String menu : menus) {
            fire(menu);
            lookAtPopup("menu " + menu);
            interact(() -> popups().forEach(Window::hide));
        }
        moveTo("#notes-menu").moveTo("#snap");
        waitUntil(() -> !popups().isEmpty());
        lookAtPopup("tooltip");
        assertThat(pale).isEmpty();
    }

    private Optional<Sheet> workspaceSheet() {
        return workspace.getChildren().stream().filter(Sheet.class::isInstance).map(Sheet.class::cast).findFirst();
    }

    private static List<Window> popups() {
        return Window.getWindows().stream().filter(PopupWindow.class::isInstance).filter(Window::isShowing).toList();
    }

    /** Menus and tooltips are windows of their own. */
    private void lookAtPopup(String where) {
        settle();
        interact(() -> {
            assertThat(popups()).as(where).isNotEmpty();
            popups().forEach(popup -> {
                picture(popup.getScene().getRoot());
                readTexts(where, popup.getScene().getRoot());
            });
        });
    }

    private void picture(Parent root) {
        SnapshotParameters twice = new SnapshotParameters();
        twice.setTransform(Transform.scale(SCALE, SCALE));
        whole = new Rectangle2D(0, 0, root.getScene().getWidth() * SCALE, root.getScene().getHeight() * SCALE);
        twice.setViewport(whole);
        pixels = root.snapshot(twice, null).getPixelReader();
    }

    private void readTexts(String where, Node top) {
        int[] looked = {0};
        top.lookupAll(".text").stream().filter(node -> node instanceof Text text && !text.getText().isBlank() && isSeen(text)).forEach(node -> {
            looked[0]++;
            read(where + ": “" + ((Text) node).getText() + "” " + node.getParent().getId() + " " + node.getParent().getStyleClass(), area(node));
        });
        assertThat(looked[0]).as("texts in %s", where).isPositive();
    }

    private void look(String where) {
        settle();
        interact(() -> {
            picture(workspace);
            Node top = workspaceSheet().<Node>map(sheet -> sheet).orElse(workspace);
            readTexts(where, top);
            if (top == workspace) {
                List.of("ladder-degrees", "ladder-ruler").forEach(id -> lookup("#" + id).<Canvas>tryQuery().filter(this::isSeen)
                        .ifPresent(canvas -> readLines(where + ": " + id, words(area(canvas)))));
            }
        });
    }

    /** Neither hidden nor disabled, and wholly inside of what scrolls. */
    private boolean isSeen(Node node) {
        Bounds bounds = node.localToScene(node.getLayoutBounds());
        for (Node at = node; at != null; at = at.getParent()) {
            if (!at.isVisible() || at.isDisabled() || at.getOpacity() == 0) {
                return false;
            }
            boolean clips = at instanceof ScrollPane || at.getStyleClass().contains("clipped-container") || at.getStyleClass().contains("viewport");
            if (clips && !at.localToScene(at.getLayoutBounds()).contains(bounds)) {
                return false;
            }
        }
        return whole.contains(area(node));
    }

    private static Rectangle2D area(Node node) {
        Bounds bounds = node.localToScene(node.getLayoutBounds());
        return new Rectangle2D(Math.max(0, bounds.getMinX() * SCALE), Math.max(0, bounds.getMinY() * SCALE), bounds.getWidth() * SCALE, bounds.getHeight() * SCALE);
    }

    /** Finds the ground, which is the colour of most of it, and what stands out most. */
    private void read(String what, Rectangle2D area) {
        double best = best(area, ground(area));
        if (best < LEAST) {
            pale.add(what + String.format(" %.1f", best));
        }
    }

    /** Without the marks of bars at its lower edge, which are no text. */
    private static Rectangle2D words(Rectangle2D canvas) {
        return new Rectangle2D(canvas.getMinX(), canvas.getMinY(), canvas.getWidth(), canvas.getHeight() - MARKS * SCALE);
    }

    /** Lines that are painted under one another: each has to be read. */
    private void readLines(String what, Rectangle2D area) {
        int ground = ground(area);
        double best = 1;
        for (int y = (int) area.getMinY(); y < (int) area.getMaxY(); y++) {
            double row = best(new Rectangle2D(area.getMinX(), y, area.getWidth(), 1), ground);
            if (row > 1.5) {
                best = Math.max(best, row);
            } else if (best > 1.5) {
                if (best < LEAST) {
                    pale.add(what + " at " + y / SCALE + String.format(" %.1f", best));
                }
                best = 1;
            }
        }
    }

    private int ground(Rectangle2D area) {
        Map<Integer, Integer> counts = new HashMap<>();
        for (int y = (int) area.getMinY(); y < (int) area.getMaxY(); y++) {
            for (int x = (int) area.getMinX(); x < (int) area.getMaxX(); x++) {
                counts.merge(pixels.getArgb(x, y), 1, Integer::sum);
            }
        }
        return counts.entrySet().stream().max(Map.Entry.comparingByValue()).map(Map.Entry::getKey).orElse(0);
    }

    private double best(Rectangle2D area, int ground) {
        double best = 1;
        for (int y = (int) area.getMinY(); y < (int) area.getMaxY(); y++) {
            for (int x = (int) area.getMinX(); x < (int) area.getMaxX(); x++) {
                int argb = pixels.getArgb(x, y);
                if (argb != ground) {
                    double a = luminance(argb);
                    double b = luminance(ground);
                    best = Math.max(best, (Math.max(a, b) + 0.05) / (Math.min(a, b) + 0.05));
                }
            }
        }
        return best;
    }

    private double luminance(int argb) {
        return luminances.computeIfAbsent(argb, some -> {
            Color color = Color.rgb(some >> 16 & CHANNEL, some >> 8 & CHANNEL, some & CHANNEL);
            return 0.2126 * linear(color.getRed()) + 0.7152 * linear(color.getGreen()) + 0.0722 * linear(color.getBlue());
        });
    }

    private static double linear(double share) {
        return share <= 0.04045 ? share / 12.92 : Math.pow((share + 0.055) / 1.055, 2.4);
    }
}
