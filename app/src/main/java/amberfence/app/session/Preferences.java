package amberfence.app.session;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.TreeMap;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ReadOnlyLongProperty;
import javafx.beans.property.ReadOnlyLongWrapper;
import javafx.beans.property.SimpleBooleanProperty;

/**
 * How a person likes the window: what is open, in which theme, what keys do. It outlives the run and belongs to no song. Values
 * are texts by their names; those that nobody asks for are kept as they are.
 */
public final class Preferences {
    private final Map<String, String> values = new TreeMap<>();
    private final Map<String, BooleanProperty> flags = new LinkedHashMap<>();
    private final ReadOnlyLongWrapper revision = new ReadOnlyLongWrapper();

    /** Takes what was kept, before anybody asks. */
    public void take(Map<String, String> kept) {
        values.putAll(kept);
    }

    /** Something that is on or off, off to begin with. */
    public BooleanProperty flag(String name) {
        return flags.computeIfAbsent(name, key -> {
            BooleanProperty flag = new SimpleBooleanProperty(Boolean.parseBoolean(values.get(key)));
            flag.addListener((property, old, now) -> set(key, now.toString()));
            return flag;
        });
    }

    /** One of some values, the usual one when what was kept is none of them. */
    public <E extends Enum<E>> E choice(String name, E usual) {
        String kept = values.get(name);
        for (E value : usual.getDeclaringClass().getEnumConstants()) {
            if (value.name().equals(kept)) {
                return value;
            }
        }
        return usual;
    }

    /** Keeps one of some values. */
    public void choose(String name, Enum<?> value) {
        set(name, value.name());
    }

    private void set(String name, String value) {
        if (!value.equals(values.put(name, value))) {
            revision.set(revision.get() + 1);
        }
    }

    /** Changes with every value. */
    public ReadOnlyLongProperty revision() {
        return revision.getReadOnlyProperty();
    }

    /** All values by their names. */
    public Map<String, String> values() {
        return Map.copyOf(values);
    }
}
