package amberfence.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.app.session.Preferences;
import amberfence.notes.Note;
import amberfence.step.move.Move;
import java.util.Set;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Labeled;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.layout.Region;
import org.junit.jupiter.api.Test;

/** What lies under the ladder opens, folds and is dragged; the ladder follows what is moved. */
class DrawerTest extends WindowTest {
    private double height(String id) {
        settle();
        return ((Region) lookup("#" + id).query()).getHeight();
    }

    private boolean chosen(String tab) {
        settle();
        return ((ToggleButton) lookup("#tab-" + tab).query()).isSelected();
    }

    @Test
    void aKeyForEachTabOpensItAndTheSameKeyFoldsIt() {
        assertThat(chosen("changes")).isTrue();
        double ladder = height("ladder");
        push(KeyCode.CONTROL, KeyCode.DIGIT2);
        assertThat(chosen("chords")).isTrue();
        assertThat(isShown("chord-panel")).isTrue();
        assertThat(isShown("changes")).isFalse();
        for (KeyCode key : new KeyCode[] {KeyCode.DIGIT3, KeyCode.DIGIT4, KeyCode.DIGIT5, KeyCode.DIGIT6, KeyCode.DIGIT7}) {
            push(KeyCode.CONTROL, key);
            assertThat(height("ladder")).as("the ladder never jumps").isEqualTo(ladder);
        }
        push(KeyCode.CONTROL, KeyCode.DIGIT7);
        assertThat(chosen("overview")).isFalse();
        assertThat(height("ladder")).isGreaterThan(ladder + 100);
        click("drawer-fold");
        assertThat(chosen("overview")).as("it opens where it was folded").isTrue();
    }

    @Test
    void itsHeightIsDraggedAndRemembered() {
        Bounds edge = lookup("#drawer-edge").query().localToScreen(lookup("#drawer-edge").query().getLayoutBounds());
        double before = height("drawer");
        drag(edge.getCenterX(), edge.getCenterY(), MouseButton.PRIMARY).moveBy(0, -60).drop();
        assertThat(height("drawer")).isEqualTo(before + 60);
        interact(() -> lookup("#drawer-edge").query().requestFocus());
        push(KeyCode.DOWN);
        assertThat(height("drawer")).isEqualTo(before + 44);
        Preferences kept = session.preferences();
        assertThat(kept.number("drawer-height", 0)).isEqualTo(before + 44 - 37);
    }

    @Test
    void whatAStepTakesOutOfSightIsFollowed() {
        Note first = session.part().orElseThrow().line().notes().get(0);
        assertThat(isInView(first.id())).isTrue();
        interact(() -> session.addStep(0, "up", song -> new Move(Move.Unit.OCTAVES, 3)));
        assertThat(isInView(first.id())).as("three octaves up it is in view").isTrue();
    }

    @Test
    void theSelectionIsNeverLostByAnEdit() {
        Note first = session.part().orElseThrow().line().notes().get(0);
        interact(() -> session.selection().selectNotes(Set.of(first.id())));
        clickOn("#ladder-heading");
        interact(workspace::focusLadder);
        for (int i = 0; i < 3; i++) {
            push(KeyCode.SHIFT, KeyCode.DOWN);
        }
        settle();
        assertThat(session.part().orElseThrow().line().note(first.id()).orElseThrow().pitch()).isEqualTo(first.pitch() - 36);
        assertThat(isInView(first.id())).isTrue();
        Node above = lookup("#notes-above").query();
        assertThat(above.isVisible()).as("the others are told at the edge").isTrue();
        assertThat(((Labeled) above).getText()).matches("↑ \\d+");
        interact(() -> ((Button) above).fire());
        settle();
        assertThat(lookup("#notes-below").query().isVisible()).isTrue();
    }
}
