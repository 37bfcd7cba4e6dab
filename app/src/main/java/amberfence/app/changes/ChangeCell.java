package amberfence.app.changes;

import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.song.Note;
import amberfence.step.Fix;
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
    private final Button down = Controls.button(null, null, null, "tiny-choice");
    private final Button up = Controls.button(null, null, null, "tiny-choice");
    private final HBox row = new HBox(10, place, names, degrees, reason, Controls.filler(), down, up, choice);

    private final Function<ChangeRow, RowWords> words;

    /**
     * @param words makes the words of a row
     * @param onLeave leaves a note alone, or changes it again
     * @param onFix resolves a note in one of the ways that its reason offers
     */
    ChangeCell(Function<ChangeRow, RowWords> words, BiConsumer<Note, Boolean> onLeave, BiConsumer<Note, Fix> onFix) {
        this.words = words;
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
        down.setOnAction(event -> getItem().fix("down").ifPresent(fix -> onFix.accept(getItem().note().orElseThrow(), fix)));
        up.setOnAction(event -> getItem().fix("up").ifPresent(fix -> onFix.accept(getItem().note().orElseThrow(), fix)));
        Controls.tip(down, () -> Words.say("changes.resolve", down.getText()));
        Controls.tip(up, () -> Words.say("changes.resolve", up.getText()));
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
        showWay(down, item, said.down(), "resolve-down-");
        showWay(up, item, said.up(), "resolve-up-");
        item.note().ifPresent(note -> {
            move.setId("move-" + note.id());
            leave.setId("leave-" + note.id());
        });
        (item.isLeft() ? leave : move).setSelected(true);
        setAccessibleText(String.join(" ", said.place(), said.names(), said.reason()));
        setGraphic(row);
    }

    /** A way to resolve what clashes, by the note to which it leads. */
    private static void showWay(Button way, ChangeRow item, String name, String id) {
        way.setText(name);
        way.setAccessibleText(Words.say("changes.resolve", name));
        way.setVisible(!name.isEmpty());
        way.setManaged(!name.isEmpty());
        way.setMinWidth(USE_PREF_SIZE);
        item.note().ifPresent(note -> way.setId(id + note.id()));
    }
}
