package amberfence.app.steps;

import amberfence.app.theme.Controls;
import amberfence.app.theme.Named;
import amberfence.app.words.Words;
import amberfence.theory.Spelling;
import java.util.function.Consumer;
import java.util.function.IntConsumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The rows of a settings form: a label at the left, a control at the right. */
public final class FormRows extends VBox {
    private static final double LABELS = 88;

    FormRows() {
        super(7);
    }

    FormRows plus(Node... rows) {
        getChildren().addAll(rows);
        return this;
    }

    /** A label at the left, a control at the right. */
    public static Node row(String text, Node control) {
        return row(Controls.label(text, "soft", "small"), control);
    }

    /** The same, with a label of which more can be asked. */
    static Node row(Label label, Node control) {
        label.setMinWidth(LABELS);
        label.setPrefWidth(LABELS);
        label.setWrapText(true);
        HBox.setHgrow(control, Priority.ALWAYS);
        Named.by(label, control);
        HBox row = new HBox(4, label, control);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    /** A whole number with buttons for one less and one more; what is typed counts with Enter or when the field is left. */
    public static Node number(String id, int value, int lowest, int highest, IntConsumer onChange) {
        // The value as it is by now: on a long song the form is made anew only once the last press is worked out.
        int[] now = {value};
        TextField field = field(id, Integer.toString(value), text -> onChange.accept(
                Math.max(lowest, Math.min(highest, Integer.parseInt(text.replace('−', '-').strip())))));
        field.setPrefColumnCount(4);
        Button less = Controls.button(id + "-less", null, event -> onChange.accept(now[0] = Math.max(lowest, now[0] - 1)), "small-step");
        less.setText("−");
        less.setAccessibleText(Words.say("form.less"));
        Button more = Controls.button(id + "-more", null, event -> onChange.accept(now[0] = Math.min(highest, now[0] + 1)), "small-step");
        more.setText("+");
        more.setAccessibleText(Words.say("form.more"));
        HBox box = new HBox(4, less, field, more);
        box.setAlignment(Pos.CENTER_LEFT);
        return box;
    }

    /** A pitch by its name, with buttons for a semitone less and more. */
    public static Node pitch(String id, int midi, Spelling spelling, IntConsumer onChange) {
        int[] now = {midi};
        TextField field = field(id, spelling.pitchText(midi), text -> onChange.accept(spelling.readPitch(text)));
        field.setPrefColumnCount(4);
        Button less = Controls.button(id + "-less", null, event -> onChange.accept(now[0] = Math.max(0, now[0] - 1)), "small-step");
        less.setText("−");
        less.setAccessibleText(Words.say("form.lower"));
        Button more = Controls.button(id + "-more", null, event -> onChange.accept(now[0] = Math.min(127, now[0] + 1)), "small-step");
        more.setText("+");
        more.setAccessibleText(Words.say("form.higher"));
        HBox box = new HBox(4, less, field, more);
        box.setAlignment(Pos.CENTER_LEFT);
        return box;
    }

    /** A field whose text is read with Enter or when it is left; what cannot be read is marked and told in the tooltip. */
    static TextField field(String id, String text, Consumer<String> onChange) {
        TextField field = new TextField(text);
        field.setId(id);
        String[] trouble = {""};
        Controls.tip(field, () -> trouble[0]);
        Runnable read = () -> {
            if (field.getText().equals(text)) {
                return;
            }
            try {
                onChange.accept(field.getText());
                trouble[0] = "";
                field.getStyleClass().remove("wrong");
            } catch (IllegalArgumentException e) {
                trouble[0] = e instanceof NumberFormatException ? Words.say("form.number", field.getText()) : e.getMessage();
                if (!field.getStyleClass().contains("wrong")) {
                    field.getStyleClass().add("wrong");
                }
            }
        };
        field.setOnAction(event -> read.run());
        field.focusedProperty().addListener((property, old, now) -> {
            if (!now) {
                read.run();
            }
        });
        return field;
    }
}
