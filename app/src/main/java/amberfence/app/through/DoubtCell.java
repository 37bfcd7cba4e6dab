package amberfence.app.through;

import amberfence.analysis.Doubt;
import amberfence.analysis.Mend;
import amberfence.app.session.Session;
import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.notes.PlaceText;
import amberfence.song.Part;
import amberfence.theory.Spelling;
import java.util.List;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import javafx.beans.InvalidationListener;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.OverrunStyle;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** One place: where, in which part, what is wrong, the ways out as buttons, and leave. */
final class DoubtCell extends ListCell<Doubt> {
    private static final double NARROW = 640;
    /** How high a row is with the ways out beside the sentence, and below it. */
    private static final double BESIDE = 30;
    private static final double BELOW = 50;
    private final Session session;
    private final ThroughModel model;
    private final Label place = Controls.label("", "soft", "small");
    private final Label part = Controls.label("", "soft", "small");
    private final Label sentence = Controls.label("");
    private final HBox ways = new HBox(6);
    private final HBox words = new HBox(10, place, part, sentence);
    private final HBox beside = new HBox(10);
    private final VBox below = new VBox(4);
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
        List.of(beside, below).forEach(row -> row.getStyleClass().add("change-row"));
        words.setAlignment(Pos.CENTER_LEFT);
        beside.setAlignment(Pos.CENTER_LEFT);
        HBox.setHgrow(words, Priority.ALWAYS);
        place.setMinWidth(48);
        part.setMinWidth(72);
        part.setMaxWidth(96);
        part.setTextOverrun(OverrunStyle.ELLIPSIS);
        sentence.setMinWidth(20);
        sentence.setTextOverrun(OverrunStyle.ELLIPSIS);
        Controls.tip(sentence, sentence::getText);
        ways.setAlignment(Pos.CENTER_RIGHT);
        setPrefWidth(0);
        widthProperty().addListener(change -> arrange());
    }

    /** All rows are of one height, so that the list knows where each of thousands is without making it. */
    static void keepHeight(ListView<Doubt> list) {
        list.setFixedCellSize(BELOW);
        list.widthProperty().addListener((property, old, now) -> list.setFixedCellSize(now.doubleValue() < NARROW ? BELOW : BESIDE));
    }

    /** The ways out stand beside the sentence, or below it where it would be cut. */
    private void arrange() {
        if (isEmpty()) {
            return;
        }
        boolean narrow = getListView().getFixedCellSize() == BELOW;
        Pane row = narrow ? below : beside;
        if (getGraphic() != row) {
            (narrow ? beside : below).getChildren().clear();
            row.getChildren().setAll(words, ways);
            setGraphic(row);
        }
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
            InvalidationListener looked = change -> onTry.accept(doubt, way.isHover() || way.isFocused() ? number : 0);
            way.hoverProperty().addListener(looked);
            way.focusedProperty().addListener(looked);
            ways.getChildren().add(way);
        }
        Button leave = Controls.button("doubt-leave-" + doubt.note().id(), "through.leave", event -> onLeave.accept(doubt), "tiny-choice");
        Button hear = Controls.button("doubt-hear-" + doubt.note().id(), "through.hear", event -> onHear.accept(doubt), "tiny-choice");
        ways.getChildren().addAll(leave, hear);
        setAccessibleText(String.join(", ", place.getText(), part.getText(), sentence.getText()));
        arrange();
    }
}
