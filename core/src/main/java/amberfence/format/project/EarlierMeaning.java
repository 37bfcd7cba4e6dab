package amberfence.format.project;

import amberfence.step.SettingTexts;
import amberfence.step.Step;
import amberfence.step.StepSchema;
import amberfence.step.UnreadStep;
import amberfence.step.catalogue.StepCatalogue;
import java.util.Map;
import java.util.Set;

/** What settings meant in earlier versions, so that a song sounds as it did when it was saved. */
final class EarlierMeaning {
    private static final int NEAREST_IS_NEAREST = 3;

    private EarlierMeaning() {
    }

    /** Up to version 2 "nearest" let the shape of the line ask for the farther note, which is "line-first" now. */
    static Step of(Step step, int version) {
        if (version >= NEAREST_IS_NEAREST || step instanceof UnreadStep) {
            return step;
        }
        StepSchema<?> schema = StepCatalogue.of(step);
        Map<String, String> values = schema.texts(step, SettingTexts.ALONE);
        if (!schema.name().equals("bring-inside") || !values.get("to").equals("nearest") || !Set.of("shape", "chord").contains(values.get("tie-break"))) {
            return step;
        }
        values.put("to", "line-first");
        return schema.read(values, SettingTexts.ALONE);
    }
}
