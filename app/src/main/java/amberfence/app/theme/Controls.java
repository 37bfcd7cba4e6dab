package amberfence.app.theme;

import amberfence.app.words.Words;
import javafx.beans.binding.Bindings;
import javafx.beans.value.ObservableBooleanValue;
import javafx.event.ActionEvent;
import javafx.event.EventHandler;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.util.Duration;

/** Controls in the house style, so that every panel makes them alike. */
public final class Controls {
    private Controls() {
    }

    /** A button with an id for finding it, and the text of that name. */
    public static Button button(String id, String words, EventHandler<ActionEvent> action, String... styles) {
        Button button = new Button(words == null ? null : Words.say(words));
        button.setId(id);
        button.getStyleClass().addAll(styles);
        button.setOnAction(action);
        button.setMinWidth(Region.USE_PREF_SIZE);
        return button;
    }

    /** A button with a sign instead of a text; the words say what it does, to the eye and to screen readers. */
    public static Button iconButton(String id, Icons icon, String words, EventHandler<ActionEvent> action) {
        Button button = button(id, null, action, "quiet");
        button.setGraphic(icon.node());
        button.setAccessibleText(Words.say(words));
        tip(button, Words.say(words));
        return button;
    }

    public static Label label(String text, String... styles) {
        Label label = new Label(text);
        label.getStyleClass().addAll(styles);
        return label;
    }

    public static Label heading(String words) {
        return label(Words.say(words), "heading");
    }

    public static void tip(Node node, String text) {
        Tooltip tooltip = new Tooltip(text);
        tooltip.setShowDelay(Duration.millis(400));
        tooltip.setWrapText(true);
        tooltip.setMaxWidth(340);
        Tooltip.install(node, tooltip);
    }

    /**
     * Disables a control while a condition holds and says why when asked: a disabled control gets no mouse, so a box
     * around it carries the reason.
     */
    public static Node disabledWhen(Node control, ObservableBooleanValue condition, String why) {
        control.disableProperty().bind(condition);
        StackPane box = new StackPane(control);
        Tooltip reason = new Tooltip(Words.say(why));
        reason.setShowDelay(Duration.millis(300));
        reason.setWrapText(true);
        reason.setMaxWidth(340);
        Runnable update = () -> {
            if (condition.get()) {
                Tooltip.install(box, reason);
            } else {
                Tooltip.uninstall(box, reason);
            }
        };
        condition.addListener((property, old, now) -> update.run());
        update.run();
        box.accessibleHelpProperty().bind(Bindings.when(condition).then(Words.say(why)).otherwise(""));
        return box;
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

    /** Takes all room that is left in a row. */
    public static Region filler() {
        Region filler = new Region();
        HBox.setHgrow(filler, Priority.ALWAYS);
        return filler;
    }
}
