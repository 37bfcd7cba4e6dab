package amberfence.format.project;

import amberfence.notes.StrongBeats;
import amberfence.step.SettingTexts;
import amberfence.step.Step;
import amberfence.step.StepSchema;
import amberfence.step.UnreadStep;
import amberfence.step.catalogue.StepCatalogue;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** What settings meant in earlier versions, so that a song sounds as it did when it was saved. */
final class EarlierMeaning {
    private static final int NEAREST_IS_NEAREST = 3;
    private static final int METRES_HAVE_A_TABLE = 4;
    /** What a later project says that was first saved by a version before the table. */
    static final String FIRST_AND_MIDDLE = "first and middle";

    private EarlierMeaning() {
    }

    /** Up to version 3 the second half of 6/8 was weak, and so were the later groups of 5/8 and the like. */
    static StrongBeats strongBeats(Place time, int version) {
        Optional<String> said = time.find("strongBeats").map(Place::text);
        return version < METRES_HAVE_A_TABLE || said.filter(FIRST_AND_MIDDLE::equals).isPresent() ? StrongBeats.FIRST_AND_MIDDLE : StrongBeats.OF_THE_METRE;
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
