package amberfence.format.project;

import amberfence.step.Step;
import amberfence.step.StepKind;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.exc.UnrecognizedPropertyException;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.stream.Collectors;

/** Reads the settings of a step; those that are missing have their usual value. */
final class StepSettings {
    private StepSettings() {
    }

    static Step read(StepKind kind, Place settings) {
        ObjectNode given = settings.object().deepCopy();
        fill(given, ProjectWriter.MAPPER.valueToTree(kind.usual()));
        try {
            return ProjectWriter.MAPPER.treeToValue(given, kind.usual().getClass());
        } catch (JsonProcessingException | IllegalArgumentException e) {
            throw settings.wrong(words(kind, e));
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

    private static String words(StepKind kind, Exception trouble) {
        if (trouble instanceof UnrecognizedPropertyException unknown) {
            return "the setting “" + unknown.getPropertyName() + "” of the step “" + kind.id() + "” is not known here";
        }
        String where = trouble instanceof JsonMappingException mapping ? mapping.getPath().stream().map(reference ->
                reference.getFieldName() != null ? reference.getFieldName() : String.valueOf(reference.getIndex()))
                .collect(Collectors.joining(".")) : "";
        Throwable cause = trouble.getCause();
        String why = cause instanceof IllegalArgumentException && cause.getMessage() != null && !cause.getMessage().contains("java.")
                && !cause.getMessage().contains("amberfence.") ? cause.getMessage() : "its value cannot be used";
        return (where.isEmpty() ? "the settings" : "the setting “" + where + "”") + " of the step “" + kind.id() + "”: " + why;
    }
}
