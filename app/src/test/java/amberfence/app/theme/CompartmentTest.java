package amberfence.app.theme;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.ApplicationTest;
import org.testfx.util.WaitForAsyncUtils;

class CompartmentTest extends ApplicationTest {
    private Label label;
    private HBox content;
    private Compartment compartment;
    private StackPane around;

    @Override
    public void start(Stage stage) {
        label = new Label("short");
        content = new HBox(label);
        compartment = new Compartment(content);
        around = new StackPane(compartment);
        stage.setScene(new Scene(around, 300, 100));
        stage.show();
    }

    @Test
    void whatChangesInThereIsLaidOutInThere() {
        double width = label.getWidth();
        interact(() -> {
            label.setText("a text that is much longer than before");
            assertThat(around.isNeedsLayout()).isFalse();
            assertThat(content.isNeedsLayout()).isTrue();
        });
        WaitForAsyncUtils.waitForFxEvents();
        interact(() -> {
            assertThat(content.isNeedsLayout()).as("once it is shown").isFalse();
            assertThat(label.getWidth()).isGreaterThan(2 * width);
        });
    }

    @Test
    void isAsLargeAsItsPlaceAndAsksForWhatItHolds() {
        interact(() -> {
            assertThat(content.getWidth()).isEqualTo(300);
            assertThat(content.getHeight()).isEqualTo(100);
            assertThat(compartment.minWidth(-1)).isEqualTo(content.minWidth(-1));
            assertThat(compartment.prefHeight(-1)).isEqualTo(content.prefHeight(-1));
        });
    }

    @Test
    void isHiddenWithWhatItHolds() {
        interact(() -> content.setVisible(false));
        assertThat(compartment.isVisible()).as("else it would take clicks").isFalse();
    }
}
