package amberfence.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.fit.FitBass;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

class TourTest extends WindowTest {
    @Override
    protected Song song() {
        return Song.empty("New song");
    }

    private void offer() {
        interact(() -> workspace.offerTour());
        settle();
    }

    private String count() {
        return lookup("#tour-count").<Label>query().getText();
    }

    private void press(String button) {
        clickOn(button);
        settle();
    }

    @Test
    void leadsThroughSixStopsOnTheDemo() {
        offer();
        press("#tour-take");
        assertThat(session.song().title()).isEqualTo("Lantern Ferry");
        for (int stop = 1; stop <= 6; stop++) {
            assertThat(count()).isEqualTo(stop + " OF 6");
            Node card = lookup("#tour-card").query();
            Bounds place = card.localToScene(card.getLayoutBounds());
            assertThat(scene.getWidth() >= place.getMaxX() && scene.getHeight() >= place.getMaxY() && place.getMinX() >= 0 && place.getMinY() >= 0)
                    .as("stop %d stands inside the window: %s", stop, place).isTrue();
            assertThat(lookup(".tour-ring").query().isVisible()).as("stop %d points at something", stop).isTrue();
            press("#tour-next");
        }
        assertThat(lookup("#tour").tryQuery()).as("over").isEmpty();
    }

    @Test
    void isLeftAtAnyTimeAndNotOfferedAgain() {
        offer();
        press("#tour-take");
        press("#tour-next");
        press(KeyCode.ESCAPE).release(KeyCode.ESCAPE);
        settle();
        assertThat(lookup("#tour").tryQuery()).isEmpty();
        offer();
        assertThat(lookup("#tour-offer").tryQuery()).isEmpty();
    }

    @Test
    void whoDeclinesIsNotAskedAgain() {
        offer();
        press("#tour-decline");
        assertThat(lookup("#tour-offer").tryQuery()).isEmpty();
        assertThat(session.song().title()).isEqualTo("New song");
        offer();
        assertThat(lookup("#tour-offer").tryQuery()).isEmpty();
    }

    @Test
    void theWindowWorksMeanwhile() {
        offer();
        press("#tour-take");
        clickOn("#add-step");
        settle();
        assertThat(lookup("#step-search").tryQuery()).as("the list of steps opened").isPresent();
    }

    @Test
    void showMeDoesWhatTheStopSpeaksOf() {
        offer();
        press("#tour-take");
        press("#tour-show");
        assertThat(session.selection().notes().get()).as("a hatched note is selected").hasSize(1);
        press("#tour-next");
        press("#tour-show");
        assertThat(session.part().orElseThrow().steps().get(0).on()).as("the step is switched off").isFalse();
        press("#tour-show");
        assertThat(session.part().orElseThrow().steps().get(0).on()).isTrue();
        press("#tour-next");
        press("#tour-next");
        press("#tour-show");
        assertThat(session.transport().showingBefore().get()).isTrue();
        press("#tour-next");
        press("#tour-show");
        Part bass = session.part().orElseThrow();
        assertThat(bass.name()).isEqualTo("Fretless");
        assertThat(bass.steps()).anySatisfy(slot -> assertThat(slot.step()).isInstanceOf(FitBass.class));
        press("#tour-back");
        assertThat(count()).isEqualTo("4 OF 6");
    }

    @Test
    void theSongMenuBeginsItAgain() {
        offer();
        press("#tour-decline");
        clickOn("#song-menu");
        clickOn("#menu-tour");
        settle();
        assertThat(count()).isEqualTo("1 OF 6");
        assertThat(lookup("#tour-next").<Labeled>query().isFocused()).isTrue();
    }
}
