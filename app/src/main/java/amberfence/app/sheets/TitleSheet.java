package amberfence.app.sheets;

import amberfence.app.session.Session;
import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import javafx.application.Platform;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;

/** The title of the song. */
public final class TitleSheet {
    private TitleSheet() {
    }

    public static Sheet of(Session session, Runnable close) {
        TextField title = new TextField(session.song().title());
        title.setId("title-field");
        Button take = Controls.button("title-take", "titleSheet.take", event -> {
            String text = title.getText().strip();
            close.run();
            if (!text.isEmpty()) {
                session.edit(Words.say("edit.title", text), song -> song.withTitle(text));
            }
        }, "primary");
        take.setDefaultButton(true);
        Platform.runLater(() -> {
            title.requestFocus();
            title.selectAll();
        });
        return new Sheet("title-sheet", Words.say("titleSheet.title"), Words.say("titleSheet.subtitle"), new VBox(title), 440, close,
                Controls.button("title-cancel", "sheet.cancel", event -> close.run()), take);
    }
}
