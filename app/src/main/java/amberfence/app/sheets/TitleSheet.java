package amberfence.app.sheets;

import amberfence.app.session.Session;
import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.song.Credits;
import amberfence.song.Song;
import javafx.application.Platform;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;

/** The title of the song, who made it, and whose it is. */
public final class TitleSheet {
    private TitleSheet() {
    }

    public static Sheet of(Session session, Runnable close) {
        Song song = session.song();
        TextField title = field("title-field", song.title());
        TextField composer = field("composer-field", song.credits().composer());
        TextField copyright = field("copyright-field", song.credits().copyright());
        copyright.setPromptText(Words.say("titleSheet.copyrightPrompt"));
        GridPane fields = new GridPane();
        fields.setHgap(12);
        fields.setVgap(8);
        fields.addRow(0, named("titleSheet.name", title), title);
        fields.addRow(1, named("titleSheet.composer", composer), composer);
        fields.addRow(2, named("titleSheet.copyright", copyright), copyright);
        Button take = Controls.button("title-take", "titleSheet.take", event -> {
            Credits credits = new Credits(composer.getText().strip(), copyright.getText().strip());
            String text = title.getText().strip();
            close.run();
            session.edit(Words.say(text.isEmpty() || text.equals(song.title()) ? "edit.credits" : "edit.title", text),
                    same -> (text.isEmpty() ? same : same.withTitle(text)).withCredits(credits));
        }, "primary");
        take.setDefaultButton(true);
        Platform.runLater(() -> {
            title.requestFocus();
            title.selectAll();
        });
        return new Sheet("title-sheet", Words.say("titleSheet.title"), Words.say("titleSheet.subtitle"), fields, 480, close,
                Controls.button("title-cancel", "sheet.cancel", event -> close.run()), take);
    }

    private static TextField field(String id, String text) {
        TextField field = new TextField(text);
        field.setId(id);
        GridPane.setHgrow(field, Priority.ALWAYS);
        return field;
    }

    private static Label named(String words, TextField field) {
        Label label = Controls.rowLabel(words);
        label.setLabelFor(field);
        return label;
    }
}
