package amberfence.app.workspace;

import amberfence.app.ladder.LadderPanel;
import amberfence.app.parts.PartsView;
import amberfence.app.session.Preferences;
import amberfence.app.session.Session;
import amberfence.app.theme.Compartment;
import amberfence.app.words.Words;
import java.util.Comparator;
import java.util.List;
import java.util.function.Supplier;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.SplitPane;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/**
 * Parts at the left, the ladder with the drawer under it in the middle, steps at the right. The columns are dragged, and
 * their widths remembered. Where the window is narrow the steps lie over the ladder when they are called; where it is low the
 * drawer folds.
 */
final class Body extends StackPane {
    private static final double PARTS = 206;
    private static final double LEAST_PARTS = 168;
    private static final double LEAST_MIDDLE = 420;
    /** Below this width the steps have no room beside the ladder. */
    private static final double NARROW = 1100;
    /** Below this height the drawer has no room under the ladder. */
    private static final double LOW = 550;

    /** How far an arrow key moves the edge of a column. */
    private static final double STEP = 12;
    /** What holds the columns takes new ones as narrow as they may be the first time, wherever their edges are. */
    private static final int TWICE = 2;
    private final Session session;
    private final SplitPane columns = new SplitPane();
    private final PartsView parts;
    private final LadderPanel ladder;
    private final Drawer drawer;
    private final StepsColumn steps;
    private final VBox middle;
    private final StackPane centre;
    private final Compartment partsPlace;
    private final Compartment centrePlace;
    private final Compartment stepsPlace;
    private final Supplier<Welcome> welcome;
    private boolean isLow;
    private boolean placing;
    private final Runnable place = this::place;

    /** @param welcome what an empty song shows; made when there is one */
    Body(Session session, PartsView parts, LadderPanel ladder, Drawer drawer, StepsColumn steps, Supplier<Welcome> welcome) {
        this.session = session;
        this.parts = parts;
        this.ladder = ladder;
        this.drawer = drawer;
        this.steps = steps;
        this.welcome = welcome;
        getStyleClass().add("body");
        parts.setMinWidth(LEAST_PARTS);
        VBox.setVgrow(ladder, Priority.ALWAYS);
        VBox.setMargin(drawer, new Insets(0, LadderPanel.BAR, 0, LadderPanel.DEGREES));
        middle = new VBox(2, ladder, drawer);
        centre = new StackPane(middle);
        centre.setMinWidth(LEAST_MIDDLE);
        columns.setId("columns");
        partsPlace = new Compartment(parts);
        centrePlace = new Compartment(centre);
        stepsPlace = new Compartment(steps);
        SplitPane.setResizableWithParent(partsPlace, false);
        SplitPane.setResizableWithParent(stepsPlace, false);
        StackPane.setAlignment(stepsPlace, Pos.TOP_RIGHT);
        getChildren().add(columns);
        session.results().addListener((property, old, now) -> arrange());
        widthProperty().addListener((property, old, now) -> {
            arrange();
            session.frames().soon(place);
        });
        heightProperty().addListener((property, old, now) -> {
            boolean low = now.doubleValue() > 0 && now.doubleValue() < LOW;
            drawer.squeeze(low);
            if (low != isLow) {
                isLow = low;
                ladder.squeeze(low);
            }
        });
        arrange();
    }

    Drawer drawer() {
        return drawer;
    }

    LadderPanel ladder() {
        return ladder;
    }

    StepsColumn steps() {
        return steps;
    }

    /** Puts the columns where there is room for them. */
    private void arrange() {
        boolean empty = session.results().get().song().parts().isEmpty();
        if (empty && centre.getChildren().size() == 1) {
            centre.getChildren().add(welcome.get());
        }
        centre.getChildren().forEach(child -> child.setVisible(empty != (child == middle)));
        boolean narrow = getWidth() > 0 && getWidth() < NARROW;
        List<Region> wanted = empty || narrow ? List.of(partsPlace, centrePlace) : List.of(partsPlace, centrePlace, stepsPlace);
        boolean over = narrow && !empty;
        if (!columns.getItems().equals(wanted) || over != getChildren().contains(stepsPlace)) {
            placing = true;
            getChildren().remove(stepsPlace);
            columns.getItems().setAll(wanted);
            if (over) {
                getChildren().add(stepsPlace);
                stepsPlace.setMaxWidth(StepsColumn.WIDTH);
            } else {
                stepsPlace.setMaxWidth(Double.MAX_VALUE);
            }
            steps.setNarrow(over);
            columns.getDividers().forEach(divider -> divider.positionProperty().addListener((property, old, now) -> keep()));
            placing = false;
            session.frames().soon(place);
        }
    }

    /** The columns are as wide as they were left. */
    private void place() {
        double width = getWidth() - getInsets().getLeft() - getInsets().getRight();
        if (width <= 0) {
            return;
        }
        placing = true;
        Preferences kept = session.preferences();
        double[] positions = new double[columns.getDividers().size()];
        if (positions.length > 0) {
            positions[0] = (Math.max(LEAST_PARTS, kept.number("parts-width", PARTS)) + 6) / width;
        }
        if (positions.length > 1) {
            positions[1] = 1 - (Math.max(StepsColumn.LEAST, kept.number("steps-width", StepsColumn.WIDTH)) + 6) / width;
        }
        columns.applyCss();
        for (int i = 0; i < TWICE; i++) {
            columns.setDividerPositions(positions);
            columns.layout();
        }
        placing = false;
        reachEdges();
    }

    /** The edges of the columns are moved by the arrow keys, too. The skin makes them anew with the columns. */
    private void reachEdges() {
        List<Node> edges = columns.lookupAll(".split-pane-divider").stream().sorted(Comparator.comparingDouble(Node::getLayoutX)).toList();
        for (int i = 0; i < edges.size(); i++) {
            boolean first = i == 0;
            Node edge = edges.get(i);
            edge.setId(first ? "parts-edge" : "steps-edge");
            edge.setFocusTraversable(true);
            edge.setAccessibleText(Words.say("columns.edge"));
            edge.setOnKeyPressed(event -> {
                if (event.getCode() == KeyCode.LEFT || event.getCode() == KeyCode.RIGHT) {
                    widen(first, event.getCode() == KeyCode.RIGHT ? STEP : -STEP);
                    event.consume();
                }
            });
        }
    }

    private void widen(boolean ofParts, double right) {
        double now = ofParts ? parts.getWidth() + right : steps.getWidth() - right;
        double least = ofParts ? LEAST_PARTS : StepsColumn.LEAST;
        session.preferences().keep(ofParts ? "parts-width" : "steps-width", Double.toString(Math.max(least, Math.min(getWidth() / 3, now))));
        place();
    }

    private void keep() {
        boolean dragged = columns.lookupAll(".split-pane-divider").stream().anyMatch(divider -> divider.isPressed());
        if (!placing && dragged) {
            session.preferences().keep("parts-width", Double.toString(parts.getWidth()));
            if (columns.getItems().contains(stepsPlace)) {
                session.preferences().keep("steps-width", Double.toString(steps.getWidth()));
            }
        }
    }
}
