package amberfence.app.sheets;

import amberfence.app.hands.NoteCommands;
import amberfence.app.session.Effort;
import amberfence.app.session.Session;
import amberfence.app.steps.FormHost;
import amberfence.app.steps.SchemaForm;
import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.edit.HandEdits;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.NoteSet;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.Outcome;
import amberfence.step.Step;
import amberfence.step.StepSchema;
import amberfence.step.StepWords;
import amberfence.theory.Spelling;
import java.util.Optional;
import java.util.function.Function;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** A step that is done once to the selected notes: its settings, what it would do, and the button that does it. */
public final class OnceSheet {
    private final Session session;
    private final NoteCommands commands;
    private final VBox form = new VBox();
    private final Label preview = Controls.paragraph("", "soft");
    private final SimpleBooleanProperty nothing = new SimpleBooleanProperty();
    private Step step;

    private OnceSheet(Session session, NoteCommands commands, Step step) {
        this.session = session;
        this.commands = commands;
        this.step = step;
        preview.setId("once-preview");
    }

    public static Sheet of(Session session, NoteCommands commands, StepSchema<?> kind, Runnable close) {
        NoteSet chosen = commands.selection().source();
        Part part = session.part().orElseThrow();
        Line notes = Line.of(chosen.in(part.line()));
        OnceSheet sheet = new OnceSheet(session, commands,
                kind.usual().fitted(notes, HandEdits.meant(session.song(), part)));
        sheet.update();
        Button apply = Controls.button("once-apply", "once.apply", event -> {
            close.run();
            commands.apply(sheet.step);
        }, "primary");
        apply.setDefaultButton(true);
        VBox content = new VBox(14, sheet.form, Sheet.answer(sheet.preview));
        return new Sheet("once-sheet", kind.title(), Words.say("once.subtitle",
                Words.count("noteCount", notes.size())), content, 420, close,
                Controls.button("once-cancel", "sheet.cancel", event -> close.run()),
                Controls.disabledWhen(apply, sheet.nothing, "once.nothing"));
    }

    private void update() {
        NoteSet chosen = commands.selection().source();
        Song song = session.song();
        Part part = session.part().orElseThrow();
        Step now = step;
        long tick = chosen.in(part.line()).stream().findFirst().map(Note::start).orElse(0L);
        Function<Step, Outcome> trial = tried -> tried.tried(part.line(), HandEdits.meant(song, part).withNotes(chosen, NoteSet.NONE));
        Controls.rebuild(form, () -> form.getChildren().setAll(SchemaForm.of(step, new FormHost(session, Optional.empty(), tick,
                (words, changed) -> {
                    step = changed;
                    update();
                }, () -> tried -> trial.apply(tried).out()))));
        nothing.set(false);
        preview.setText(Words.say("once.working"));
        session.computations().ask("once", Effort.of(now, part, song), () -> trial.apply(now), outcome -> show(outcome, tick));
    }

    private void show(Outcome outcome, long tick) {
        nothing.set(outcome.changes().isEmpty());
        Spelling spelling = session.results().get().fence().spellingAt(tick);
        String finding = outcome.findings().stream().findFirst()
                .map(found -> StepWords.of(spelling).sentence(found)).orElse("");
        preview.setText(!finding.isEmpty() ? finding : outcome.onlyAdds() ? Words.count("steps.added", outcome.added())
                : Words.say("once.preview", outcome.changes().size(), outcome.considered()));
    }
}
