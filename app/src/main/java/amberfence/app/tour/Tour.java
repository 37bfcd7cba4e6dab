package amberfence.app.tour;

import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Bounds;
import javafx.geometry.Pos;
import javafx.geometry.Rectangle2D;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/**
 * The tour of the window: a ring around what is spoken of and a card beside it. It lies over the window and takes nothing from it:
 * everything can be pressed meanwhile. Escape on the card, or <em>Leave</em>, ends it.
 */
public final class Tour extends Pane {
    private static final double WIDTH = 330;
    private static final double AWAY = 12;
    private static final double RING = 3;
    private final TourHost host;
    private final Runnable ended;
    private final Region ring = new Region();
    private final Label count = Controls.label("", "heading");
    private final Label title = Controls.label("", "name");
    private final Label words = Controls.label("", "plain");
    private final Button back;
    private final Button next;
    private final Button show;
    private final VBox card;
    private int at;

    /**
     * @param host the window
     * @param ended is told when it is over, however it ends
     */
    public Tour(TourHost host, Runnable ended) {
        this.host = host;
        this.ended = ended;
        setId("tour");
        setPickOnBounds(false);
        ring.getStyleClass().add("tour-ring");
        ring.setMouseTransparent(true);
        back = Controls.button("tour-back", "tour.back", event -> go(at - 1));
        next = Controls.button("tour-next", "tour.next", event -> go(at + 1), "primary");
        show = Controls.button("tour-show", "tour.show", event -> {
            TourStop.values()[at].show(host);
            requestLayout();
        });
        HBox buttons = new HBox(8, Controls.button("tour-leave", "tour.leave", event -> end(), "quiet"), Controls.filler(), show, back, next);
        buttons.setAlignment(Pos.CENTER_LEFT);
        words.setWrapText(true);
        words.setId("tour-words");
        count.setId("tour-count");
        title.setId("tour-title");
        title.setWrapText(true);
        card = new VBox(8, count, title, words, buttons);
        card.setId("tour-card");
        card.getStyleClass().addAll("over-card", "tour-card");
        card.setAccessibleRole(AccessibleRole.PARENT);
        card.addEventHandler(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.ESCAPE) {
                end();
                event.consume();
            }
        });
        getChildren().addAll(ring, card);
        go(0);
    }

    /** The focus goes to what leads on. */
    public void begin() {
        next.requestFocus();
    }

    private void go(int stop) {
        if (stop >= TourStop.values().length) {
            end();
            return;
        }
        at = stop;
        TourStop now = TourStop.values()[at];
        count.setText(Words.say("tour.count", at + 1, TourStop.values().length));
        title.setText(now.title());
        words.setText(now.words());
        back.setDisable(at == 0);
        next.setText(Words.say(at == TourStop.values().length - 1 ? "tour.end" : "tour.next"));
        card.setAccessibleText(count.getText() + ". " + now.title() + ". " + now.words());
        requestLayout();
    }

    private void end() {
        ended.run();
    }

    @Override
    protected void layoutChildren() {
        double height = card.prefHeight(WIDTH);
        Optional<Bounds> target = target();
        ring.setVisible(target.isPresent());
        target.ifPresent(bounds -> ring.resizeRelocate(bounds.getMinX() - RING, bounds.getMinY() - RING, bounds.getWidth() + 2 * RING,
                bounds.getHeight() + 2 * RING));
        Rectangle2D place = place(target, height);
        card.resizeRelocate(place.getMinX(), place.getMinY(), WIDTH, height);
    }

    private Optional<Bounds> target() {
        Node node = getScene() == null ? null : getScene().lookup("#" + TourStop.values()[at].target());
        return Optional.ofNullable(node).filter(some -> some.isVisible() && some.getScene() != null)
                .map(some -> sceneToLocal(some.localToScene(some.getLayoutBounds())));
    }

    /** Beside, under or over what is spoken of; where none of these has room, inside its lower right corner. */
    private Rectangle2D place(Optional<Bounds> target, double height) {
        Bounds around = target.orElse(null);
        if (around == null) {
            return new Rectangle2D((getWidth() - WIDTH) / 2, (getHeight() - height) / 2, WIDTH, height);
        }
        double x = within(around.getMinX(), getWidth() - WIDTH);
        double y = within(around.getMinY(), getHeight() - height);
        List<Rectangle2D> beside = List.of(new Rectangle2D(x, around.getMaxY() + AWAY, WIDTH, height),
                new Rectangle2D(around.getMinX() - AWAY - WIDTH, y, WIDTH, height),
                new Rectangle2D(around.getMaxX() + AWAY, y, WIDTH, height), new Rectangle2D(x, around.getMinY() - AWAY - height, WIDTH, height));
        return beside.stream().filter(some -> some.getMinX() >= 0 && some.getMinY() >= 0 && some.getMaxX() <= getWidth()
                && some.getMaxY() <= getHeight()).findFirst().orElseGet(() -> new Rectangle2D(within(around.getMaxX() - WIDTH - 2 * AWAY,
                getWidth() - WIDTH), within(around.getMaxY() - height - 2 * AWAY, getHeight() - height), WIDTH, height));
    }

    private static double within(double value, double most) {
        return Math.max(AWAY, Math.min(value, most - AWAY));
    }
}
