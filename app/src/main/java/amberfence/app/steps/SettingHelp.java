package amberfence.app.steps;

import amberfence.app.handbook.HandbookRequest;
import amberfence.app.handbook.SettingWords;
import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.step.Step;
import amberfence.step.StepSchema;
import amberfence.step.StepSetting;
import java.util.List;
import javafx.geometry.Side;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.CustomMenuItem;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.layout.VBox;

/** “What is this?” for a setting: a card from its schema, opened by its label or by F1 on its control, which leads on to the handbook. */
final class SettingHelp {
    private static final double WIDTH = 300;

    private SettingHelp() {
    }

    /** A label that answers when it is pressed. */
    static <S extends Step> void answer(Label label, StepSchema<S> schema, StepSetting<S> setting) {
        label.getStyleClass().add("asks");
        label.setId("what-is-" + schema.name() + "-" + setting.key());
        label.setOnMouseClicked(event -> {
            if (event.getButton() == MouseButton.PRIMARY) {
                show(label, schema, setting);
            }
        });
    }

    /** A row whose controls answer to F1. */
    static <S extends Step> void answerKey(Node row, StepSchema<S> schema, StepSetting<S> setting) {
        row.addEventHandler(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.F1 && !event.isShiftDown()) {
                show(row, schema, setting);
                event.consume();
            }
        });
    }

    private static <S extends Step> void show(Node under, StepSchema<S> schema, StepSetting<S> setting) {
        VBox card = SettingWords.of(schema, setting);
        card.setPrefWidth(WIDTH);
        card.setMaxWidth(WIDTH);
        CustomMenuItem what = new CustomMenuItem(card, false);
        what.getStyleClass().add("what-is");
        ContextMenu answer = Controls.menu(List.of(what, Controls.menuItem("what-is-more", Words.say("handbook.more", schema.title()),
                () -> HandbookRequest.of(under, schema.name()))));
        answer.setId("what-is");
        answer.show(under, Side.BOTTOM, 0, 2);
    }
}
