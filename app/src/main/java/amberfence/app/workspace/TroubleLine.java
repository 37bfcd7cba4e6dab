package amberfence.app.workspace;

import amberfence.app.theme.Controls;
import amberfence.app.theme.Icons;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** One sentence about what went wrong, under the head of the window, until it is put away. */
final class TroubleLine extends HBox {
    private final Label text = Controls.label("", "alarm");

    TroubleLine() {
        super(10);
        text.setId("trouble");
        text.setWrapText(true);
        HBox.setHgrow(text, Priority.ALWAYS);
        getChildren().addAll(text, Controls.filler(),
                Controls.iconButton("trouble-close", Icons.CLOSE, "trouble.close", event -> show("")));
        setAlignment(Pos.CENTER_LEFT);
        getStyleClass().add("trouble");
        VBox.setMargin(this, new Insets(8, 24, 0, 24));
        show("");
    }

    /** Shows a sentence; none for the empty one. */
    void show(String sentence) {
        text.setText(sentence);
        setVisible(!sentence.isEmpty());
        setManaged(!sentence.isEmpty());
    }
}
