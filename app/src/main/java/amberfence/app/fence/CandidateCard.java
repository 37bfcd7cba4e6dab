package amberfence.app.fence;

import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.reading.KeyCandidate;
import amberfence.theory.Key;
import amberfence.theory.Spelling;
import java.util.Locale;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** A key that the notes may be in, with how well it fits and why, and a button to try it on. */
public final class CandidateCard extends VBox {
    private static final double METER = 90;
    private final Key key;

    /** @param words what the button says */
    public CandidateCard(KeyCandidate candidate, String words, Runnable tryOn) {
        super(2);
        key = candidate.key();
        setId("candidate-" + key.plainText().replace(' ', '-'));
        getStyleClass().add("card");
        setStyle("-fx-padding: 7 10 7 12;");
        Label score = Controls.label(String.format(Locale.ROOT, "%.2f", candidate.score()), "soft", "small");
        score.setMinWidth(USE_PREF_SIZE);
        Label name = Controls.label(key.text(), "name");
        name.setMinWidth(USE_PREF_SIZE);
        HBox head = new HBox(8, name, Controls.filler(), meter(candidate.score()), score);
        head.setAlignment(Pos.CENTER_LEFT);
        Spelling spelling = key.spelling();
        Label evidence = Controls.paragraph(candidate.evidence().stream().map(fact -> fact.words(spelling))
                .collect(Collectors.joining("; ")), "soft", "small");
        VBox facts = new VBox(0, Controls.label(Words.count("outside", candidate.outside()), "small", "teal"), evidence);
        HBox.setHgrow(facts, Priority.ALWAYS);
        var button = Controls.button("try-" + key.plainText().replace(' ', '-'), words, event -> tryOn.run());
        button.setStyle("-fx-padding: 3 9 3 9;");
        HBox foot = new HBox(8, facts, button);
        foot.setAlignment(Pos.BOTTOM_LEFT);
        getChildren().addAll(head, foot);
    }

    private static StackPane meter(double score) {
        Region track = new Region();
        track.getStyleClass().add("track");
        Region fill = new Region();
        fill.getStyleClass().add("fill");
        StackPane meter = new StackPane(track, fill);
        fill.maxWidthProperty().bind(meter.widthProperty().multiply(score));
        StackPane.setAlignment(fill, Pos.CENTER_LEFT);
        meter.getStyleClass().add("meter");
        // Beside a long name there is less room.
        meter.setMinSize(METER / 3, 7);
        meter.setPrefSize(METER, 7);
        meter.setMaxSize(METER, 7);
        return meter;
    }

    /** Shows whether this is the key that is chosen. */
    public void mark(Key chosen) {
        getStyleClass().remove("chosen");
        if (key.equals(chosen)) {
            getStyleClass().add("chosen");
        }
    }
}
