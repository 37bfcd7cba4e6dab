package amberfence.app.fence;

import amberfence.theory.Key;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Polygon;

/** Twelve points in a ring, those inside joined: the sign of a key, C at the top. */
public final class SmallClock extends Pane {
    private static final double SIZE = 40;
    private static final double RADIUS = 15;
    private Key shown;

    public SmallClock() {
        getStyleClass().add("small-clock");
        setMinSize(SIZE, SIZE);
        setPrefSize(SIZE, SIZE);
        setMouseTransparent(true);
    }

    public void show(Key key) {
        if (key.equals(shown)) {
            return;
        }
        shown = key;
        getChildren().clear();
        Circle ring = new Circle(SIZE / 2, SIZE / 2, RADIUS);
        ring.getStyleClass().add("clock-ring");
        Polygon shape = new Polygon();
        shape.getStyleClass().add("clock-shape");
        getChildren().addAll(ring, shape);
        int tonic = key.tonic().pitchClass().number();
        for (int i = 0; i < 12; i++) {
            double x = SIZE / 2 + RADIUS * Math.sin(i * Math.PI / 6);
            double y = SIZE / 2 - RADIUS * Math.cos(i * Math.PI / 6);
            boolean inside = key.pitchClasses().containsPitch(i);
            if (inside) {
                shape.getPoints().addAll(x, y);
            }
            Circle point = new Circle(x, y, i == tonic ? 3.6 : inside ? 2.8 : 1.4);
            point.getStyleClass().add("clock-point");
            if (i == tonic) {
                point.getStyleClass().add("tonic");
            } else if (inside) {
                point.getStyleClass().add("inside");
            }
            getChildren().add(point);
        }
    }
}
