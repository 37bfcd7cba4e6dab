package amberfence.app.ladder;

import amberfence.app.session.Session;
import amberfence.app.theme.Controls;
import amberfence.app.theme.Icons;
import amberfence.app.words.Words;
import amberfence.song.Note;
import amberfence.song.Part;
import java.util.Locale;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The ladder with its heading, its key to the signs, and the buttons for zooming. */
public final class LadderPanel extends VBox {
    /** The width of the degrees at the left, for lining up what stands below. */
    public static final double DEGREES = LadderView.DEGREES;
    private final LadderView ladder;

    public LadderPanel(Session session) {
        super(4);
        ladder = new LadderView(session);
        Label heading = Controls.label("", "heading");
        heading.setId("ladder-heading");
        Label legend = Controls.label(Words.say("ladder.legend"), "soft", "small");
        legend.setMinWidth(0);
        HBox head = new HBox(10, heading, Controls.filler(), legend,
                Controls.iconButton("zoom-out", Icons.NARROWER, "ladder.narrower", event -> ladder.zoomTime(0.8)),
                Controls.iconButton("zoom-in", Icons.WIDER, "ladder.wider", event -> ladder.zoomTime(1.25)),
                Controls.iconButton("zoom-song", Icons.WHOLE, "ladder.whole", event -> ladder.showAll()));
        head.setAlignment(Pos.CENTER_LEFT);
        head.setPadding(new Insets(0, 10, 0, DEGREES));
        heading.setMinWidth(USE_PREF_SIZE);
        head.setSpacing(4);
        VBox.setVgrow(ladder, Priority.ALWAYS);
        getChildren().addAll(head, ladder);
        Runnable update = () -> {
            heading.setText(session.part().map(Part::name).map(name -> Words.say("ladder.heading", name)
                    .toUpperCase(Locale.ROOT)).orElse(Words.say("ladder.empty")));
        };
        session.results().addListener((property, old, now) -> update.run());
        session.selectedPart().addListener((property, old, now) -> update.run());
        update.run();
    }

    /** Scrolls so that a note is seen. */
    public void reveal(Note note) {
        ladder.reveal(note);
    }

    public void focusLadder() {
        ladder.requestFocus();
    }
}
