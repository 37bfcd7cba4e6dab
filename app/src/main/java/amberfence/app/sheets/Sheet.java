package amberfence.app.sheets;

import amberfence.app.theme.Controls;
import amberfence.app.theme.Named;
import java.util.List;
import javafx.application.Platform;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextArea;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** A sheet in the middle of a veil: title, content, buttons. Escape puts it away; Tab goes round inside it. */
public final class Sheet extends StackPane {
    private static final double TWO_LINES = 36;

    /**
     * What a sheet holds. Whether there is a bar to scroll by is asked without telling a width, and text of several lines is as high
     * as its width makes it.
     */
    private static final class Body extends StackPane {
        private final Node content;

        Body(Node content) {
            super(content);
            this.content = content;
        }

        @Override
        protected void layoutChildren() {
            super.layoutChildren();
            double least = content.minHeight(getWidth());
            if (least != getMinHeight()) {
                // Not while the window is being laid out: it would not be asked again.
                Platform.runLater(() -> setMinHeight(least));
            }
        }
    }

    /** @param close puts the sheet away */
    public Sheet(String id, String title, String subtitle, Node content, double width, Runnable close, Node... buttons) {
        setId(id);
        if (content instanceof Parent form) {
            Named.inside(form);
        }
        getStyleClass().add("veil");
        HBox foot = new HBox(10, Controls.filler());
        foot.getChildren().addAll(buttons);
        Label below = Controls.paragraph(subtitle, "soft");
        VBox head = new VBox(0, Controls.label(title, "title"), below);
        // Where the window is lower than the sheet would be, what it holds scrolls.
        ScrollPane middle = Controls.scrolling(new Body(content));
        middle.setFitToHeight(true);
        middle.setMinHeight(0);
        VBox.setVgrow(middle, Priority.ALWAYS);
        VBox sheet = new VBox(16, head, middle, foot);
        sheet.getStyleClass().add("over-card");
        sheet.setMaxSize(width, Region.USE_PREF_SIZE);
        sheet.setPrefWidth(width);
        setAlignment(Pos.CENTER);
        setPadding(new Insets(10));
        getChildren().add(sheet);
        addEventHandler(KeyEvent.KEY_PRESSED, event -> escape(event, close));
        // A list takes Escape for itself, for the end of typing in a cell, also when nobody types.
        addEventFilter(KeyEvent.KEY_PRESSED, event -> {
            if (event.getTarget() instanceof ListView<?>) {
                escape(event, close);
            }
            round(event);
        });
    }

    /** A place for a sentence that changes: two lines high at least, so that the sheet stays as it is while the sentence does not. */
    static HBox answer(Label sentence) {
        Region twoLines = new Region();
        twoLines.setMinHeight(TWO_LINES);
        HBox.setHgrow(sentence, Priority.ALWAYS);
        return new HBox(twoLines, sentence);
    }

    /** From the last control to the first, or back, and not into what lies under the sheet. */
    private void round(KeyEvent event) {
        boolean typed = event.getTarget() instanceof TextArea && !event.isControlDown();
        List<Node> controls = event.getCode() == KeyCode.TAB && !typed ? Controls.focusable(this) : List.of();
        if (!controls.isEmpty()) {
            int at = controls.indexOf(getScene().getFocusOwner());
            boolean back = event.isShiftDown();
            if (at < 0 || at == (back ? 0 : controls.size() - 1)) {
                controls.get(back ? controls.size() - 1 : 0).requestFocus();
                event.consume();
            }
        }
    }

    private static void escape(KeyEvent event, Runnable close) {
        if (event.getCode() == KeyCode.ESCAPE) {
            close.run();
            event.consume();
        }
    }
}
