package amberfence.app.steps;

import amberfence.app.session.Session;
import amberfence.app.theme.Controls;
import amberfence.app.theme.Icons;
import amberfence.app.words.PickNames;
import amberfence.app.words.Words;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.result.PartResult;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.Outcome;
import amberfence.step.Step;
import amberfence.step.StepSlot;
import amberfence.step.catalogue.StepCatalogue;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** One step: on or off, what it did in a few words, and, when open, its settings. */
final class StepCard extends VBox {
    private final Session session;
    private final StepSlot slot;
    private final String name;
    private final Label summary = Controls.label("", "soft", "small");
    private final HBox head = new HBox(6);
    private Optional<FormHost> form = Optional.empty();

    StepCard(Session session, Part part, StepSlot slot) {
        super(9);
        this.session = session;
        this.slot = slot;
        this.name = StepCatalogue.of(slot.step()).title();
        boolean open = Long.valueOf(slot.id()).equals(session.selection().openStep().get());
        setId("step-" + slot.id());
        getStyleClass().add("card");
        if (open) {
            getStyleClass().add("chosen");
        }
        ToggleButton on = Controls.toggle("step-on-" + slot.id(), slot.on());
        on.setAccessibleText(Words.say("steps.switch", name));
        on.setOnAction(event -> session.editStep(Words.say(on.isSelected() ? "edit.stepOn" : "edit.stepOff", name),
                slot.id(), same -> same.withOn(on.isSelected())));
        summary.setId("step-summary-" + slot.id());
        Controls.tip(summary, summary::getText);
        Label title = Controls.label(name, "name");
        title.setMinWidth(USE_PREF_SIZE);
        head.getChildren().addAll(on, title, Controls.filler(), summary, menu(part));
        head.setAlignment(Pos.CENTER_LEFT);
        head.setFocusTraversable(true);
        head.setAccessibleRole(AccessibleRole.BUTTON);
        refresh(part);
        head.setOnMouseClicked(event -> toggleOpen(open));
        head.setOnKeyPressed(event -> {
            if (event.getTarget() == head && (event.getCode() == KeyCode.ENTER || event.getCode() == KeyCode.SPACE)) {
                toggleOpen(open);
                event.consume();
            }
        });
        getChildren().add(head);
        if (open) {
            long tick = part.line().notes().stream().findFirst().map(Note::start).orElse(0L);
            form = Optional.of(new FormHost(session, Optional.of(slot.id()), tick,
                    (words, step) -> session.editStep(words, slot.id(), same -> changed(same, step)), this::tried));
            getChildren().addAll(SchemaForm.of(slot.step(), form.get()),
                    FormRows.row(Words.say("steps.limit"), limit(part)));
        }
    }

    /** Says anew what the step did; its settings are the same. */
    void refresh(Part part) {
        summary.setText(summary(part));
        head.setAccessibleText(name + ", " + summary.getText());
        form.ifPresent(FormHost::refresh);
    }

    /** What other settings of the step would make of the notes as they are now. */
    private Function<Step, Line> tried() {
        Song song = session.results().get().song();
        Optional<Part> part = session.part();
        return step -> part.map(some -> PartResult.tried(song, some, slot.id(), step)).orElse(Line.EMPTY);
    }

    /** The form may be of an older step: what was changed in it is done to the step as it is now. */
    private StepSlot changed(StepSlot current, Step step) {
        Step shown = slot.step();
        Step now = current.step();
        return now.getClass() != step.getClass() ? current
                : current.withStep(StepCatalogue.of(step).merged(shown, step, now));
    }

    private void toggleOpen(boolean open) {
        session.selection().openStep(open ? null : slot.id());
    }

    private String summary(Part part) {
        if (!slot.on()) {
            return Words.say("steps.off");
        }
        PartResult result = session.results().get().part(part.id());
        Outcome outcome = result.stage(slot.id()).map(PartResult.Stage::outcome).orElseThrow();
        int clashes = (int) outcome.kept().stream().filter(kept -> kept.reason().isOpen()).count();
        int added = outcome.added();
        return clashes > 0 ? Words.count("steps.clashes", clashes) : outcome.changes().isEmpty() ? Words.say("steps.nothing")
                : added == outcome.changes().size() ? Words.count("steps.added", added)
                : added > 0 ? Words.say("steps.changedAndAdded", outcome.changes().size())
                : Words.say("steps.some", outcome.changes().size(), outcome.considered());
    }

    /** To which notes the step is limited, as a button that opens the choices. */
    private Button limit(Part part) {
        Button button = Controls.button("limit-" + slot.id(), null, null, "choice");
        button.setText(slot.limit().map(choice -> PickNames.shown(choice.text(), session.middleC())).orElse(Words.say("limit.all")));
        button.setMinWidth(0);
        button.setMaxWidth(Double.MAX_VALUE);
        button.setOnAction(event -> Controls.openMenu(button, StepLimits.items(session, slot, session.part().orElse(part))));
        Controls.tip(button, Words.say("limit.tip"));
        return button;
    }

    private Button menu(Part part) {
        int at = StepSlot.place(part.steps(), slot.id());
        return Controls.menuButton("step-menu-" + slot.id(), Icons.MORE, Words.say("steps.menu", name), () -> List.of(
                item("steps.earlier", at == 0, () -> move(at, -1)),
                item("steps.later", at == part.steps().size() - 1, () -> move(at, 1)),
                item("steps.remove", false, this::remove)));
    }

    private static MenuItem item(String words, boolean disabled, Runnable action) {
        MenuItem item = Controls.menuItem(words.replace('.', '-'), Words.say(words), action);
        item.setDisable(disabled);
        return item;
    }

    private void move(int from, int places) {
        session.editPart(Words.say("edit.stepOrder", name), part -> {
            List<StepSlot> order = new ArrayList<>(part.steps());
            order.add(from + places, order.remove(from));
            return part.withSteps(order);
        });
    }

    private void remove() {
        session.editPart(Words.say("edit.stepRemove", name),
                part -> part.withSteps(part.steps().stream().filter(other -> other.id() != slot.id()).toList()));
    }
}
