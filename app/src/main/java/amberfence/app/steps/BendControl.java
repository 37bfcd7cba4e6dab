package amberfence.app.steps;

import amberfence.app.theme.Controls;
import amberfence.app.theme.Swatches;
import amberfence.app.words.Words;
import amberfence.step.shape.Strum;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** The bend of a strum as a curve over time that is dragged sideways, or turned by the arrow keys. */
final class BendControl {
    private static final double HEIGHT = 54;
    private static final double EDGE = 9;
    private static final int NOTES = 6;
    private static final int MOST = 100;
    private static final int BY_KEY = 5;
    private final SettingControl<?> control;
    private final Label number;
    private final FormDrawing curve;
    private int bend;
    private double pressedAt;
    private int pressedBend;

    private BendControl(SettingControl<?> control) {
        this.control = control;
        this.bend = Integer.parseInt(control.now());
        this.number = Controls.label(Integer.toString(bend), "small");
        this.curve = new FormDrawing(control.id(), HEIGHT, this::draw);
    }

    static Node of(SettingControl<?> control) {
        return new BendControl(control).node();
    }

    private Node node() {
        curve.toBeDragged(control.setting().label() + ", " + bend, Words.say("form.bendTip"), this::press,
                event -> show(pressedBend - (int) Math.round((event.getX() - pressedAt) * 2 * MOST / curve.getWidth())), this::take, this::typed);
        HBox head = new HBox(8, control.label(), Controls.filler(), number);
        head.setAlignment(Pos.CENTER_LEFT);
        return new VBox(4, head, curve);
    }

    private void press(MouseEvent event) {
        pressedAt = event.getX();
        pressedBend = bend;
    }

    private void typed(KeyEvent event) {
        if (event.getCode() == KeyCode.LEFT || event.getCode() == KeyCode.RIGHT) {
            show(bend + (event.getCode() == KeyCode.LEFT ? BY_KEY : -BY_KEY));
            take();
            event.consume();
        }
    }

    private void show(int wanted) {
        bend = Math.max(-MOST, Math.min(MOST, wanted));
        number.setText(Integer.toString(bend));
        draw();
    }

    private void take() {
        if (bend != Integer.parseInt(control.now())) {
            control.change(Integer.toString(bend));
        }
    }

    /** From the first note, below, to the last, above: where each begins. */
    private void draw() {
        GraphicsContext to = curve.pen();
        to.setStroke(curve.color(Swatches.Role.RULE));
        double[] x = new double[NOTES];
        double[] y = new double[NOTES];
        for (int i = 0; i < NOTES; i++) {
            x[i] = EDGE + (curve.getWidth() - 2 * EDGE) * Strum.share(i, NOTES, bend);
            y[i] = HEIGHT - EDGE - (HEIGHT - 2 * EDGE) * i / (NOTES - 1);
            to.strokeLine(EDGE, y[i], curve.getWidth() - EDGE, y[i]);
        }
        to.setStroke(curve.color(Swatches.Role.INK_SOFT));
        to.strokePolyline(x, y, NOTES);
        to.setFill(curve.color(Swatches.Role.AMBER));
        for (int i = 0; i < NOTES; i++) {
            to.fillOval(x[i] - 4, y[i] - 4, 8, 8);
        }
    }
}
