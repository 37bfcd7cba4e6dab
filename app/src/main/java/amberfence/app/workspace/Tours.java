package amberfence.app.workspace;

import amberfence.app.session.Preferences;
import amberfence.app.session.Session;
import amberfence.app.tour.Tour;
import amberfence.app.tour.TourHost;
import amberfence.app.tour.TourOffer;
import amberfence.demo.Demo;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.layout.StackPane;

/** When the tour is offered, begins and ends. It lies over desk and pages, under sheets. */
final class Tours implements TourHost {
    private static final String KEPT = "tour";
    private final Workspace window;
    private final Preferences preferences;

    /** What became of the offer. */
    private enum Answer {
        NONE, TAKEN, DECLINED
    }

    Tours(Workspace window, Preferences preferences) {
        this.window = window;
        this.preferences = preferences;
    }

    /** Asks, unless somebody answered before. */
    void offer() {
        if (preferences.choice(KEPT, Answer.NONE) == Answer.NONE) {
            TourOffer offer = new TourOffer(this::begin, () -> answered(Answer.DECLINED));
            StackPane.setAlignment(offer, Pos.BOTTOM_CENTER);
            StackPane.setMargin(offer, new Insets(0, 0, 40, 0));
            lay(offer);
        }
    }

    /** Begins on the demo, once that is open. */
    void begin() {
        answered(Answer.TAKEN);
        openDemo(() -> {
            window.closePage();
            Tour tour = new Tour(this, this::end);
            lay(tour);
            tour.begin();
        });
    }

    private void answered(Answer answer) {
        preferences.choose(KEPT, answer);
        clear();
    }

    private void end() {
        clear();
        window.focusLadder();
    }

    private void lay(Node over) {
        clear();
        window.getChildren().add(over);
    }

    private void clear() {
        window.getChildren().removeIf(some -> some instanceof Tour || some instanceof TourOffer);
    }

    @Override
    public Session session() {
        return window.session();
    }

    @Override
    public void openTab(String name) {
        window.openTab(name);
    }

    @Override
    public void openExport() {
        window.openExport();
    }

    @Override
    public void openDemo(Runnable then) {
        if (session().song().title().equals(Demo.LANTERN_FERRY.title()) && session().edits().isEmpty()) {
            then.run();
        } else {
            window.files().take(Demo.LANTERN_FERRY.song(), then);
        }
    }
}
