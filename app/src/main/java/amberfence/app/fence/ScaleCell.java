package amberfence.app.fence;

import amberfence.app.theme.Controls;
import amberfence.app.theme.Icons;
import amberfence.app.words.Words;
import amberfence.theory.Scale;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.OverrunStyle;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** One scale in the list: its name, degrees, and how many notes it would leave outside. */
final class ScaleCell extends ListCell<Scale> {
    private final FenceModel model;
    private final Label name = Controls.label("", "name");
    private final Label degrees = Controls.label("", "degrees");
    private final Label outside = Controls.label("", "small", "teal");
    private final HBox card;

    private final Button forget = Controls.iconButton("scale-forget", Icons.CLOSE, "fence.forgetScale", event -> { });

    /** @param onForget takes an own scale out of the list */
    ScaleCell(FenceModel model, Consumer<Scale> onForget) {
        this.model = model;
        forget.setOnAction(event -> onForget.accept(getItem()));
        VBox texts = new VBox(-1, name, degrees);
        HBox.setHgrow(texts, Priority.ALWAYS);
        degrees.setTextOverrun(OverrunStyle.ELLIPSIS);
        outside.setMinWidth(USE_PREF_SIZE);
        card = new HBox(6, texts, outside, forget);
        card.setAlignment(Pos.CENTER_LEFT);
        card.getStyleClass().add("card");
        card.setStyle("-fx-padding: 4 10 5 12;");
        Controls.tip(card, this::tip);
        setPrefWidth(0);
    }

    private String tip() {
        return getItem() == null ? "" : Words.say("fence.scaleTip", getItem().text(), getItem().groupText(),
                getItem().synonyms().isEmpty() ? "–" : String.join(", ", getItem().synonyms()));
    }

    @Override
    protected void updateItem(Scale scale, boolean empty) {
        super.updateItem(scale, empty);
        if (empty || scale == null) {
            setGraphic(null);
            return;
        }
        name.setText(scale.text());
        degrees.setText(scale.degreesText().replace(" ", "  "));
        outside.setText(Words.count("outside", model.outside(scale)));
        boolean kept = scale.isOwn() && model.ownScales().contains(scale);
        forget.setVisible(kept);
        forget.setManaged(kept);
        card.getStyleClass().remove("chosen");
        if (scale.equals(model.key().scale())) {
            card.getStyleClass().add("chosen");
        }
        setAccessibleText(scale.text() + ", " + outside.getText());
        setGraphic(card);
    }
}
