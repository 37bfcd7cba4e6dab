package amberfence.app.steps;

import amberfence.app.hands.ShapeHand;
import amberfence.app.theme.Controls;
import amberfence.app.theme.Icons;
import amberfence.app.theme.Named;
import amberfence.app.theme.Swatches;
import amberfence.app.words.Words;
import amberfence.step.shape.ShapePoints;
import amberfence.theory.MusicTextException;
import java.util.List;
import java.util.Map;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** A shape that is drawn in the form; below it stands the same as text, to be typed. */
final class PointsControl implements ShapeHand.Frame {
    private static final double HEIGHT = 84;
    private static final double EDGE = 8;
    private static final double WHOLE = 100;
    private final SettingControl<?> control;
    private final double lowest;
    private final double highest;
    private final Map<String, String> shapes;
    private final FormDrawing picture;
    private final ShapeHand hand;

    /** @param shapes to begin with, by the words that stand for them */
    private PointsControl(SettingControl<?> control, double lowest, double highest, Map<String, String> shapes) {
        this.control = control;
        this.lowest = lowest;
        this.highest = highest;
        this.shapes = shapes;
        this.picture = new FormDrawing(control.id() + "-picture", HEIGHT, this::draw);
        this.hand = new ShapeHand(control.host().session().selection(), lowest, highest, ShapePoints.parse(control.now()), this::take, picture::requestLayout);
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
        picture.toBeDragged(control.setting().label() + ", " + hand.points().text(), Words.say("form.pointsTip"),
                event -> hand.press(this, event.getX(), event.getY()), event -> hand.drag(this, event.getX(), event.getY()), hand::release, hand::typed);
        Label label = control.label();
        TextField field = FormRows.field(control.id(), control.now(), control::change);
        Named.by(label, field);
        HBox head = new HBox(8, label, Controls.filler(),
                Controls.menuButton(control.id() + "-shapes", Icons.MORE, Words.say("form.shapes"), this::items));
        head.setAlignment(Pos.CENTER_LEFT);
        return new VBox(4, head, picture, field);
    }

    private List<MenuItem> items() {
        return shapes.keySet().stream().sorted().map(name -> Controls.menuItem(control.id() + "-" + name.substring(name.indexOf('.') + 1), Words.say(name),
                () -> control.change(shapes.get(name)))).toList();
    }

    @Override
    public double x(double place) {
        return EDGE + (picture.getWidth() - 2 * EDGE) * place / WHOLE;
    }

    @Override
    public double y(double value) {
        return HEIGHT - EDGE - (HEIGHT - 2 * EDGE) * (value - lowest) / (highest - lowest);
    }

    @Override
    public double place(double x) {
        return Math.rint(Math.max(0, Math.min(WHOLE, (x - EDGE) * WHOLE / (picture.getWidth() - 2 * EDGE))));
    }

    @Override
    public double value(double y) {
        return Math.rint(Math.max(lowest, Math.min(highest, lowest + (HEIGHT - EDGE - y) * (highest - lowest) / (HEIGHT - 2 * EDGE))));
    }

    /** What the step cannot do with the points goes back to what it has. */
    private void take(ShapePoints points) {
        if (!points.text().equals(control.now())) {
            try {
                control.change(points.text());
            } catch (MusicTextException e) {
                control.host().session().say(e.getMessage());
                hand.show(ShapePoints.parse(control.now()));
            }
        }
    }

    private void draw() {
        GraphicsContext to = picture.pen();
        to.setStroke(picture.color(Swatches.Role.RULE));
        for (int quarter = 0; quarter <= 4; quarter++) {
            double at = x(WHOLE * quarter / 4);
            to.strokeLine(at, EDGE, at, HEIGHT - EDGE);
        }
        hand.paint(to, this, picture::color);
    }
}
