package amberfence.app.through;

import amberfence.app.session.Session;
import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.reading.through.Doubt;
import amberfence.reading.through.Mend;
import amberfence.song.Part;
import amberfence.song.PlaceText;
import amberfence.theory.Spelling;
import java.util.List;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import javafx.beans.binding.BooleanBinding;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.OverrunStyle;
import javafx.scene.layout.HBox;

/** One place: where, in which part, what is wrong, the ways out as buttons, and leave. */
final class DoubtCell extends ListCell<Doubt> {
    private final Session session;
    private final ThroughModel model;
    private final Label place = Controls.label("", "soft", "small");
    private final Label part = Controls.label("", "soft", "small");
    private final Label sentence = Controls.label("");
    private final HBox ways = new HBox(6);
    private final HBox row = new HBox(10, place, part, sentence, Controls.filler(), ways);
    private final BiConsumer<Doubt, Integer> onMend;
    private final Consumer<Doubt> onLeave;
    private final BiConsumer<Doubt, Integer> onTry;
    private final Consumer<Doubt> onHear;

    /**
     * @param onMend takes one of the ways out, counted from 0
     * @param onLeave leaves the place as it is
     * @param onHear hears the bars around it
     * @param onTry shows what a way out, counted from 0, would make of the place
     */
    DoubtCell(Session session, ThroughModel model, BiConsumer<Doubt, Integer> onMend, Consumer<Doubt> onLeave,
              BiConsumer<Doubt, Integer> onTry, Consumer<Doubt> onHear) {
        this.session = session;
        this.model = model;
        this.onMend = onMend;
        this.onLeave = onLeave;
        this.onTry = onTry;
        this.onHear = onHear;
        row.getStyleClass().add("change-row");
        row.setAlignment(Pos.CENTER_LEFT);
        place.setMinWidth(48);
        part.setMinWidth(72);
        part.setMaxWidth(96);
        part.setTextOverrun(OverrunStyle.ELLIPSIS);
        sentence.setMinWidth(20);
        sentence.setTextOverrun(OverrunStyle.ELLIPSIS);
        Controls.tip(sentence, sentence::getText);
        ways.setAlignment(Pos.CENTER_RIGHT);
        setPrefWidth(0);
    }

    /** How pitches are named where a place is. */
    static Spelling spelling(Session session, Doubt doubt) {
        return session.results().get().fence().spellingAt(doubt.tick());
    }

    @Override
    protected void updateItem(Doubt doubt, boolean empty) {
        super.updateItem(doubt, empty);
        if (empty || doubt == null) {
            setGraphic(null);
            setAccessibleText("");
            return;
        }
        Spelling spelling = spelling(session, doubt);
        place.setText(PlaceText.of(session.results().get().song().time(), doubt.tick()));
        part.setText(session.results().get().song().find(doubt.part()).map(Part::name).orElse(""));
        sentence.setText(doubt.sentence().of(spelling::pitchText));
        ways.getChildren().clear();
        List<Mend> mends = model.mends(doubt);
        for (int i = 0; i < mends.size(); i++) {
            int number = i;
            Button way = Controls.button("mend-" + (i + 1) + "-" + doubt.note().id(), null, event -> onMend.accept(doubt, number), "tiny-choice");
            way.setText(mends.get(i).words(spelling::pitchText));
            Controls.tip(way, Words.say("through.mendTip", way.getText(), i + 1));
            BooleanBinding looked = way.hoverProperty().or(way.focusedProperty());
            looked.addListener((property, old, now) -> onTry.accept(doubt, now ? number : 0));
            way.getProperties().put("looked at", looked);
            ways.getChildren().add(way);
        }
        Button leave = Controls.button("doubt-leave-" + doubt.note().id(), "through.leave", event -> onLeave.accept(doubt), "tiny-choice");
        Button hear = Controls.button("doubt-hear-" + doubt.note().id(), "through.hear", event -> onHear.accept(doubt), "tiny-choice");
        ways.getChildren().addAll(leave, hear);
        setAccessibleText(String.join(", ", place.getText(), part.getText(), sentence.getText()));
        setGraphic(row);
    }
}
