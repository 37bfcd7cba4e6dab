package amberfence.app.words;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.MissingResourceException;
import java.util.Properties;

/** Every text of the window, from {@code words.properties} beside this class, ready to be translated. */
public final class Words {
    private static final Properties TEXTS = load();

    private Words() {
    }

    private static Properties load() {
        Properties texts = new Properties();
        try (InputStreamReader in = new InputStreamReader(Words.class.getResourceAsStream("words.properties"),
                StandardCharsets.UTF_8)) {
            texts.load(in);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return texts;
    }

    /** The text of a name, with values in the places marked as in {@link String#format}. */
    public static String say(String name, Object... values) {
        String text = TEXTS.getProperty(name);
        if (text == null) {
            throw new MissingResourceException("no words for " + name, "words.properties", name);
        }
        return values.length == 0 ? text : String.format(Locale.ROOT, text, values);
    }

    /** A span of bars, or the one bar that it is. */
    public static String bars(int from, int to) {
        return to <= from ? say("bar", from) : say("bars", from, to);
    }

    /** A count with its noun: the text {@code name.one} for 1, else {@code name.many}. */
    public static String count(String name, int count) {
        return say(name + (count == 1 ? ".one" : ".many"), count);
    }
}
