package amberfence.app.theme;

import amberfence.app.words.Words;
import java.text.Bidi;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.beans.binding.Bindings;
import javafx.beans.value.ObservableBooleanValue;
import javafx.event.ActionEvent;
import javafx.event.EventHandler;
import javafx.geometry.Bounds;
import javafx.geometry.NodeOrientation;
import javafx.geometry.Pos;
import javafx.geometry.Side;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.OverrunStyle;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.util.Duration;

/** Controls in the house style, so that every panel makes them alike. */
public final class Controls {
    private static final String TIP = "explained";
    private static final String TURNED = "turned";
    /**
     * What stands for the rest of a text that is cut. The dots are of another font than the letters of a name from right to left, and
     * JavaFX puts them at its wrong end unless marks from left to right (U+200E) keep them for themselves.
     */
    private static final String CUT = "\u200E\u2026\u200E";

    private Controls() {
    }

    /** A button with an id for finding it, and the text of that name. */
    public static Button button(String id, String words, EventHandler<ActionEvent> action, String... styles) {
        Button button = new Button(words == null ? null : Words.say(words));
        button.setId(id);
        button.setEllipsisString(CUT);
        button.getStyleClass().addAll(styles);
        button.setOnAction(action);
        button.setMinWidth(Region.USE_PREF_SIZE);
        return button;
    }

    /** A button with a sign instead of a text; the words say what it does, to the eye and to screen readers. */
    public static Button iconButton(String id, Icons icon, String words, EventHandler<ActionEvent> action) {
        return iconButton(id, icon, words, () -> Words.say(words), action);
    }

    /** The same, explained in words that may change. */
    public static Button iconButton(String id, Icons icon, String words, Supplier<String> tip,
                                    EventHandler<ActionEvent> action) {
        Button button = button(id, null, action, "quiet");
        button.setGraphic(icon.node());
        button.setAccessibleText(Words.say(words));
        tip(button, tip);
        return button;
    }

    public static Label label(String text, String... styles) {
        Label label = new Label(text);
        label.setEllipsisString(CUT);
        label.getStyleClass().addAll(styles);
        return label;
    }

    /**
     * Shows a name in a label of its own. One from right to left is written from its own side, and keeps to the left edge.
     *
     * @param cut how any other name is cut; one from right to left at its end, since a number behind the dots would lose its place
     */
    public static void showName(Label label, String name, OverrunStyle cut) {
        boolean turned = Bidi.requiresBidi(name.toCharArray(), 0, name.length()) && !new Bidi(name, Bidi.DIRECTION_DEFAULT_LEFT_TO_RIGHT).baseIsLeftToRight();
        label.getStyleClass().remove(TURNED);
        if (turned) {
            label.getStyleClass().add(TURNED);
        }
        label.setNodeOrientation(turned ? NodeOrientation.RIGHT_TO_LEFT : NodeOrientation.INHERIT);
        label.setAlignment(turned ? Pos.CENTER_RIGHT : Pos.CENTER_LEFT);
        label.setTextOverrun(turned ? OverrunStyle.ELLIPSIS : cut);
        label.setText(name);
    }

    /** A label with somebody's name for something. */
    public static Label nameLabel(String name) {
        Label label = label("", "name");
        showName(label, name, OverrunStyle.ELLIPSIS);
        return label;
    }

    /** Text of several lines where there is not the room for one, never cut. */
    public static Label paragraph(String text, String... styles) {
        Label label = label(text, styles);
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        return label;
    }

    /** What stands before a control in a row, never cut. */
    public static Label rowLabel(String words) {
        Label label = label(Words.say(words), "soft");
        label.setMinWidth(Region.USE_PREF_SIZE);
        return label;
    }

    public static Label heading(String words) {
        return label(Words.say(words), "heading");
    }

    /** Explains a node when the mouse rests on it. */
    public static void tip(Node node, String text) {
        tip(node, () -> text);
    }

    /**
     * Explains a node, in words that may change. The tooltip itself is a window and costly; it is made when the mouse
     * first comes.
     */
    public static void tip(Node node, Supplier<String> text) {
        node.getProperties().put(TIP, true);
        Tooltip[] made = new Tooltip[1];
        node.addEventHandler(MouseEvent.MOUSE_ENTERED, event -> {
            if (made[0] == null) {
                made[0] = new Tooltip();
                made[0].setShowDelay(Duration.millis(400));
                made[0].setWrapText(true);
                made[0].setMaxWidth(340);
            }
            String now = text.get();
            made[0].setText(now);
            if (now.isEmpty()) {
                Tooltip.uninstall(node, made[0]);
            } else {
                Tooltip.install(node, made[0]);
            }
        });
    }

    /** Whether a node explains itself. */
    public static boolean hasTip(Node node) {
        return node.hasProperties() && node.getProperties().containsKey(TIP);
    }

    /** A button with a sign that opens a menu, which is made anew each time. */
    public static Button menuButton(String id, Icons icon, String accessible, Supplier<List<MenuItem>> items) {
        Button button = button(id, null, null, "quiet");
        button.setOnAction(event -> openMenu(button, items.get()));
        button.setGraphic(icon.node());
        button.setAccessibleText(accessible);
        return button;
    }

    /** An item of a menu; what it says is shown as it is, also with an underscore in a name. */
    public static MenuItem menuItem(String id, String words, Runnable action) {
        MenuItem item = new MenuItem(words);
        item.setMnemonicParsing(false);
        item.setId(id);
        item.setOnAction(event -> action.run());
        return item;
    }

    /** One of several in a menu, of which one is marked. */
    public static MenuItem radioItem(String id, String words, boolean marked, Runnable action) {
        RadioMenuItem item = new RadioMenuItem(words);
        item.setMnemonicParsing(false);
        item.setId(id);
        item.setSelected(marked);
        item.setOnAction(event -> action.run());
        return item;
    }

    /** A menu that opens over what it belongs to. Keys that it has no use for end in it: nobody means what lies below. */
    public static ContextMenu menu(List<MenuItem> items) {
        ContextMenu menu = new ContextMenu();
        menu.getItems().setAll(items);
        menu.addEventHandler(KeyEvent.ANY, event -> {
            // Escape is seen by what closes menus after this.
            if (event.getCode() != KeyCode.ESCAPE) {
                event.consume();
            }
        });
        return menu;
    }

    /** Opens a menu under a button. */
    public static ContextMenu openMenu(Node under, List<MenuItem> items) {
        ContextMenu menu = menu(items);
        // What it belongs to may just have been taken away by an edit.
        if (under.getScene() != null) {
            menu.show(under, Side.BOTTOM, 0, 2);
        }
        return menu;
    }

    /**
     * Disables a control while a condition holds and says why when asked: a disabled control gets no mouse, so a box
     * around it carries the reason.
     */
    public static Node disabledWhen(Node control, ObservableBooleanValue condition, String why) {
        control.disableProperty().bind(condition);
        StackPane box = new StackPane(control);
        tip(box, () -> condition.get() ? Words.say(why) : "");
        box.accessibleHelpProperty().bind(Bindings.when(condition).then(Words.say(why)).otherwise(""));
        return box;
    }

    /** A word that is on or off. */
    public static ToggleButton chip(String id, String text, boolean on, Consumer<Boolean> onChange) {
        ToggleButton chip = new ToggleButton(text);
        chip.setId(id);
        chip.getStyleClass().add("chip-toggle");
        chip.setSelected(on);
        chip.setOnAction(event -> onChange.accept(chip.isSelected()));
        return chip;
    }

    /** A switch, as a toggle button that draws itself as one. */
    public static ToggleButton toggle(String id, boolean on) {
        ToggleButton toggle = new ToggleButton();
        toggle.setId(id);
        toggle.getStyleClass().setAll("switch");
        Region knob = new Region();
        knob.getStyleClass().add("knob");
        toggle.setGraphic(knob);
        toggle.setSelected(on);
        knob.setTranslateX(on ? 6 : -6);
        toggle.selectedProperty().addListener((property, old, now) -> knob.setTranslateX(now ? 6 : -6));
        return toggle;
    }

    /** Rebuilds what is inside a parent; the control that had the focus, by its id, has it again. */
    public static void rebuild(Parent parent, Runnable build) {
        Node owner = parent.getScene() == null ? null : parent.getScene().getFocusOwner();
        String id = owner == null || !isInside(owner, parent) ? null : owner.getId();
        build.run();
        Node again = id == null ? null : parent.lookup("#" + id);
        if (again != null) {
            again.setUserData(owner.getUserData());
            again.requestFocus();
        }
    }

    /** An area as wide as what it holds, which scrolls up and down and follows the focus. */
    public static ScrollPane scrolling(Node content) {
        ScrollPane scroll = new ScrollPane(content);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        followFocus(scroll);
        return scroll;
    }

    /** Whoever goes through the controls by the keyboard sees the one that has the focus. */
    private static void followFocus(ScrollPane scroll) {
        scroll.sceneProperty().flatMap(Scene::focusOwnerProperty).addListener((property, old, now) -> {
            if (now != null && isInside(now, scroll.getContent().getParent())) {
                bringIntoView(scroll, now);
            }
        });
    }

    /** Scrolls up or down until a node inside can be seen. */
    public static void bringIntoView(ScrollPane scroll, Node node) {
        Node content = scroll.getContent();
        double room = content.getLayoutBounds().getHeight() - scroll.getViewportBounds().getHeight();
        if (room <= 0) {
            return;
        }
        Bounds bounds = content.sceneToLocal(node.localToScene(node.getLayoutBounds()));
        double top = scroll.getVvalue() * room;
        double bottom = top + scroll.getViewportBounds().getHeight();
        if (bounds.getMinY() < top) {
            scroll.setVvalue(Math.max(0, bounds.getMinY() / room));
        } else if (bounds.getMaxY() > bottom) {
            scroll.setVvalue(Math.min(1, (bounds.getMaxY() - scroll.getViewportBounds().getHeight()) / room));
        }
    }

    /** Whether a node is a parent or lies somewhere in it; nothing lies in no parent. */
    public static boolean isInside(Node node, Parent parent) {
        for (Node at = node; at != null; at = at.getParent()) {
            if (at == parent) {
                return true;
            }
        }
        return false;
    }

    /** What the Tab key goes through inside a parent, in its order. */
    public static List<Node> focusable(Parent parent) {
        List<Node> found = new ArrayList<>();
        for (Node node : parent.getChildrenUnmodifiable()) {
            if (node.isVisible() && !node.isDisabled()) {
                if (node.isFocusTraversable()) {
                    found.add(node);
                }
                if (node instanceof Parent inner) {
                    found.addAll(focusable(inner));
                }
            }
        }
        return found;
    }

    /** A heading that folds and unfolds what belongs to it. */
    public static ToggleButton fold(String id, String words) {
        ToggleButton fold = new ToggleButton(Words.say(words));
        fold.setId(id);
        fold.getStyleClass().setAll("fold");
        fold.setGraphic(Icons.FOLDED.node());
        fold.selectedProperty().addListener((property, old, now) -> fold.setGraphic((now ? Icons.OPENED : Icons.FOLDED).node()));
        return fold;
    }

    /** Two words of which one holds; pressing the one that holds changes nothing. */
    public static HBox either(ToggleButton first, ToggleButton second, String... styles) {
        ToggleGroup group = new ToggleGroup();
        first.setToggleGroup(group);
        second.setToggleGroup(group);
        group.selectedToggleProperty().addListener((property, old, now) -> {
            if (now == null && old != null) {
                old.setSelected(true);
            }
        });
        HBox box = new HBox(first, second);
        box.getStyleClass().add("either");
        box.getStyleClass().addAll(styles);
        first.setMinWidth(Region.USE_PREF_SIZE);
        second.setMinWidth(Region.USE_PREF_SIZE);
        box.setMinWidth(Region.USE_PREF_SIZE);
        box.setMaxHeight(Region.USE_PREF_SIZE);
        return box;
    }

    /** Gives a style class or takes it. Changes nothing that is so already: whatever changes is styled anew with all that is in it. */
    public static void style(Node node, String style, boolean on) {
        if (on && !node.getStyleClass().contains(style)) {
            node.getStyleClass().add(style);
        } else if (!on) {
            node.getStyleClass().remove(style);
        }
    }

    /** Takes all room that is left in a row. */
    public static Region filler() {
        Region filler = new Region();
        HBox.setHgrow(filler, Priority.ALWAYS);
        return filler;
    }
}
