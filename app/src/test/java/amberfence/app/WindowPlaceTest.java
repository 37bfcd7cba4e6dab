package amberfence.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.app.session.Preferences;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Dimension2D;
import javafx.geometry.Rectangle2D;
import javafx.scene.Scene;
import javafx.scene.layout.Pane;
import javafx.stage.Screen;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;

/** The window opens where it was left, as long as that can be seen. */
class WindowPlaceTest extends WindowTest {
    private Stage window;

    private Rectangle2D opened(Optional<Dimension2D> asked, Preferences preferences) {
        interact(() -> {
            window = new Stage();
            window.setScene(new Scene(new Pane()));
            WindowPlace.take(window, asked, preferences);
            WindowPlace.keep(window, asked, preferences);
            window.show();
        });
        settle();
        return new Rectangle2D(window.getX(), window.getY(), window.getWidth(), window.getHeight());
    }

    private Preferences kept(String place) {
        Preferences preferences = new Preferences();
        preferences.take(Map.of("window", place));
        return preferences;
    }

    @Test
    void opensAsItWasLeft() {
        Preferences preferences = new Preferences();
        opened(Optional.empty(), preferences);
        interact(() -> {
            window.setX(40);
            window.setY(30);
            window.setWidth(900);
            window.setHeight(600);
        });
        settle();
        interact(window::close);
        assertThat(opened(Optional.empty(), preferences)).isEqualTo(new Rectangle2D(40, 30, 900, 600));
        interact(() -> window.setMaximized(true));
        settle();
        interact(window::close);
        opened(Optional.empty(), preferences);
        assertThat(window.isMaximized()).isTrue();
        assertThat(preferences.text("window", "")).as("for when it fills the screen no more").isEqualTo("40 30 900 600");
        interact(window::close);
    }

    @Test
    void whatIsAskedForGoesBeforeWhatWasKeptAndIsNotKeptItself() {
        Preferences preferences = kept("40 30 900 600");
        Rectangle2D place = opened(Optional.of(new Dimension2D(1000, 640)), preferences);
        assertThat(new Dimension2D(place.getWidth(), place.getHeight())).isEqualTo(new Dimension2D(1000, 640));
        interact(window::close);
        assertThat(preferences.text("window", "")).isEqualTo("40 30 900 600");
    }

    @Test
    void aPlaceThatNobodySeesIsNone() {
        Rectangle2D room = Screen.getPrimary().getVisualBounds();
        for (String place : new String[] {"90000 30 900 600", "40 -700 900 600", "40 30 20 10", "40 30 900", "left of the lamp", ""}) {
            Rectangle2D opened = opened(Optional.empty(), kept(place));
            assertThat(opened.getWidth()).as(place).isEqualTo(Math.min(room.getWidth(), WindowPlace.USUAL.getWidth()));
            assertThat(room.contains(opened.getMinX(), opened.getMinY())).as(place).isTrue();
            interact(window::close);
        }
    }

    @Test
    void aWindowFromALargerScreenFitsThisOne() {
        Rectangle2D room = Screen.getPrimary().getVisualBounds();
        assertThat(opened(Optional.empty(), kept("-50 10 9000 7000"))).isEqualTo(room);
        interact(window::close);
        Rectangle2D opened = opened(Optional.empty(), kept((int) room.getMaxX() - 100 + " 0 850 530"));
        assertThat(opened).as("all of it is seen").isEqualTo(new Rectangle2D(room.getMaxX() - 850, room.getMinY(), 850, 530));
        interact(window::close);
    }
}
