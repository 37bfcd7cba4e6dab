package amberfence.app.steps;

import amberfence.app.theme.Controls;
import amberfence.app.theme.Swatches;
import java.util.function.Consumer;
import javafx.event.EventHandler;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;

/** A picture in a form, as wide as the form is, that is painted anew with every size and theme. */
final class FormDrawing extends Region {
    private static final double USUAL = 232;
    private final Canvas canvas = new Canvas();
    private final Runnable paint;
    private final Swatches swatches;

    /** @param paint draws with {@link #pen} */
    FormDrawing(String id, double height, Runnable paint) {
        this.paint = paint;
        this.swatches = new Swatches(this::requestLayout);
        setId(id);
        setPrefSize(USUAL, height);
        setMinHeight(height);
        setMaxWidth(Double.MAX_VALUE);
        getChildren().addAll(canvas, swatches);
    }

    @Override
    protected void layoutChildren() {
        canvas.setWidth(getWidth());
        canvas.setHeight(getHeight());
        paint.run();
    }

    /**
     * It can be taken hold of, by mouse or by keys.
     *
     * @param text for those who do not see it
     * @param press takes hold; the focus is here by then
     */
    void toBeDragged(String text, String tip, Consumer<MouseEvent> press, Consumer<MouseEvent> drag, Runnable release, EventHandler<KeyEvent> typed) {
        getStyleClass().add("curve");
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.SLIDER);
        setAccessibleText(text);
        Controls.tip(this, tip);
        setOnMousePressed(event -> {
            // Else the scrolling area around the form would take the focus.
            event.consume();
            requestFocus();
            press.accept(event);
        });
        setOnMouseDragged(drag::accept);
        setOnMouseReleased(event -> release.run());
        addEventHandler(KeyEvent.KEY_PRESSED, typed);
    }

    /** A pen on an empty sheet. */
    GraphicsContext pen() {
        GraphicsContext pen = canvas.getGraphicsContext2D();
        pen.clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
        pen.setLineWidth(1);
        return pen;
    }

    Color color(Swatches.Role role) {
        return swatches.color(role);
    }
}
