package amberfence.app.workspace;

import amberfence.app.keys.Shortcut;
import amberfence.app.session.Preferences;
import amberfence.app.theme.Controls;
import amberfence.app.theme.Icons;
import amberfence.app.words.Words;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.Cursor;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;

/**
 * The foldable area under the ladder: a row of tabs of which at most one is open. Its height stays the same whichever is
 * open; it is dragged at its upper edge, and remembered.
 */
final class Drawer extends Region {
    private static final double BAR = 30;
    private static final double EDGE = 7;
    private static final double LEAST = 64;
    private static final double USUAL = 124;
    private static final double STEP = 16;
    /** Below this width the tabs move together. */
    private static final double NARROW = 660;

    private record Tab(ToggleButton button, Supplier<Node> make) {
    }

    private final Preferences preferences;
    private final Map<String, Tab> tabs = new LinkedHashMap<>();
    private final Map<String, Node> contents = new LinkedHashMap<>();
    private final HBox bar = new HBox(2);
    private final StackPane content = new StackPane();
    private final Region edge = new Region();
    private final Button fold;
    private final ReadOnlyStringWrapper open = new ReadOnlyStringWrapper("");
    private double height;
    private double grabbed;
    private boolean squeezed;

    Drawer(Preferences preferences) {
        this.preferences = preferences;
        height = preferences.number("drawer-height", USUAL);
        setId("drawer");
        bar.setAlignment(Pos.CENTER_LEFT);
        bar.setId("drawer-tabs");
        content.setId("drawer-content");
        edge.setId("drawer-edge");
        edge.getStyleClass().add("drawer-edge");
        edge.setCursor(Cursor.V_RESIZE);
        edge.setFocusTraversable(true);
        edge.setAccessibleRole(AccessibleRole.NODE);
        edge.setAccessibleText(Words.say("drawer.edge"));
        Controls.tip(edge, Words.say("drawer.edge"));
        edge.setOnMousePressed(event -> grabbed = event.getScreenY() + height);
        edge.setOnMouseDragged(event -> stretch(grabbed - event.getScreenY()));
        edge.setOnKeyPressed(event -> {
            if (event.getCode() == KeyCode.UP || event.getCode() == KeyCode.DOWN) {
                stretch(height + (event.getCode() == KeyCode.UP ? STEP : -STEP));
                event.consume();
            }
        });
        fold = Controls.iconButton("drawer-fold", Icons.DOWN, "drawer.fold", event -> show(open.get().isEmpty() ? last() : ""));
        // Each has its place whatever it holds: what changes in one has nothing else laid out.
        bar.setManaged(false);
        content.setManaged(false);
        getChildren().addAll(edge, bar, content);
        Label signs = Controls.label(Words.say("drawer.signs"), "soft", "small");
        signs.setMinWidth(0);
        Controls.tip(signs, () -> Words.say(open.get().equals("overview") ? "overview.legend" : "ladder.legend"));
        widthProperty().addListener((property, old, now) -> {
            boolean narrow = now.doubleValue() < NARROW;
            signs.setVisible(!narrow);
            signs.setManaged(!narrow);
            Controls.style(bar, "narrow", narrow);
        });
        bar.getChildren().addAll(Controls.filler(), signs, fold);
        setMaxHeight(USE_PREF_SIZE);
        setMinHeight(USE_PREF_SIZE);
    }

    /** What may be higher than the drawer is: it scrolls there. What it holds is visible when it is. */
    static Node scrolled(Node content) {
        ScrollPane scroll = Controls.scrolling(content);
        scroll.setVisible(false);
        content.visibleProperty().bind(scroll.visibleProperty());
        return scroll;
    }

    /**
     * Adds a tab behind the others.
     *
     * @param key opens it, or folds the drawer when it is open
     * @param make makes what it holds, when it is first opened
     */
    void add(String name, Shortcut key, Supplier<Node> make) {
        ToggleButton button = new ToggleButton(Words.say("drawer." + name));
        button.setId("tab-" + name);
        button.getStyleClass().setAll("tab");
        button.setMinWidth(USE_PREF_SIZE);
        button.setAccessibleRole(AccessibleRole.TAB_ITEM);
        Controls.tip(button, Words.say("drawer.tip." + name, key.keys()));
        button.setOnAction(event -> show(button.isSelected() ? name : ""));
        tabs.put(name, new Tab(button, make));
        bar.getChildren().add(bar.getChildren().size() - 3, button);
    }

    /** The name of the tab that is open; empty while the drawer is folded. */
    ReadOnlyStringProperty open() {
        return open.getReadOnlyProperty();
    }

    /** What an open tab holds; empty for one that was never opened. */
    Optional<Node> content(String name) {
        return Optional.ofNullable(contents.get(name));
    }

    /** A number or a few words behind the name of a tab. */
    void mark(String name, String words) {
        tabs.get(name).button().setText(words.isEmpty() ? Words.say("drawer." + name) : Words.say("drawer." + name) + "  " + words);
    }

    /** Opens the tab that was left open the last time. */
    void restore() {
        String kept = preferences.text("drawer", "changes");
        set(kept.isEmpty() || tabs.containsKey(kept) ? kept : "changes");
    }

    private String last() {
        String kept = preferences.text("drawer-last", "changes");
        return tabs.containsKey(kept) ? kept : "changes";
    }

    /** Opens a tab, or folds the drawer when it is the one that is open. */
    void toggle(String name) {
        show(open.get().equals(name) ? "" : name);
    }

    /** Opens a tab; the empty name folds the drawer. */
    void show(String name) {
        squeezed = false;
        preferences.keep("drawer", name);
        if (!name.isEmpty()) {
            preferences.keep("drawer-last", name);
        }
        set(name);
    }

    /** Where the window is low the drawer folds, until somebody opens it; with room again it is as it was. */
    void squeeze(boolean low) {
        if (low != squeezed) {
            squeezed = low;
            set(low ? "" : preferences.text("drawer", "changes"));
        }
    }

    private void set(String name) {
        if (!name.isEmpty() && !contents.containsKey(name)) {
            Node made = tabs.get(name).make().get();
            made.setVisible(false);
            contents.put(name, made);
        }
        tabs.forEach((tab, parts) -> parts.button().setSelected(tab.equals(name)));
        open.set(name);
        contents.forEach((tab, node) -> node.setVisible(tab.equals(name)));
        // What is not to be seen is not in the window either: each node there costs whenever the window is styled anew.
        content.getChildren().setAll(name.isEmpty() ? List.of() : List.of(contents.get(name)));
        edge.setVisible(!name.isEmpty());
        fold.setRotate(name.isEmpty() ? 180 : 0);
        requestLayout();
    }

    private void stretch(double wanted) {
        double most = getScene() == null ? wanted : getScene().getHeight() / 2;
        height = Math.max(LEAST, Math.min(most, wanted));
        preferences.keep("drawer-height", Double.toString(height));
        requestLayout();
    }

    @Override
    protected double computePrefHeight(double width) {
        return open.get().isEmpty() ? BAR : EDGE + BAR + height;
    }

    @Override
    protected void layoutChildren() {
        double top = open.get().isEmpty() ? 0 : EDGE;
        edge.resizeRelocate(0, 0, getWidth(), EDGE);
        bar.resizeRelocate(0, top, getWidth(), BAR);
        content.resizeRelocate(0, top + BAR, getWidth(), Math.max(0, getHeight() - top - BAR));
    }
}
