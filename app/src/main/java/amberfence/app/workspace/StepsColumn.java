package amberfence.app.workspace;

import amberfence.app.keys.Shortcut;
import amberfence.app.session.Session;
import amberfence.app.steps.StepsView;
import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.scene.Node;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The column of the steps: beside the ladder where there is room, else over it when it is called. */
final class StepsColumn extends VBox {
    static final double WIDTH = 292;
    static final double LEAST = 272;

    private final StepsView steps;
    private final ToggleButton call = new ToggleButton(Words.say("steps.call"));
    private final BooleanProperty narrow = new SimpleBooleanProperty();

    StepsColumn(Session session, StepsView steps) {
        this.steps = steps;
        setVgrow(steps, Priority.ALWAYS);
        getChildren().add(steps);
        setId("steps-column");
        setMinWidth(LEAST);
        setPrefWidth(WIDTH);
        call.setId("steps-call");
        call.getStyleClass().add("chip-toggle");
        call.setMinWidth(USE_PREF_SIZE);
        Controls.tip(call, Words.say("steps.callTip", Shortcut.STEPS.keys()));
        call.managedProperty().bind(call.visibleProperty());
        call.visibleProperty().bind(narrow);
        call.selectedProperty().addListener((property, old, now) -> setVisible(!narrow.get() || now));
        session.selection().part().addListener((property, old, now) -> call.setSelected(false));
    }

    /** The button that calls the steps where they have no room of their own. */
    Node call() {
        return call;
    }

    /** Tells whether there is no room beside the ladder. */
    void setNarrow(boolean now) {
        narrow.set(now);
        setVisible(!now || call.isSelected());
        Controls.style(this, "over-ladder", now);
    }

    void toggle() {
        if (narrow.get()) {
            call.setSelected(!call.isSelected());
        }
        if (isVisible()) {
            steps.focusFirst();
        }
    }
}
