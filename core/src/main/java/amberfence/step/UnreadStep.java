package amberfence.step;

import amberfence.notes.Line;
import amberfence.words.Texts;
import java.util.List;

/**
 * A step of a project that cannot be read here: of another version, or with a setting that cannot be. It lets the notes pass
 * and says so, and is written back as it was.
 *
 * @param name as the file calls it
 * @param settings its settings as JSON
 * @param why one sentence
 */
public record UnreadStep(String name, String settings, String why) implements Step {
    /** A schema of its own, with no settings. */
    public StepSchema<UnreadStep> schema() {
        return StepSchema.of(name, name, StepGroup.FENCE, Texts.text("Cannot be read here, and lets the notes pass."), this);
    }

    @Override
    public Outcome apply(Line in, Surroundings around) {
        return Outcome.unchanged(in, List.of(new Finding.Unread(why)));
    }
}
