package amberfence.format.project;

import amberfence.step.SettingTexts;
import amberfence.step.SettingType;
import amberfence.step.Step;
import amberfence.step.StepSchema;
import amberfence.step.StepSetting;
import amberfence.step.UnreadStep;
import amberfence.step.catalogue.StepCatalogue;
import amberfence.words.Texts;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/**
 * The settings of a step in a project: by the keys of its schema, numbers and flags as such, all else as the text that is
 * typed. Parts are told by their identities, lengths in ticks of the song. What is missing has its usual value.
 */
final class StepSettings {
    private static final SettingTexts TEXTS = SettingTexts.ALONE;

    private StepSettings() {
    }

    static JsonNode write(Step step) {
        if (step instanceof UnreadStep unread) {
            try {
                return ProjectWriter.MAPPER.readTree(unread.settings());
            } catch (JsonProcessingException e) {
                throw new IllegalStateException("settings that were read are JSON", e);
            }
        }
        StepSchema<?> schema = StepCatalogue.of(step);
        ObjectNode node = ProjectWriter.MAPPER.createObjectNode();
        schema.texts(step, TEXTS).forEach((key, text) -> put(node, key, text, schema.setting(key).map(StepSetting::type).orElseThrow()));
        return node;
    }

    private static void put(ObjectNode node, String key, String text, SettingType type) {
        switch (type.kind()) {
            case FLAG -> node.put(key, text.equals("on"));
            case WHOLE, SEED -> node.put(key, Long.parseLong(text));
            default -> node.put(key, text);
        }
    }

    /** A step of version 2; one that cannot be read costs itself, not the song. */
    static Step read(String name, Place settings) {
        settings.object();
        Optional<StepSchema<?>> schema = StepCatalogue.find(name);
        if (schema.isEmpty()) {
            return new UnreadStep(name, settings.node().toString(), Texts.say("the step “%s” is not known here", name));
        }
        try {
            Map<String, String> values = new LinkedHashMap<>();
            for (StepSetting<?> setting : schema.get().settings()) {
                settings.find(setting.key()).map(StepSettings::text).filter(text -> !text.isEmpty())
                        .ifPresent(text -> values.put(setting.key(), text));
            }
            return schema.get().read(values, TEXTS);
        } catch (IllegalArgumentException e) {
            return new UnreadStep(name, settings.node().toString(), Texts.say("the step “%s” holds something impossible: %s", name, e.getMessage()));
        }
    }

    private static String text(Place value) {
        JsonNode node = value.node();
        if (node.isBoolean()) {
            return node.booleanValue() ? "on" : "off";
        } else if (node.isIntegralNumber()) {
            return node.asText();
        }
        return value.text();
    }
}
