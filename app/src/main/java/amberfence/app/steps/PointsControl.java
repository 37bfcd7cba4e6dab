package amberfence.app.steps;

import amberfence.app.theme.Controls;
import amberfence.app.theme.Icons;
import amberfence.app.theme.Swatches;
import amberfence.app.words.Words;
import amberfence.step.shape.ShapePoints;
import amberfence.theory.MusicTextException;
import java.util.List;
import java.util.Map;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.MenuItem;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/**
 * A shape that is drawn: its points are dragged; a click between them adds one, Delete takes the marked one away, arrows mark
 * and, with Alt, move it. Below it stands the same as text, to be typed.
 */
final class PointsControl {
    private static final double HEIGHT = 84;
    private static final double EDGE = 8;
    private static final double NEAR = 9;
    private static final double WHOLE = 100;
    private static final int BY_KEY = 5;
    private final SettingControl<?> control;
    private final double lowest;
    private final double highest;
    private final Map<String, String> shapes;
    private final FormDrawing picture;
    private ShapePoints points;
    private int marked;

    /** @param shapes to begin with, by the words that stand for them */
    private PointsControl(SettingControl<?> control, double lowest, double highest, Map<String, String> shapes) {
        this.control = control;
        this.lowest = lowest;
        this.highest = highest;
        this.shapes = shapes;
        this.points = ShapePoints.parse(control.now());
        // The middle one, as the ends are seldom what is moved.
        this.marked = points.size() > 2 ? points.size() / 2 : 0;
        this.picture = new FormDrawing(control.id() + "-picture", HEIGHT, this::draw);
    }

    /** Velocities over time. */
    static Node velocities(SettingControl<?> control) {
        return new PointsControl(control, 1, 127, Map.of("shape.flat", "0:80,100:80", "shape.rise", "0:48,100:112", "shape.fall", "0:112,100:48",
                "shape.swell", "0:60,60:112,100:64", "shape.dip", "0:104,50:56,100:104")).node();
    }

    /** Where moments of a range go. */
    static Node moments(SettingControl<?> control) {
        return new PointsControl(control, 0, WHOLE, Map.of("shape.later", "0:0,50:65,100:100", "shape.earlier", "0:0,50:35,100:100",
                "shape.straight", "0:0,50:50,100:100", "shape.hurry", "0:0,25:15,75:85,100:100")).node();
    }

    private Node node() {
        picture.toBeDragged(control.setting().label() + ", " + points.text(), Words.say("form.pointsTip"), this::press,
                event -> moveTo(place(event.getX()), value(event.getY())), this::take, this::typed);
        HBox head = new HBox(8, Controls.label(control.setting().label(), "soft", "small"), Controls.filler(),
                Controls.menuButton(control.id() + "-shapes", Icons.MORE, Words.say("form.shapes"), this::items));
        head.setAlignment(Pos.CENTER_LEFT);
        return new VBox(4, head, picture, FormRows.field(control.id(), control.now(), control::change));
    }

    private List<MenuItem> items() {
        return shapes.keySet().stream().sorted().map(name -> Controls.menuItem(control.id() + "-" + name.substring(name.indexOf('.') + 1), Words.say(name),
                () -> control.change(shapes.get(name)))).toList();
    }

    private double x(double place) {
        return EDGE + (picture.getWidth() - 2 * EDGE) * place / WHOLE;
    }

    private double y(double value) {
        return HEIGHT - EDGE - (HEIGHT - 2 * EDGE) * (value - lowest) / (highest - lowest);
    }

    private double place(double x) {
        return Math.rint(Math.max(0, Math.min(WHOLE, (x - EDGE) * WHOLE / (picture.getWidth() - 2 * EDGE))));
    }

    private double value(double y) {
        return Math.rint(Math.max(lowest, Math.min(highest, lowest + (HEIGHT - EDGE - y) * (highest - lowest) / (HEIGHT - 2 * EDGE))));
    }

    /** Takes hold of the point under the mouse; between points a new one is put there. */
    private void press(MouseEvent event) {
        for (int i = 0; i < points.size(); i++) {
            if (Math.hypot(x(points.places().get(i)) - event.getX(), y(points.values().get(i)) - event.getY()) <= NEAR) {
                marked = i;
                draw();
                return;
            }
        }
        double at = place(event.getX());
        points = points.with(at, value(event.getY()));
        marked = points.places().indexOf(at);
        draw();
    }

    /** A point stays between its neighbours. */
    private void moveTo(double place, double value) {
        double least = marked == 0 ? 0 : points.places().get(marked - 1) + 1;
        double most = marked == points.size() - 1 ? WHOLE : points.places().get(marked + 1) - 1;
        double at = Math.max(least, Math.min(most, place));
        points = points.size() == 1 ? new ShapePoints(List.of(at), List.of(value)) : points.without(marked).with(at, value);
        marked = points.places().indexOf(at);
        draw();
    }

    private void typed(KeyEvent event) {
        boolean moves = event.isAltDown();
        double place = points.places().get(marked);
        double value = points.values().get(marked);
        switch (event.getCode()) {
            case LEFT, RIGHT -> {
                int by = event.getCode() == KeyCode.LEFT ? -1 : 1;
                if (moves) {
                    moveTo(place + by * BY_KEY, value);
                    take();
                } else {
                    marked = Math.max(0, Math.min(points.size() - 1, marked + by));
                    draw();
                }
            }
            case UP, DOWN -> {
                moveTo(place, Math.max(lowest, Math.min(highest, value + (event.getCode() == KeyCode.UP ? BY_KEY : -BY_KEY))));
                take();
            }
            case DELETE, BACK_SPACE -> {
                points = points.without(marked);
                marked = Math.min(marked, points.size() - 1);
                take();
            }
            default -> {
                return;
            }
        }
        event.consume();
    }

    /** What the step cannot do with the points goes back to what it has. */
    private void take() {
        if (!points.text().equals(control.now())) {
            try {
                control.change(points.text());
            } catch (MusicTextException e) {
                control.host().session().say(e.getMessage());
                points = ShapePoints.parse(control.now());
                marked = Math.min(marked, points.size() - 1);
            }
        }
        draw();
    }

    private void draw() {
        GraphicsContext to = picture.pen();
        to.setStroke(picture.color(Swatches.Role.RULE));
        for (int quarter = 0; quarter <= 4; quarter++) {
            double at = x(WHOLE * quarter / 4);
            to.strokeLine(at, EDGE, at, HEIGHT - EDGE);
        }
        int size = points.size();
        double[] x = new double[size + 2];
        double[] y = new double[size + 2];
        for (int i = 0; i < size; i++) {
            x[i + 1] = x(points.places().get(i));
            y[i + 1] = y(points.values().get(i));
        }
        x[0] = x(0);
        y[0] = y[1];
        x[size + 1] = x(WHOLE);
        y[size + 1] = y[size];
        to.setStroke(picture.color(Swatches.Role.INK_SOFT));
        to.strokePolyline(x, y, size + 2);
        for (int i = 0; i < size; i++) {
            to.setFill(picture.color(i == marked ? Swatches.Role.AMBER_DEEP : Swatches.Role.AMBER));
            to.fillOval(x[i + 1] - 4.5, y[i + 1] - 4.5, 9, 9);
        }
    }
}
