package amberfence.app.sheets;

import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import javafx.application.Platform;
import javafx.scene.control.Button;
import javafx.scene.control.Label;

/** Asks what is to become of unsaved work before another song takes its place. */
public final class UnsavedSheet {
    private UnsavedSheet() {
    }

    /**
     * @param save saves and then goes on
     * @param letGo goes on without saving
     */
    public static Sheet of(String title, Runnable save, Runnable letGo, Runnable close) {
        Label words = Controls.label(Words.say("unsaved.words", title));
        words.setWrapText(true);
        Button keep = Controls.button("unsaved-save", "unsaved.save", event -> {
            close.run();
            save.run();
        }, "primary");
        Sheet sheet = new Sheet("unsaved-sheet", Words.say("unsaved.title"), "", words, 520, close,
                Controls.button("unsaved-cancel", "unsaved.cancel", event -> close.run()),
                Controls.button("unsaved-let-go", "unsaved.letGo", event -> {
                    close.run();
                    letGo.run();
                }), keep);
        Platform.runLater(keep::requestFocus);
        return sheet;
    }
}
