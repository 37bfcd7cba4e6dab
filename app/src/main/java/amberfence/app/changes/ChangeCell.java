package amberfence.app.changes;

import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.notes.Note;
import amberfence.step.Fix;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BiConsumer;
import java.util.function.Function;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.OverrunStyle;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;

/** Shows one row: where, from what to what, why, and move or leave. */
final class ChangeCell extends ListCell<ChangeRow> {
    private final Label place = Controls.label("", "soft", "small");
    private final Label names = Controls.label("", "strong");
    private final Label degrees = Controls.label("", "serif", "deep");
    private final Label reason = Controls.label("");
    private final ToggleButton move = new ToggleButton(Words.say("changes.move"));
    private final ToggleButton leave = new ToggleButton(Words.say("changes.leave"));
    private final HBox choice = Controls.either(move, leave, "tiny");
    private final HBox ways = new HBox(6);
    private final HBox row = new HBox(10, place, names, degrees, reason, Controls.filler(), ways, choice);

    private final Function<ChangeRow, RowWords> words;
    private final BiConsumer<ChangeRow, Fix> onFix;

    /**
     * @param words makes the words of a row
     * @param onLeave leaves a note alone, or changes it again
     * @param onFix takes one of the ways out that the row offers
     */
    ChangeCell(Function<ChangeRow, RowWords> words, BiConsumer<Note, Boolean> onLeave, BiConsumer<ChangeRow, Fix> onFix) {
        this.words = words;
        this.onFix = onFix;
        row.getStyleClass().add("change-row");
        row.setAlignment(Pos.CENTER_LEFT);
        place.setMinWidth(48);
        names.setMinWidth(84);
        degrees.setMinWidth(62);
        reason.setTextOverrun(OverrunStyle.ELLIPSIS);
        reason.setMinWidth(20);
        HBox.setHgrow(reason, Priority.SOMETIMES);
        move.setOnAction(event -> getItem().note().ifPresent(note -> onLeave.accept(note, false)));
        leave.setOnAction(event -> getItem().note().ifPresent(note -> onLeave.accept(note, true)));
        ways.setAlignment(Pos.CENTER_RIGHT);
        Controls.tip(reason, reason::getText);
        setPrefWidth(0);
    }

    @Override
    protected void updateItem(ChangeRow item, boolean empty) {
        super.updateItem(item, empty);
        if (empty || item == null) {
            setGraphic(null);
            setAccessibleText("");
            return;
        }
        boolean finding = item.isFinding();
        RowWords said = words.apply(item);
        place.setText(said.place());
        names.setText(said.names());
        degrees.setText(said.degrees());
        reason.setText(said.reason());
        reason.getStyleClass().remove("teal");
        row.getStyleClass().remove("finding");
        if (finding) {
            reason.getStyleClass().add("teal");
            row.getStyleClass().add("finding");
        }
        for (Label label : new Label[] {names, degrees}) {
            label.setManaged(!finding);
            label.setVisible(!finding);
        }
        choice.setVisible(item.isToDecide());
        choice.setManaged(item.isToDecide());
        showWays(item, said.ways());
        item.note().ifPresent(note -> {
            move.setId("move-" + note.id());
            leave.setId("leave-" + note.id());
        });
        (item.isLeft() ? leave : move).setSelected(true);
        setAccessibleText(String.join(" ", said.place(), said.names(), said.reason()));
        setGraphic(row);
    }

    private void showWays(ChangeRow item, List<String> said) {
        List<Fix> fixes = item.fixes();
        List<Button> buttons = new ArrayList<>();
        for (int i = 0; i < fixes.size(); i++) {
            Fix fix = fixes.get(i);
            Button way = Controls.button("resolve-" + fix.name() + item.note().map(note -> "-" + note.id()).orElse(""), null,
                    event -> onFix.accept(item, fix), "tiny-choice");
            way.setText(said.get(i));
            way.setAccessibleText(Words.say("changes.resolve", said.get(i)));
            Controls.tip(way, Words.say("changes.resolve", said.get(i)));
            buttons.add(way);
        }
        ways.getChildren().setAll(buttons);
        ways.setManaged(!buttons.isEmpty());
    }
}
