package amberfence.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.demo.LanternFerry;
import amberfence.song.Song;
import amberfence.step.SettingTexts;
import amberfence.step.Step;
import amberfence.step.catalogue.StepCatalogue;
import amberfence.step.catalogue.StepText;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.Test;

/** Shapes drawn where they lie: velocities over their stems, time over the bars of the ladder. */
class ShapesOverNotesTest extends WindowTest {
    @Override
    protected Song song() {
        return LanternFerry.plain();
    }

    private void add(String step) {
        interact(() -> session.addStep(0, step, song -> StepText.parse(step).anywhere()));
        settle();
    }

    private String setting(String key) {
        Step step = session.song().part(0).steps().get(0).step();
        return StepCatalogue.of(step).texts(step, SettingTexts.ALONE).get(key);
    }

    /** A point of an overlay: at a share of its width and of its height. */
    private Point2D at(String id, double x, double y) {
        Node overlay = lookup("#" + id).query();
        return overlay.localToScreen(x * overlay.getLayoutBounds().getWidth(), y * overlay.getLayoutBounds().getHeight());
    }

    @Test
    void aShapeOfVelocitiesIsDraggedOverTheirStems() {
        add("touch way=shape shape=0:64,50:64,100:64 every=4bars");
        push(KeyCode.CONTROL, KeyCode.DIGIT6);
        settle();
        assertThat(isShown("shape-of-velocities")).isTrue();
        assertThat(lookup("#shape-of-time").query().isVisible()).isFalse();
        Node lane = lookup("#shape-of-velocities").query();
        double height = lane.getLayoutBounds().getHeight();
        double even = (height - 4 - (height - 10) * 64 / 127) / height;
        // Eight bars are seen, so the middle of the first four bars is a quarter of the way.
        moveTo(at("shape-of-velocities", 0.25, even));
        press(MouseButton.PRIMARY).moveTo(at("shape-of-velocities", 0.25, 0.15)).release(MouseButton.PRIMARY);
        settle();
        assertThat(setting("shape")).matches("0:64,(49|50|51):1[01]\\d,100:64");
        assertThat(text("undo-words")).contains("Shape: 0:64,");
        assertThat(session.results().get().part(0).line().notes()).anyMatch(note -> note.velocity() > 95);
        push(KeyCode.DOWN);
        settle();
        assertThat(setting("shape")).as("the point that was dragged stays marked, and keys move it").matches("0:64,(49|50|51):(9|10|11)\\d,100:64");
        push(KeyCode.DELETE);
        settle();
        assertThat(setting("shape")).isEqualTo("0:64,100:64");
        push(KeyCode.CONTROL, KeyCode.Z).push(KeyCode.CONTROL, KeyCode.Z).push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertThat(setting("shape")).isEqualTo("0:64,50:64,100:64");
    }

    @Test
    void pressesBesideTheShapeAreForTheStemsBelow() {
        add("touch way=shape shape=0:100,100:100");
        push(KeyCode.CONTROL, KeyCode.DIGIT6);
        settle();
        moveTo(at("shape-of-velocities", 0.3, 0.9));
        press(MouseButton.PRIMARY).release(MouseButton.PRIMARY);
        settle();
        assertThat(setting("shape")).isEqualTo("0:100,100:100");
    }

    @Test
    void aBendOfTimeIsDraggedOverTheBars() {
        add("push-pull points=0:0,50:50,100:100 range=1..4");
        assertThat(isShown("shape-of-time")).isTrue();
        moveTo(at("shape-of-time", 0.25, 0.5));
        press(MouseButton.PRIMARY).moveTo(at("shape-of-time", 0.25, 0.3)).release(MouseButton.PRIMARY);
        settle();
        assertThat(setting("points")).matches("0:0,(49|50|51):(6|7)\\d,100:100");
        assertThat(changeRows()).isNotEmpty();
        interact(() -> session.selection().openStep(null));
        settle();
        assertThat(lookup("#shape-of-time").query().isVisible()).as("only while its step is open").isFalse();
    }

    @Test
    void whatTimeCannotDoGoesBackToWhatItWas() {
        add("push-pull points=0:0,50:50,100:100 range=1..4");
        moveTo(at("shape-of-time", 0.5, 0.1));
        press(MouseButton.PRIMARY).moveTo(at("shape-of-time", 0.5, 0.6)).release(MouseButton.PRIMARY);
        settle();
        assertThat(setting("points")).as("the ends of the range stay").isEqualTo("0:0,50:50,100:100");
        assertThat(text("status")).startsWith("where points go rises from 0 to 100");
    }
}
