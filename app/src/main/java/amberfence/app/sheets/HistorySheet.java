package amberfence.app.sheets;

import amberfence.app.session.Session;
import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import java.util.ArrayList;
import java.util.List;
import javafx.application.Platform;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;

/** Every edit by name, those undone included; choosing one goes to the song as it was after it. */
public final class HistorySheet {
    private HistorySheet() {
    }

    public static Sheet of(Session session, Runnable close) {
        ListView<String> list = new ListView<>();
        list.setId("history-list");
        list.setAccessibleText(Words.say("history.title"));
        list.setPrefHeight(380);
        List<String> names = new ArrayList<>(session.edits());
        names.set(0, Words.say(session.editsLetGo() == 0 ? "history.beginning" : "history.beginningNow"));
        list.getItems().setAll(names);
        list.setCellFactory(view -> new ListCell<>() {
            @Override
            protected void updateItem(String name, boolean empty) {
                super.updateItem(name, empty);
                getStyleClass().removeAll("undone", "now");
                setText(empty ? "" : getIndex() == session.editsDone() ? Words.say("history.now", name) : name);
                if (!empty) {
                    getStyleClass().add(getIndex() > session.editsDone() ? "undone"
                            : getIndex() == session.editsDone() ? "now" : "done");
                }
            }
        });
        list.getSelectionModel().select(session.editsDone());
        list.getSelectionModel().selectedIndexProperty().addListener((property, old, now) -> {
            if (now.intValue() >= 0) {
                session.goTo(now.intValue());
                list.refresh();
            }
        });
        Platform.runLater(() -> {
            list.scrollTo(Math.max(0, session.editsDone() - 5));
            list.requestFocus();
        });
        return new Sheet("history-sheet", Words.say("history.title"), session.editsLetGo() == 0
                ? Words.say("history.subtitle") : Words.say("history.letGo", Words.count("editCount", session.editsLetGo())), list, 480, close,
                Controls.button("history-close", "sheet.close", event -> close.run(), "ink"));
    }
}
