package amberfence.app.steps;

import amberfence.app.theme.Swatches;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
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
