package amberfence.app.steps;

import amberfence.app.fence.AllowedChips;
import amberfence.app.session.Session;
import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.song.FenceLine;
import amberfence.song.Note;
import amberfence.song.Part;
import amberfence.step.fence.BringInside;
import amberfence.step.fence.MoveTo;
import amberfence.step.fence.Ties;
import amberfence.theory.PitchClass;
import java.util.LinkedHashSet;
import java.util.Locale;
import java.util.Set;
import java.util.function.Consumer;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;

/** The settings of "Bring inside". */
final class BringInsideForm extends VBox {
    private static final double LABELS = 88;

    BringInsideForm(Session session, long slotId, BringInside step) {
        super(7);
        ComboBox<MoveTo> moveTo = choice("move-to", MoveTo.values(), step.moveTo(), "moveTo",
                chosen -> set(session, slotId, "moveTo", chosen, step.withMoveTo(chosen)));
        ComboBox<Ties> ties = choice("ties", Ties.values(), step.ties(), "ties",
                chosen -> set(session, slotId, "ties", chosen, step.withTies(chosen)));
        Node tiesRow = row("steps.ties", Controls.disabledWhen(ties,
                new SimpleBooleanProperty(step.moveTo() != MoveTo.NEAREST), "steps.tiesOff"));
        Label outside = Controls.label(outsideText(session), "small", "teal");
        outside.setWrapText(true);
        outside.setId("outside-names");
        getChildren().addAll(row("steps.moveTo", moveTo), tiesRow, row("steps.allowed", new AllowedChips(session)), outside);
    }

    private static <T extends Enum<T>> void set(Session session, long slotId, String setting, T chosen, BringInside step) {
        session.editStep(Words.say("edit.setting", Words.say("step." + setting), word(setting, chosen)), slotId,
                slot -> slot.withTreatment(step));
    }

    private static String word(String setting, Enum<?> value) {
        return Words.say(setting + "." + value.name().toLowerCase(Locale.ROOT));
    }

    private static Node row(String words, Node control) {
        Label label = Controls.label(Words.say(words), "soft", "small");
        label.setMinWidth(LABELS);
        label.setPrefWidth(LABELS);
        label.setWrapText(true);
        HBox.setHgrow(control, Priority.ALWAYS);
        HBox row = new HBox(4, label, control);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private static <T extends Enum<T>> ComboBox<T> choice(String id, T[] values, T chosen, String setting,
                                                          Consumer<T> onChoice) {
        ComboBox<T> box = new ComboBox<>();
        box.setId(id);
        box.getItems().setAll(values);
        box.setValue(chosen);
        box.setMaxWidth(Double.MAX_VALUE);
        box.setMinWidth(Region.USE_COMPUTED_SIZE);
        box.setConverter(new StringConverter<>() {
            @Override
            public String toString(T value) {
                return value == null ? "" : word(setting, value);
            }

            @Override
            public T fromString(String text) {
                throw new UnsupportedOperationException("choices are not typed");
            }
        });
        box.valueProperty().addListener((property, old, now) -> {
            if (now != null && now != old) {
                onChoice.accept(now);
            }
        });
        return box;
    }

    /** Which notes of the part are outside, by name, in the order in which they appear. */
    private static String outsideText(Session session) {
        Part part = session.part().orElseThrow();
        var song = session.results().get().song();
        FenceLine fence = session.results().get().fence();
        Set<String> names = new LinkedHashSet<>();
        for (Note note : part.line().notes()) {
            if (!part.isDrums() && !fence.isInside(note)) {
                names.add(fence.keyAt(note.start()).spelling().name(PitchClass.of(note.pitch())).text());
                if (names.size() == 12) {
                    break;
                }
            }
        }
        String keys = song.fence().keys().spans().size() == 1 ? song.fence().keys().first().text() : Words.say("steps.theKeys");
        return names.isEmpty() ? Words.say("steps.nothingOutside", keys)
                : Words.say(names.size() == 1 ? "steps.outside.one" : "steps.outside.many", String.join(" ", names), keys);
    }
}
