package amberfence.format.project;

import amberfence.step.Step;
import amberfence.step.StepSchema;
import amberfence.step.UnreadStep;
import amberfence.step.catalogue.StepCatalogue;
import amberfence.words.Texts;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.exc.UnrecognizedPropertyException;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** Reads the settings of steps as version 1 of the project format wrote them: by the names of that time. */
final class FirstSettings {
    /** The names of steps then and now, where they differ. */
    private static final Map<String, String> NAMES = Map.of("bringInside", "bring-inside", "moveToKey", "to-key", "playChords",
            "play-chords", "fitChords", "fit-chords", "fitBass", "fit-bass", "fitMelody", "fit-melody", "followChords", "follow-chords",
            "tidyTiming", "tidy-timing");

    private FirstSettings() {
    }

    static Step read(String oldName, Place settings) {
        ObjectNode given = settings.object().deepCopy();
        String name = NAMES.getOrDefault(oldName, oldName);
        StepSchema<?> schema = StepCatalogue.find(name).orElse(null);
        if (schema == null) {
            return new UnreadStep(oldName, settings.node().toString(), Texts.say("the step “%s” is not known here", oldName));
        }
        if (name.equals("lengths")) {
            return StepSettings.read(name, new Place(lengths(given), settings.path()));
        }
        rename(given);
        fill(given, ProjectWriter.MAPPER.valueToTree(schema.usual()));
        try {
            return ProjectWriter.MAPPER.treeToValue(given, schema.usual().getClass());
        } catch (JsonProcessingException | IllegalArgumentException e) {
            return new UnreadStep(name, settings.node().toString(), Texts.say("the step “%s” holds something impossible: %s", name, words(e)));
        }
    }

    /** A way and a bare number became a way with what it asks for. */
    private static ObjectNode lengths(ObjectNode given) {
        String how = given.path("how").asText("LEGATO").toLowerCase(Locale.ROOT).replace('_', '-');
        String amount = given.path("amount").asText("");
        given.put("how", how);
        given.put("amount", amount.isEmpty() || Set.of("legato", "trim-overlaps").contains(how) ? ""
                : amount + (Set.of("staccato", "share").contains(how) ? "%" : "t"));
        return given;
    }

    private static void rename(ObjectNode given) {
        if (given.has("ties")) {
            given.set("tieBreak", given.remove("ties"));
        }
        if (given.get("source") instanceof ObjectNode source && source.path("part").isIntegralNumber()) {
            source.put("from", source.path("part").asInt() < 0 ? "PROGRESSION" : "PART");
        }
    }

    private static void fill(ObjectNode given, ObjectNode usual) {
        usual.properties().forEach(field -> {
            JsonNode there = given.get(field.getKey());
            if (there == null) {
                given.set(field.getKey(), field.getValue());
            } else if (there instanceof ObjectNode inner && field.getValue() instanceof ObjectNode usualInner) {
                fill(inner, usualInner);
            }
        });
    }

    private static String words(Exception trouble) {
        if (trouble instanceof UnrecognizedPropertyException unknown) {
            return Texts.say("the setting “%s” is not known here", unknown.getPropertyName());
        }
        String where = trouble instanceof JsonMappingException mapping ? mapping.getPath().stream().map(reference ->
                reference.getFieldName() != null ? reference.getFieldName() : String.valueOf(reference.getIndex()))
                .collect(Collectors.joining(".")) : "";
        Throwable cause = trouble.getCause();
        String why = cause instanceof IllegalArgumentException && cause.getMessage() != null && !cause.getMessage().contains("java.")
                && !cause.getMessage().contains("amberfence.") ? cause.getMessage() : Texts.say("its value cannot be used");
        return where.isEmpty() ? Texts.say("its settings: %s", why) : Texts.say("the setting “%s”: %s", where, why);
    }
}
