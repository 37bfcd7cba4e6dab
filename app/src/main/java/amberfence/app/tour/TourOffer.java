package amberfence.app.tour;

import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;

/** At the first start: a line at the foot of the window that asks whether one would like the tour, and is in nobody's way. */
public final class TourOffer extends HBox {
    /**
     * @param begin begins the tour
     * @param decline never asks again
     */
    public TourOffer(Runnable begin, Runnable decline) {
        super(12);
        setId("tour-offer");
        getStyleClass().addAll("over-card", "tour-card");
        setAlignment(Pos.CENTER_LEFT);
        setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        Button take = Controls.button("tour-take", "tour.take", event -> begin.run(), "primary");
        getChildren().addAll(Controls.label(Words.say("tour.offer"), "plain"), take,
                Controls.button("tour-decline", "tour.decline", event -> decline.run(), "quiet"));
        addEventHandler(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.ESCAPE) {
                decline.run();
                event.consume();
            }
        });
    }
}
