package amberfence.app.steps;

import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.step.SettingTexts;
import amberfence.step.SettingType;
import amberfence.step.Step;
import amberfence.step.StepSchema;
import amberfence.step.catalogue.StepCatalogue;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Function;
import javafx.scene.Node;

/** The settings that have a control of their own in place of the one for their kind, and what stands below the settings of a step. */
final class SpecialControls {
    /** By step and setting, beside the label. */
    private static final Map<String, Function<SettingControl<?>, Node>> BESIDE = Map.of(
            "to-key to", KeyControl::to, "to-key from", KeyControl::from, "fold around", FoldControl::of);
    /** By step and setting, what needs all the width and brings its own label. */
    private static final Map<String, Function<SettingControl<?>, Node>> WIDE = Map.of(
            "follow-chords figure", FigureControl::of, "strum bend", BendControl::of,
            "touch shape", PointsControl::velocities, "push-pull points", PointsControl::moments);
    /** By step. */
    private static final Map<String, BiFunction<Step, FormHost, Node>> BELOW = Map.of("bring-inside", OutsideNotes::of,
            "harmony", LinesAsParts::of, "arpeggio", OrderPicture::of, "fit-melody", SpecialControls::fitting);

    /** Steps of which the form shows something of the notes, so that it is made anew with them. */
    private static final Set<String> SHOW_NOTES = Set.of("follow-chords", "harmony");

    private SpecialControls() {
    }

    static Optional<Node> wide(SettingControl<?> control) {
        return control.setting().type().kind() == SettingType.Kind.SEED ? Optional.of(LineControl.of(control)) : made(WIDE, control);
    }

    static Optional<Node> beside(SettingControl<?> control) {
        return made(BESIDE, control);
    }

    private static Optional<Node> made(Map<String, Function<SettingControl<?>, Node>> special, SettingControl<?> control) {
        return Optional.ofNullable(special.get(control.schema().name() + " " + control.setting().key())).map(some -> some.apply(control));
    }

    /** Whether the form of a step is made of the notes that it is about, so that with others it is made anew. */
    static boolean showsNotes(StepSchema<?> schema) {
        return SHOW_NOTES.contains(schema.name());
    }

    static List<Node> below(Step step, StepSchema<?> schema, FormHost host) {
        return Optional.ofNullable(BELOW.get(schema.name())).map(some -> some.apply(step, host)).stream().toList();
    }

    private static Node fitting(Step step, FormHost host) {
        String what = StepCatalogue.of(step).texts(step, SettingTexts.ALONE).get("what");
        return Controls.paragraph(Words.say("form.fitMelody." + what), "soft", "small");
    }
}
