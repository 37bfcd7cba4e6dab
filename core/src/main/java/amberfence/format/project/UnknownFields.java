package amberfence.format.project;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Keeps what this version does not know: fields of the file as it was read that the new text lacks. Every field that is
 * known is always written, so what is lacking is unknown. Objects in lists are matched by {@code id}, else by
 * {@code name}, {@code fromBar} or {@code tick}; of several alike the first by the first.
 */
final class UnknownFields {
    private static final String[] IDENTITIES = {"id", "name", "fromBar", "tick"};

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
        Map<String, Deque<ObjectNode>> before = new HashMap<>();
        for (JsonNode node : old) {
            identity(node).ifPresent(id -> before.computeIfAbsent(id, some -> new ArrayDeque<>()).add((ObjectNode) node));
        }
        if (before.isEmpty()) {
            return;
        }
        for (JsonNode now : fresh) {
            identity(now).map(before::get).map(Deque::poll).ifPresent(found -> carryOver(found, (ObjectNode) now));
        }
    }

    private static Optional<String> identity(JsonNode node) {
        return !(node instanceof ObjectNode object) ? Optional.empty() : Stream.of(IDENTITIES).filter(object::has).findFirst()
                .map(name -> name + " " + object.get(name).asText());
    }
}
