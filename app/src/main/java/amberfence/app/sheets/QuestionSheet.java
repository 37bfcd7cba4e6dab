package amberfence.app.sheets;

import amberfence.app.theme.Controls;
import java.util.ArrayList;
import java.util.List;
import javafx.application.Platform;
import javafx.scene.control.Button;
import javafx.scene.control.Label;

/** Asks one question; each answer puts the sheet away and does what it says. */
public final class QuestionSheet {
    /**
     * One answer.
     *
     * @param id of its button
     * @param words name of the button's text
     */
    public record Answer(String id, String words, Runnable action) {
    }

    private QuestionSheet() {
    }

    /**
     * @param close puts the sheet away
     * @param answers from left to right; the last is the one to expect
     */
    public static Sheet of(String id, String title, String question, Runnable close, Answer... answers) {
        Label text = Controls.paragraph(question);
        List<Button> buttons = new ArrayList<>();
        for (int i = 0; i < answers.length; i++) {
            Answer answer = answers[i];
            buttons.add(Controls.button(answer.id(), answer.words(), event -> {
                close.run();
                answer.action().run();
            }, i == answers.length - 1 ? new String[] {"primary"} : new String[0]));
        }
        Sheet sheet = new Sheet(id, title, "", text, 560, close, buttons.toArray(Button[]::new));
        Platform.runLater(buttons.get(buttons.size() - 1)::requestFocus);
        return sheet;
    }
}
