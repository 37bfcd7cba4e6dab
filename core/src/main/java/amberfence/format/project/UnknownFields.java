package amberfence.format.project;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

/**
 * Keeps what this version does not know: fields of the file as it was read that the new text lacks. Every field that is
 * known is always written, so what is lacking is unknown. Objects in lists are matched by {@code id}, else by
 * {@code name} or {@code fromBar}.
 */
final class UnknownFields {
    private static final String[] IDENTITIES = {"id", "name", "fromBar"};

    private UnknownFields() {
    }

    static void carryOver(ObjectNode old, ObjectNode fresh) {
        old.properties().forEach(field -> {
            JsonNode now = fresh.get(field.getKey());
            if (now == null) {
                fresh.set(field.getKey(), field.getValue());
            } else if (now instanceof ObjectNode nowObject && field.getValue() instanceof ObjectNode oldObject) {
                carryOver(oldObject, nowObject);
            } else if (now instanceof ArrayNode nowList && field.getValue() instanceof ArrayNode oldList) {
                carryOver(oldList, nowList);
            }
        });
    }

    private static void carryOver(ArrayNode old, ArrayNode fresh) {
        for (JsonNode now : fresh) {
            if (now instanceof ObjectNode nowObject) {
                for (JsonNode before : old) {
                    if (before instanceof ObjectNode oldObject && isSame(oldObject, nowObject)) {
                        carryOver(oldObject, nowObject);
                        break;
                    }
                }
            }
        }
    }

    private static boolean isSame(ObjectNode old, ObjectNode now) {
        for (String identity : IDENTITIES) {
            if (now.has(identity)) {
                return now.get(identity).equals(old.get(identity))
                        || now.get(identity).asText().equals(old.path(identity).asText());
            }
        }
        return false;
    }
}
