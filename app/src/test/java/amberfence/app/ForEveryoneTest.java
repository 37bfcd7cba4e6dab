package amberfence.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberfence.app.theme.Theme;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import javafx.geometry.NodeOrientation;
import javafx.scene.Node;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.Text;
import javafx.stage.Window;
import org.junit.jupiter.api.Test;

/** The window without a mouse, without sight, in the dark, and when it is small. */
class ForEveryoneTest extends WindowTest {
    private List<ButtonBase> buttons() {
        settle();
        return new ArrayList<>(lookup(node -> node instanceof ButtonBase).queryAllAs(ButtonBase.class));
    }

    private void everyButtonSaysWhatItDoes() {
        assertThat(buttons()).isNotEmpty().allSatisfy(button -> {
            String said = button.getAccessibleText() == null ? button.getText() : button.getAccessibleText();
            assertThat(said).as(button.getId() + " " + button.getStyleClass()).isNotBlank();
        });
    }

    @Test
    void everyButtonSaysWhatItDoesToScreenReaders() {
        everyButtonSaysWhatItDoes();
        interact(workspace::openExport);
        everyButtonSaysWhatItDoes();
    }

    @Test
    void tabReachesEveryAreaAndTheFocusIsSeen() {
        Set<String> reached = new HashSet<>();
        for (int i = 0; i < 110; i++) {
            push(KeyCode.TAB);
            for (Node node = scene.getFocusOwner(); node != null; node = node.getParent()) {
                if (node.getId() != null) {
                    reached.add(node.getId());
                }
            }
        }
        assertThat(reached).contains("parts", "steps", "changes", "ladder", "fence-chip", "import", "export", "song-menu",
                "bring-inside-to", "settle", "add-step",
                "key-span-0", "hand-select", "snap", "notes-menu", "takes", "tab-pick", "tab-velocities", "add-part", "history");
    }

    @Test
    void ctrlLLightsTheLampAndPutsItOut() {
        Color paper = ground();
        push(KeyCode.CONTROL, KeyCode.L);
        settle();
        assertThat(ground().getBrightness()).isLessThan(0.3);
        push(KeyCode.CONTROL, KeyCode.L);
        settle();
        assertThat(ground()).isEqualTo(paper);
    }

    @Test
    void theWindowStartsUnderTheLampWhenItWasLeftSo() {
        interact(() -> {
            scene.setRoot(new Pane());
            scene = AmberFence.scene(workspace, Theme.LAMP);
            scene.getRoot().applyCss();
        });
        assertThat(((Color) ((Region) scene.getRoot()).getBackground().getFills().get(0).getFill()).getBrightness()).isLessThan(0.3);
    }

    @Test
    void menusAndTooltipsHaveTheColoursOfTheLampToo() {
        interact(() -> workspace.setTheme(Theme.LAMP));
        click("part-menu-1");
        waitUntil(() -> menu().isPresent());
        Region menu = menu().orElseThrow();
        Color under = (Color) menu.getBackground().getFills().get(1).getFill();
        Label words = (Label) menu.lookup(".menu-item .label");
        assertThat(under.getBrightness()).as("under the words").isLessThan(0.3);
        assertThat(((Color) words.getTextFill()).getBrightness()).as("words").isGreaterThan(0.7);
        push(KeyCode.ESCAPE);
    }

    private static Optional<Region> menu() {
        return Window.getWindows().stream().filter(window -> window instanceof ContextMenu && window.isShowing())
                .flatMap(window -> window.getScene().getRoot().lookupAll(".context-menu").stream())
                .filter(node -> node instanceof Region region && region.getBackground() != null).map(node -> (Region) node).findFirst();
    }

    /**
     * Where the mouse does something, the keyboard reaches the same node, but for surfaces of which another node has the keys:
     * the ladder those of its canvases and of the velocities, a key's name those of its edge, the table those of its head, and F1 in its control what the name of a setting does.
     */
    @Test
    void whateverTheMouseActsOnTheKeyboardReaches() {
        Set<String> onlyByMouse = new TreeSet<>();
        for (String tab : TABS) {
            interact(() -> workspace.openTab(tab));
            settle();
            scene.getRoot().lookupAll("*").stream().filter(node -> node.getOnMouseClicked() != null || node.getOnMousePressed() != null
                            || node.getOnMouseDragged() != null).filter(node -> !node.isFocusTraversable() && node.getId() != null
                            && !node.getId().matches("ladder-(notes|ruler)|chord-cards|key-edge-[0-9]+|notes-[a-z]+|what-is-.*"))
                    .forEach(node -> onlyByMouse.add(node.getClass().getSimpleName() + "#" + node.getId()));
        }
        assertThat(onlyByMouse).isEmpty();
    }

    @Test
    void theEdgesOfTheColumnsAreMovedByArrows() {
        double before = ((Region) lookup("#parts").query()).getWidth();
        interact(() -> lookup("#parts-edge").query().requestFocus());
        push(KeyCode.RIGHT).push(KeyCode.RIGHT);
        settle();
        assertThat(((Region) lookup("#parts").query()).getWidth()).isCloseTo(before + 24, within(2.0));
        double steps = ((Region) lookup("#steps-column").query()).getWidth();
        interact(() -> lookup("#steps-edge").query().requestFocus());
        push(KeyCode.LEFT);
        settle();
        assertThat(((Region) lookup("#steps-column").query()).getWidth()).isCloseTo(steps + 12, within(2.0));
        assertThat(session.preferences().number("parts-width", 0)).as("and stay so").isCloseTo(before + 24, within(2.0));
    }

    private Color ground() {
        settle();
        Region root = (Region) scene.getRoot();
        return (Color) root.getBackground().getFills().get(0).getFill();
    }

    @Test
    void theStepsFoldAwayFirstWhenTheWindowIsNarrow() {
        assertThat(isShown("steps")).isTrue();
        interact(() -> scene.getWindow().setWidth(1000));
        assertThat(isShown("steps")).isFalse();
        assertThat(isShown("parts")).isTrue();
        interact(() -> scene.getWindow().setWidth(1280));
        assertThat(isShown("steps")).isTrue();
    }

    @Test
    void aDisabledButtonSaysWhy() {
        Node undo = lookup("#undo").query();
        assertThat(undo.isDisabled()).isTrue();
        assertThat(undo.getParent().getAccessibleHelp()).isEqualTo("Nothing has been done yet that could be undone");
        interact(workspace::openExport);
        for (int part = 0; part < 5; part++) {
            click("export-part-" + part);
        }
        Node write = lookup("#export-write").query();
        assertThat(write.isDisabled()).isTrue();
        assertThat(write.getParent().getAccessibleHelp()).isEqualTo("Choose at least one part");
    }

    /** Letters and brackets of two fonts would change places, and dots would stand where the name begins. */
    @Test
    void aNameFromRightToLeftIsWrittenAndCutFromItsOwnSide() {
        Label heading = lookup("#ladder-heading").query();
        String family = heading.getFont().getFamily();
        String name = "\u05DC\u05D7\u05DF \u05D0\u05E8\u05D5\u05DA (2)";
        interact(() -> session.editPart("rename", part -> part.withName(name)));
        assertThat(text("ladder-heading")).as("with no marks between").isEqualTo(name);
        assertThat(heading.getEffectiveNodeOrientation()).isEqualTo(NodeOrientation.RIGHT_TO_LEFT);
        assertThat(heading.getFont().getFamily()).as("one font for all of it").isEqualTo(Font.getDefault().getFamily()).isNotEqualTo(family);
        interact(() -> heading.setMaxWidth(60));
        settle();
        assertThat(((Text) heading.lookup(".text")).getText()).startsWith("\u05DC").endsWith("\u200E\u2026\u200E");
        interact(() -> session.editPart("rename", part -> part.withName("Tune")));
        assertThat(text("ladder-heading")).isEqualTo("TUNE");
        assertThat(heading.getEffectiveNodeOrientation()).isEqualTo(NodeOrientation.LEFT_TO_RIGHT);
        assertThat(heading.getFont().getFamily()).isEqualTo(family);
    }
}
