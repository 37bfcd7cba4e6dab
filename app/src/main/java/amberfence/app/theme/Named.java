package amberfence.app.theme;

import javafx.beans.binding.Bindings;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextInputControl;
import javafx.util.StringConverter;

/** How screen readers call what shows a value: by its label, or by a name of its own, and always with the value. */
public final class Named {
    private Named() {
    }

    /** A list to choose from that has no label beside it. */
    public static <T> ComboBox<T> choice(ComboBox<T> box, String name) {
        StringConverter<T> words = box.getConverter();
        box.accessibleTextProperty().bind(Bindings.createStringBinding(() -> name + ": " + words.toString(box.getValue()), box.valueProperty()));
        return box;
    }

    /** A field that has no label beside it. */
    public static void own(TextInputControl field, String name) {
        field.accessibleTextProperty().bind(Bindings.concat(name, ": ", field.textProperty()));
    }

    /** Fields and lists stand for the label before them; where there are several, the others are called by its words. */
    public static void by(Label label, Node control) {
        if (control instanceof ComboBox<?> || control instanceof TextInputControl) {
            if (label.getLabelFor() == null) {
                label.setLabelFor(control);
            } else if (control instanceof TextInputControl field && !field.accessibleTextProperty().isBound()) {
                field.accessibleTextProperty().bind(Bindings.concat(label.textProperty(), ", ", field.textProperty()));
            }
        } else if (control instanceof Parent parent) {
            parent.getChildrenUnmodifiable().forEach(inner -> by(label, inner));
        }
    }

    /** Relates every label in a form to what stands behind it. */
    public static void inside(Parent form) {
        Label before = null;
        for (Node node : form.getChildrenUnmodifiable()) {
            if (node instanceof Label label) {
                before = label;
            } else {
                if (before != null && before.getLabelFor() == null) {
                    by(before, node);
                }
                before = null;
                if (node instanceof Parent inner && !(node instanceof ComboBox<?>)) {
                    inside(inner);
                }
            }
        }
    }
}
