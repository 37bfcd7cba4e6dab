package amberfence.app.sheets;

import amberfence.app.hands.NoteCommands;
import amberfence.app.session.Session;
import amberfence.app.steps.FormRows;
import amberfence.app.theme.Choice;
import amberfence.app.theme.Controls;
import amberfence.app.words.GridWords;
import amberfence.app.words.Words;
import amberfence.edit.Run;
import amberfence.notes.Grid;
import amberfence.notes.Note;
import amberfence.theory.Key;
import java.util.List;
import java.util.stream.Collectors;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;

/** A run along a scale or a chord, put in at the playhead. */
public final class RunSheet {
    private static final int VELOCITY = 84;
    private static final int MOST = 64;
    private final Session session;
    private final TextField along = new TextField();
    private final Label preview = Controls.paragraph("", "soft");
    private final SimpleBooleanProperty unreadable = new SimpleBooleanProperty();
    private int from = 60;
    private int count = 8;
    private boolean up = true;
    private Grid value = Grid.of(8);

    private RunSheet(Session session) {
        this.session = session;
        Key key = session.results().get().fence().keyAt(session.transport().playhead().get());
        along.setId("run-along");
        along.setText(key.plainText());
        along.textProperty().addListener((property, old, now) -> update());
        from += Math.floorMod(key.tonic().pitchClass().number(), 12);
        preview.setId("run-preview");
    }

    /** @param close closes the sheet */
    public static Sheet of(Session session, NoteCommands commands, Runnable close) {
        RunSheet sheet = new RunSheet(session);
        VBox rows = new VBox(8, FormRows.row(Words.say("run.along"), sheet.along),
                FormRows.row(Words.say("run.from"), FormRows.pitch("run-from", sheet.from, session.spelling(), pitch -> sheet.change(() -> sheet.from = pitch))),
                FormRows.row(Words.say("run.direction"), Choice.of("run-direction", List.of(true, false), true, way -> Words.say(way ? "run.up" : "run.down"),
                        way -> sheet.change(() -> sheet.up = way))),
                FormRows.row(Words.say("run.count"), FormRows.number("run-count", sheet.count, 1, MOST, count -> sheet.change(() -> sheet.count = count))),
                FormRows.row(Words.say("run.value"), Choice.of("run-value", GridWords.all(), sheet.value, GridWords::of,
                        grid -> sheet.change(() -> sheet.value = grid))), sheet.preview);
        sheet.update();
        Button put = Controls.button("run-put", "run.put", event -> {
            List<Note> notes = sheet.notes();
            String name = Words.say("run.done", sheet.along.getText().strip());
            close.run();
            if (session.partNow().isPresent()) {
                session.selection().selectNotes(commands.put(name, notes).stream().collect(Collectors.toSet()));
            }
        }, "primary");
        put.setDefaultButton(true);
        return new Sheet("run-sheet", Words.say("run.title"), Words.say("run.subtitle", session.part().map(part -> part.name()).orElse("")), rows, 420, close,
                Controls.button("run-cancel", "sheet.cancel", event -> close.run()), Controls.disabledWhen(put, sheet.unreadable, "run.unreadable"));
    }

    private void change(Runnable set) {
        set.run();
        update();
    }

    private List<Note> notes() {
        int channel = session.partNow().map(part -> part.channel()).orElse(0);
        return new Run(Run.along(along.getText()), from, up, count, value).at(session.transport().playhead().get(), session.song().time(), channel, VELOCITY);
    }

    private void update() {
        try {
            List<Note> notes = notes();
            preview.setText(notes.stream().map(note -> session.spelling().pitchText(note.pitch())).collect(Collectors.joining(" ")));
            unreadable.set(notes.isEmpty() || session.part().isEmpty());
        } catch (IllegalArgumentException e) {
            preview.setText(e.getMessage());
            unreadable.set(true);
        }
    }
}
