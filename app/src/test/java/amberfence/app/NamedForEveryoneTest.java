package amberfence.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.app.theme.ControlStyles;
import amberfence.step.catalogue.StepCatalogue;
import java.util.Set;
import java.util.TreeSet;
import javafx.scene.AccessibleAttribute;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Labeled;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/**
 * What a screen reader says of whatever the keyboard comes to: its name, in every view and on every sheet. On the same way it
 * is looked whether all that is there has its style.
 */
class NamedForEveryoneTest extends WindowTest {
    private final Set<String> nameless = new TreeSet<>();
    private final Set<String> unstyled = new TreeSet<>();

    @Test
    void whateverHasTheFocusHasANameAndNoControlLacksItsStyle() {
        eachView(this::look);
        StepCatalogue.all().forEach(schema -> {
            interact(() -> workspace.openOnce(schema));
            look("once " + schema.name());
            push(KeyCode.ESCAPE);
        });
        assertThat(nameless).isEmpty();
        assertThat(unstyled).as("controls whose styles were left out: take their names out of the list in ControlStyles").isEmpty();
    }

    private void look(String where) {
        settle();
        scene.getRoot().lookupAll("*").stream().filter(node -> node.isFocusTraversable() && node.isVisible() && !isNamed(node)
                && !(node instanceof ScrollPane)).forEach(node -> nameless.add(where + ": " + node.getClass().getSimpleName() + "#" + node.getId()));
        scene.getRoot().lookupAll("*").forEach(node -> node.getStyleClass().stream().filter(ControlStyles::isUnused)
                .forEach(name -> unstyled.add(where + ": " + name)));
    }

    private static boolean isNamed(Node node) {
        boolean said = node.getAccessibleText() != null && !node.getAccessibleText().isBlank();
        boolean labelled = node.queryAccessibleAttribute(AccessibleAttribute.LABELED_BY) != null;
        boolean own = node instanceof Labeled labeled && labeled.getText() != null && !labeled.getText().isBlank()
                || node instanceof TextInputControl input && input.getPromptText() != null && !input.getPromptText().isBlank();
        return said || labelled || own && !(node instanceof ComboBox<?>);
    }
}
