package amberfence.app.session;

import java.util.Map;
import java.util.TreeMap;
import javafx.beans.property.ReadOnlyLongProperty;
import javafx.beans.property.ReadOnlyLongWrapper;

/**
 * How a person likes the window: what is open, in which theme, what keys do. It outlives the run and belongs to no song. Values
 * are texts by their names; those that nobody asks for are kept as they are.
 */
public final class Preferences {
    /** The name of what is kept of how large everything is, in percent. */
    public static final String INTERFACE_SCALE = "interface-scale";
    /** The name of what is kept of the language, by its code. */
    public static final String INTERFACE_LANGUAGE = "interface-language";
    private static final String ON = "on";
    private final Map<String, String> values = new TreeMap<>();
    private final ReadOnlyLongWrapper revision = new ReadOnlyLongWrapper();

    /** Takes what was kept, before anybody asks. */
    public void take(Map<String, String> kept) {
        values.putAll(kept);
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

    /** A text, the usual one when none was kept. */
    public String text(String name, String usual) {
        return values.getOrDefault(name, usual);
    }

    /** A number, the usual one when what was kept is none. */
    public double number(String name, double usual) {
        try {
            double kept = Double.parseDouble(values.getOrDefault(name, ""));
            return Double.isFinite(kept) ? kept : usual;
        } catch (NumberFormatException e) {
            return usual;
        }
    }

    /** Whether something is on; as usual when neither was kept. */
    public boolean isOn(String name, boolean usual) {
        return text(name, onOrOff(usual)).equals(ON);
    }

    /** Keeps whether something is on. */
    public void keep(String name, boolean on) {
        set(name, onOrOff(on));
    }

    private static String onOrOff(boolean on) {
        return on ? ON : "off";
    }

    /** Keeps a text. */
    public void keep(String name, String value) {
        set(name, value);
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
