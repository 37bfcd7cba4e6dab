package amberfence.app.fence;

import amberfence.analysis.PitchClassCounts;
import amberfence.app.words.Words;
import amberfence.notes.Fence;
import amberfence.theory.Key;
import amberfence.theory.PitchClass;
import amberfence.theory.Spelling;
import java.util.function.Consumer;
import java.util.function.IntConsumer;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polygon;
import javafx.scene.text.Text;
import javafx.scene.text.TextAlignment;

/**
 * The large clock: twelve points, those of the scale joined, spokes for how much of the song stands on each. Dragging the
 * ring, or Left and Right, turn the tonic; a click on a point lets it in or out.
 */
final class ClockView extends Pane {
    private static final double SIZE = 500;
    private static final double HEIGHT = 512;
    private static final double CENTRE = SIZE / 2;
    private static final double MIDDLE = HEIGHT / 2;
    private static final double RADIUS = 172;
    private static final double LONGEST_SPOKE = 44;

    private final Consumer<PitchClass> toggle;
    private final IntConsumer turn;
    private double dragAngle = Double.NaN;

    /**
     * @param toggle a point was clicked
     * @param turn the ring was turned by so many semitones
     */
    ClockView(Consumer<PitchClass> toggle, IntConsumer turn) {
        this.toggle = toggle;
        this.turn = turn;
        setId("clock");
        setMinSize(SIZE, HEIGHT);
        setPrefSize(SIZE, HEIGHT);
        setMaxSize(SIZE, HEIGHT);
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.SLIDER);
        addEventHandler(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.LEFT || event.getCode() == KeyCode.RIGHT) {
                turn.accept(event.getCode() == KeyCode.LEFT ? -1 : 1);
                event.consume();
            }
        });
        addEventHandler(MouseEvent.MOUSE_PRESSED, event -> {
            requestFocus();
            dragAngle = event.getTarget() instanceof Circle point && point.getUserData() != null ? Double.NaN
                    : angle(event);
        });
        addEventHandler(MouseEvent.MOUSE_DRAGGED, this::dragged);
    }

    private static double angle(MouseEvent event) {
        return Math.toDegrees(Math.atan2(event.getY() - (MIDDLE), event.getX() - CENTRE));
    }

    private void dragged(MouseEvent event) {
        if (Double.isNaN(dragAngle)) {
            return;
        }
        double moved = angle(event) - dragAngle;
        moved = moved > 180 ? moved - 360 : moved < -180 ? moved + 360 : moved;
        int steps = (int) (moved / 30);
        if (steps != 0) {
            dragAngle += 30 * steps;
            turn.accept(steps);
        }
    }

    void show(Fence fence, Key key, PitchClassCounts counts) {
        getChildren().clear();
        Spelling spelling = key.spelling();
        Circle ring = new Circle(CENTRE, MIDDLE, RADIUS);
        ring.getStyleClass().add("clock-ring");
        Polygon shape = new Polygon();
        shape.getStyleClass().add("clock-shape");
        getChildren().addAll(ring, shape);
        int most = 1;
        for (int i = 0; i < 12; i++) {
            most = Math.max(most, counts.of(new PitchClass(i)));
        }
        for (int i = 0; i < 12; i++) {
            PitchClass pitchClass = new PitchClass(i);
            if (key.contains(pitchClass)) {
                shape.getPoints().addAll(x(i, RADIUS), y(i, RADIUS));
            }
            addSpoke(i, counts.of(pitchClass), most, fence, key);
            addPoint(pitchClass, fence, key, spelling);
        }
        addMiddle(key);
        setAccessibleText(Words.say("fence.clock", key.text()));
    }

    private static double x(int hour, double radius) {
        return CENTRE + radius * Math.sin(hour * Math.PI / 6);
    }

    private static double y(int hour, double radius) {
        return MIDDLE - radius * Math.cos(hour * Math.PI / 6);
    }

    private void addSpoke(int hour, int count, int most, Fence fence, Key key) {
        if (count > 0) {
            double from = RADIUS + 31;
            double to = from + 3 + LONGEST_SPOKE * (count - 1) / most;
            Line spoke = new Line(x(hour, from), y(hour, from), x(hour, to), y(hour, to));
            spoke.getStyleClass().add("clock-amount");
            if (!key.pitchClasses().union(fence.alwaysAllowed()).containsPitch(hour)) {
                spoke.getStyleClass().add("outside");
            }
            getChildren().add(spoke);
        }
    }

    private void addPoint(PitchClass pitchClass, Fence fence, Key key, Spelling spelling) {
        int hour = pitchClass.number();
        boolean inside = key.contains(pitchClass);
        boolean tonic = key.tonic().pitchClass().equals(pitchClass);
        boolean allowed = !inside && fence.alwaysAllowed().contains(pitchClass);
        Circle point = new Circle(x(hour, RADIUS), y(hour, RADIUS), inside || allowed ? 20 : 13);
        point.setId("clock-point-" + hour);
        point.setUserData(pitchClass);
        point.getStyleClass().add("clock-point");
        point.getStyleClass().add(tonic ? "tonic" : inside ? "inside" : allowed ? "allowed" : "empty");
        point.setAccessibleText(spelling.name(pitchClass).text());
        point.setOnMouseClicked(event -> toggle.accept(pitchClass));
        getChildren().add(point);
        if (inside) {
            addText(spelling.degreeText(pitchClass), x(hour, RADIUS), y(hour, RADIUS), "clock-degree", tonic ? "tonic" : "");
        } else if (allowed) {
            Circle dot = new Circle(x(hour, RADIUS), y(hour, RADIUS), 4);
            dot.getStyleClass().add("clock-dot");
            dot.setMouseTransparent(true);
            getChildren().add(dot);
        }
        addText(spelling.name(pitchClass).text(), x(hour, RADIUS - 36), y(hour, RADIUS - 36), "clock-note",
                inside || allowed ? "" : "outside");
    }

    private void addText(String content, double x, double y, String style, String second) {
        Text text = new Text(content);
        text.getStyleClass().add(style);
        if (!second.isEmpty()) {
            text.getStyleClass().add(second);
        }
        text.setMouseTransparent(true);
        text.applyCss();
        place(text, x, y);
        text.boundsInLocalProperty().addListener((property, old, now) -> place(text, x, y));
        getChildren().add(text);
    }

    private static void place(Text text, double x, double y) {
        text.setX(x - text.getLayoutBounds().getWidth() / 2);
        text.setY(y + text.getLayoutBounds().getHeight() * 0.28);
    }

    private void addMiddle(Key key) {
        Label name = new Label(key.text());
        name.getStyleClass().add("title");
        name.setStyle("-fx-font-size: " + (key.text().length() > 15 ? 19 : 25) + "px;");
        name.setId("clock-key");
        name.setWrapText(true);
        name.setTextAlignment(TextAlignment.CENTER);
        name.setAlignment(Pos.CENTER);
        name.setMaxWidth(210);
        Label sub = new Label(Words.say("fence.size", key.scale().degrees().size()));
        sub.getStyleClass().add("soft");
        for (Node node : new Node[] {name, sub}) {
            node.setMouseTransparent(true);
        }
        VBox box = new VBox(1, name, sub);
        box.setAlignment(Pos.CENTER);
        box.setMouseTransparent(true);
        box.setPrefSize(210, 110);
        box.relocate(CENTRE - 105, MIDDLE - 55);
        getChildren().add(box);
    }
}
