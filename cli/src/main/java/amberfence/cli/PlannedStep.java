package amberfence.cli;

import amberfence.result.SongResults;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.NoteChoice;
import amberfence.step.SettingTexts;
import amberfence.step.Step;
import amberfence.step.StepSchema;
import amberfence.step.StepSetting;
import amberfence.step.catalogue.StepText;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * A step of a command line.
 *
 * @param text the step and its settings
 * @param pick to which it is limited
 * @param newPart which of the new parts it works on, counted from 0; nothing for the parts of the file
 * @param alias whether it was given by an option of its own, to which options for all of them apply
 */
record PlannedStep(StepText text, Optional<NoteChoice> pick, OptionalInt newPart, boolean alias) {
    /** With more settings. */
    PlannedStep with(Map<String, String> more) {
        Map<String, String> values = new LinkedHashMap<>(text.values());
        values.putAll(more);
        return new PlannedStep(new StepText(text.schema(), values), pick, newPart, alias);
    }

    /** With a setting for all steps of options, where it has one that counts and none is given. */
    PlannedStep withUsual(String key, String value) {
        return alias && !text.values().containsKey(key) && counts(text.schema(), key) ? with(Map.of(key, value)) : this;
    }

    private <S extends Step> boolean counts(StepSchema<S> schema, String key) {
        Optional<StepSetting<S>> setting = schema.setting(key);
        return setting.isPresent() && setting.get().counts(schema.own(text.anywhere()));
    }

    /** Whether the step or its pick asks for the key. */
    boolean needsKey() {
        return pick.isPresent() || text.schema().needsKey(text.anywhere());
    }

    /** The step for a part. One that was given by an option of its own suits the part, unless it was told a range. */
    Step made(Song song, Part part, SettingTexts texts) {
        Step step = text.step(texts);
        return alias && !text.values().containsKey("range") ? step.fitted(part.line(), SongResults.of(song).surroundings(part)) : step;
    }
}
