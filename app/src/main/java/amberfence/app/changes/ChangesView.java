package amberfence.app.changes;

import amberfence.app.session.Effort;
import amberfence.app.session.Results;
import amberfence.app.session.Session;
import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.notes.Fence;
import amberfence.notes.Note;
import amberfence.notes.NoteSet;
import amberfence.notes.PlaceText;
import amberfence.notes.TimeMap;
import amberfence.result.PartResult;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.Fix;
import amberfence.step.Outcome;
import amberfence.step.StepGroup;
import amberfence.step.StepSchema;
import amberfence.step.StepSlot;
import amberfence.step.catalogue.StepCatalogue;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import javafx.beans.property.ReadOnlyIntegerProperty;
import javafx.beans.property.ReadOnlyIntegerWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.collections.FXCollections;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.OverrunStyle;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** What the open step of the selected part did. */
public final class ChangesView extends VBox {
    private static final String WAITING = "changes that wait";
    private static final double HINT = 460;
    private static final double ROW_HEIGHT = 30;
    private final Session session;
    private final Consumer<Note> reveal;
    private final ReadOnlyIntegerWrapper count = new ReadOnlyIntegerWrapper();
    private final Label heading = Controls.label("", "heading");
    private final Label summary = Controls.label("", "soft", "small");
    private final ListView<ChangeRow> rows = new ListView<>();
    private final Button leaveAll = Controls.button("leave-all", "changes.leaveAll", event -> leaveAll(), "choice");
    private final SimpleBooleanProperty nothingToLeave = new SimpleBooleanProperty(true);
    private boolean allLeft;
    /** By step: what was left by hand when all was left. */
    private final Map<Long, NoteSet> leftByHand = new HashMap<>();
    /** What the rows tell of. */
    private Outcome shown;
    private Wording worded;
    private boolean updating;

    /** @param reveal shows a note in the ladder */
    public ChangesView(Session session, Consumer<Note> reveal) {
        super(5);
        this.session = session;
        this.reveal = reveal;
        setId("changes");
        heading.setId("changes-heading");
        summary.setId("changes-summary");
        summary.setTextOverrun(OverrunStyle.ELLIPSIS);
        rows.setId("change-rows");
        // Said here and not by a style, which would come after a first look at how high each row is.
        rows.setFixedCellSize(ROW_HEIGHT);
        rows.setAccessibleText(Words.say("changes.heading"));
        rows.setCellFactory(list -> new ChangeCell(row -> RowWords.of(row, session.results().get()), this::leave,
                this::resolve));
        rows.getSelectionModel().selectedItemProperty().addListener((property, old, now) -> chosen(now));
        VBox.setVgrow(rows, Priority.ALWAYS);
        Label hint = Controls.label(Words.say("changes.hint"), "soft");
        hint.setWrapText(true);
        hint.setMaxWidth(HINT);
        rows.setPlaceholder(hint);
        HBox head = new HBox(14, heading, summary, Controls.filler(),
                Controls.disabledWhen(leaveAll, nothingToLeave, "changes.noLeave"));
        head.setAlignment(Pos.CENTER_LEFT);
        heading.setMinWidth(USE_PREF_SIZE);
        getChildren().addAll(head, rows);
        session.frames().follow(this::update, session.results(), session.selection().part(), session.selection().openStep());
        session.frames().follow(this::followSelection, session.selection().notes());
        update();
    }

    private Optional<PartResult.Stage> stage() {
        return session.part().flatMap(part -> session.selection().openStep().get() == null ? Optional.empty()
                : session.results().get().part(part.id()).stage(session.selection().openStep().get()));
    }

    private Optional<StepSlot> slot() {
        return session.part().flatMap(part -> session.selection().openStep().get() == null ? Optional.empty()
                : part.step(session.selection().openStep().get()));
    }

    /** How many changes are listed. */
    public ReadOnlyIntegerProperty count() {
        return count.getReadOnlyProperty();
    }

    private void update() {
        Optional<Part> part = session.part();
        updating = true;
        Optional<PartResult.Stage> stage = stage();
        session.computations().stop(WAITING);
        if (stage.isEmpty() && slot().isPresent()) {
            Results results = session.results().get();
            long open = slot().get().id();
            session.computations().ask(WAITING, Effort.waiting(part.get(), open, results.song()), () -> results.waiting(part.get().id(), open), off -> {
                boolean before = updating;
                updating = true;
                off.ifPresent(this::show);
                updating = before;
            });
        } else if (stage.isEmpty()) {
            session.computations().stop(rows);
            rows.getItems().clear();
            shown = null;
            heading.setText(Words.say("changes.heading").toUpperCase(Locale.ROOT));
            summary.setText(Words.say(part.isEmpty() ? "changes.noPart" : part.get().steps().isEmpty() ? "changes.noSteps" : "changes.noStep"));
            nothingToLeave.set(true);
            count.set(0);
        } else {
            show(stage.get());
        }
        updating = false;
    }

    private void show(PartResult.Stage stage) {
        Outcome outcome = stage.outcome();
        count.set(outcome.changes().size());
        StepSchema<?> schema = StepCatalogue.of(stage.slot().step());
        String kind = stage.slot().on() && slot().filter(StepSlot::on).isPresent() ? "changes.of" : "changes.waiting";
        heading.setText(Words.say(outcome.changes().size() == 1 ? kind + ".one" : kind + ".many",
                outcome.changes().size(), schema.title()).toUpperCase(Locale.ROOT));
        summary.setText(kind.equals("changes.waiting") ? Words.say("changes.stepOff") : outcome.changes().isEmpty() && outcome.kept().isEmpty()
                ? Words.count("changes.allInside", outcome.considered())
                : Words.say(outcome.kept().stream().anyMatch(kept -> kept.reason().isOpen()) ? "changes.clashing"
                        : schema.group() == StepGroup.FENCE ? "changes.summary" : "changes.otherSummary",
                        outcome.kept().size(), outcome.untouched()));
        // What a step made of a part is the same object until something changes it.
        if (outcome == shown) {
            reword();
        } else {
            shown = outcome;
            session.computations().ask(rows, outcome.changes().size(), () -> ChangeRow.of(outcome),
                    fresh -> session.frames().soon(() -> fill(outcome, fresh)));
        }
        allLeft = outcome.changes().isEmpty() && !outcome.kept().isEmpty();
        leaveAll.setText(Words.say(allLeft ? "changes.moveAll" : "changes.leaveAll"));
        nothingToLeave.set(outcome.changes().isEmpty() && stage.slot().left().isEmpty());
    }

    private void fill(Outcome outcome, List<ChangeRow> fresh) {
        if (outcome != shown) {
            return;
        }
        boolean before = updating;
        updating = true;
        if (RowRepair.tried(rows.getItems(), fresh)) {
            reword();
        } else {
            worded = wording();
            int chosen = rows.getSelectionModel().getSelectedIndex();
            rows.setItems(FXCollections.observableList(new ArrayList<>(fresh)));
            chosenRow().ifPresent(row -> select(row, row != chosen));
        }
        updating = before;
    }

    /** The same changes read otherwise in another key, and stand elsewhere in another metre. */
    private void reword() {
        if (!wording().equals(worded)) {
            worded = wording();
            rows.refresh();
        }
    }

    private Wording wording() {
        Song song = session.results().get().song();
        return new Wording(song.fence(), song.time(), session.middleC());
    }

    /** What the words of a row depend on beside the change. */
    private record Wording(Fence fence, TimeMap time, int middleC) {
    }

    private void leave(Note note, boolean left) {
        slot().ifPresent(slot -> session.editStep(Words.say(left ? "edit.leave" : "edit.move", place(note)), slot.id(),
                same -> same.withLeft(note.id(), left)));
    }

    private String place(Note note) {
        return PlaceText.of(session.results().get().song().time(), note.start());
    }

    /** A fix holds for the step as it was when it was offered: after that its list is made anew anyway. */
    private void resolve(ChangeRow row, Fix fix) {
        slot().ifPresent(slot -> session.editStep(Words.say("edit.resolve", row.note().map(this::place).orElse(
                StepCatalogue.of(slot.step()).title())), slot.id(), same -> same.step().equals(slot.step())
                ? fix.edit().apply(same) : same));
    }

    /** What was left by hand before all was left stays so when all is moved again. */
    private void leaveAll() {
        Outcome outcome = shown;
        slot().filter(slot -> outcome != null).ifPresent(slot -> {
            if (allLeft) {
                NoteSet byHand = leftByHand.getOrDefault(slot.id(), NoteSet.NONE);
                NoteSet still = NoteSet.NONE.with(slot.left().ids().stream().filter(byHand.ids()::contains).toList(), true);
                leftByHand.remove(slot.id());
                session.editStep(Words.say("edit.moveAll"), slot.id(), same -> same.withLeft(still));
            } else {
                leftByHand.put(slot.id(), slot.left());
                session.editStep(Words.say("edit.leaveAll"), slot.id(), same -> same.withLeft(
                        outcome.changes().stream().map(change -> change.note().id()).toList(), true));
            }
        });
    }

    /** Leaves the selected notes alone, or moves them again when all of them are left. */
    public void toggleSelected() {
        Set<Long> selected = session.selection().notes().get();
        List<ChangeRow> chosen = rows.getItems().stream().filter(row -> row.isToDecide()
                && row.note().filter(note -> selected.contains(note.id())).isPresent()).toList();
        if (chosen.isEmpty()) {
            session.say(Words.say(selected.isEmpty() ? "changes.selectFirst" : "changes.selectedInside"));
            return;
        }
        boolean left = !chosen.stream().allMatch(ChangeRow::isLeft);
        slot().ifPresent(slot -> session.editStep(
                Words.count(left ? "edit.leaveSome" : "edit.moveSome", chosen.size()), slot.id(),
                same -> same.withLeft(chosen.stream().map(row -> row.note().orElseThrow().id()).toList(), left)));
    }

    private void chosen(ChangeRow row) {
        if (row != null && !updating) {
            row.note().ifPresent(note -> {
                session.selection().selectNotes(Set.of(note.id()));
                reveal.accept(note);
            });
        }
    }

    private void followSelection() {
        chosenRow().ifPresent(row -> select(row, true));
    }

    /** The row of the note that is selected, while one alone is. */
    private OptionalInt chosenRow() {
        Set<Long> selected = session.selection().notes().get();
        if (selected.size() != 1) {
            return OptionalInt.empty();
        }
        long id = selected.iterator().next();
        return IntStream.range(0, rows.getItems().size())
                .filter(row -> rows.getItems().get(row).note().filter(note -> note.id() == id).isPresent()).findFirst();
    }

    private void select(int row, boolean bringIntoView) {
        boolean before = updating;
        updating = true;
        rows.getSelectionModel().select(row);
        if (bringIntoView) {
            rows.scrollTo(Math.max(0, row - 1));
        }
        updating = before;
    }
}
