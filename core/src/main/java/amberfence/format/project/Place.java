package amberfence.format.project;

import amberfence.words.Texts;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

/**
 * A value of a project file and where it stands, so that whatever is wrong is told with its place. Nothing is guessed: a
 * number that is too large does not wrap, and a text is no number.
 *
 * @param path as in {@code parts[2].takes[0].notes[14]}; empty for the whole file
 */
record Place(JsonNode node, String path) {
    private static final int MOST_SHOWN = 60;

    /** Something in the file that cannot be, told with its place. */
    static final class Impossible extends IllegalArgumentException {
        private static final long serialVersionUID = 1L;

        private Impossible(String path, String message) {
            super((path.isEmpty() ? "" : path + ": ") + (message == null ? Texts.say("it cannot be read") : message));
        }
    }

    static Place root(JsonNode root) {
        return new Place(root, "");
    }

    Impossible wrong(String message) {
        return new Impossible(path, message);
    }

    /** Makes something of the value; what it complains about is told with this place. */
    <T> T make(Supplier<T> maker) {
        try {
            return maker.get();
        } catch (Impossible e) {
            throw e;
        } catch (IllegalArgumentException | ArithmeticException e) {
            throw wrong(e.getMessage());
        }
    }

    /** A field that has to be there. */
    Place field(String name) {
        return find(name).orElseThrow(() -> wrong(Texts.say("the field “%s” is missing", name)));
    }

    /** A field that may be missing, or hold nothing. */
    Optional<Place> find(String name) {
        JsonNode value = object().get(name);
        return value == null || value.isNull() ? Optional.empty()
                : Optional.of(new Place(value, path.isEmpty() ? name : path + "." + name));
    }

    ObjectNode object() {
        if (node instanceof ObjectNode object) {
            return object;
        }
        throw wrong(Texts.say("must be an object with fields, not %s", shown()));
    }

    /** The values of a list. */
    List<Place> items() {
        if (!(node instanceof ArrayNode list)) {
            throw wrong(Texts.say("must be a list, not %s", shown()));
        }
        List<Place> items = new ArrayList<>(list.size());
        for (int i = 0; i < list.size(); i++) {
            items.add(new Place(list.get(i), path + "[" + i + "]"));
        }
        return items;
    }

    /** The values of a list that may be missing. */
    List<Place> items(String name) {
        return find(name).map(Place::items).orElse(List.of());
    }

    String text() {
        if (!node.isTextual()) {
            throw wrong(Texts.say("must be a text, not %s", shown()));
        }
        return node.textValue();
    }

    boolean flag() {
        if (!node.isBoolean()) {
            throw wrong(Texts.say("must be true or false, not %s", shown()));
        }
        return node.booleanValue();
    }

    long whole() {
        if (!node.isIntegralNumber() || !node.canConvertToLong()) {
            throw wrong(Texts.say("must be a whole number, not %s", shown()));
        }
        return node.longValue();
    }

    int number() {
        long value = whole();
        if (value != (int) value) {
            throw wrong(Texts.say("the number %s is too large", value));
        }
        return (int) value;
    }

    double share() {
        if (!node.isNumber() || !(node.doubleValue() >= 0 && node.doubleValue() <= 1)) {
            throw wrong(Texts.say("must be a number from 0 to 1, not %s", shown()));
        }
        return node.doubleValue();
    }

    /** The value in a few words. */
    private String shown() {
        String text = node.isArray() ? Texts.say("a list") : node.isObject() ? Texts.say("an object") : node.isNull() ? Texts.say("nothing") : node.toString();
        return text.length() <= MOST_SHOWN ? text : text.substring(0, MOST_SHOWN) + "…";
    }
}
