package amberfence.words;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;

/**
 * Every text of the core that people read goes through here. The English text stands where it is said and is its own name; a
 * translation is a file beside this class, {@code texts_de.tsv}, with the English text, a tab and the other on each line. It
 * holds every text, which a test sees to, so that another language begins with a copy of it.
 */
public final class Texts {
    /** Chosen once: a text that was said does not change its language. */
    private static final String LANGUAGE = Languages.usual();
    private static final Map<String, String> TRANSLATED = shipped(LANGUAGE);

    private Texts() {
    }

    /** The code of the language in which all is said. */
    public static String language() {
        return LANGUAGE;
    }

    /** A text in that language, where there is a translation, with values in the places marked {@code %s}. */
    public static String say(String english, Object... values) {
        return say(TRANSLATED, english, values);
    }

    /** A count with what is counted: one text for 1, another for all else. Both mark the place of the number first, then those of other values. */
    public static String count(int count, String one, String many, Object... others) {
        Object[] values = new Object[others.length + 1];
        values[0] = count;
        System.arraycopy(others, 0, values, 1, others.length);
        return say(count == 1 ? one : many, values);
    }

    /** Marks a text that is said elsewhere, so that it is found for the list. */
    public static String text(String english) {
        return english;
    }

    static String say(Map<String, String> translated, String english, Object... values) {
        String text = translated.getOrDefault(english, english);
        return values.length == 0 ? text : Places.fill(text, values);
    }

    private static Map<String, String> shipped(String language) {
        if (language.equals(Languages.ALL.get(0))) {
            // Nothing to look for: not to find a file takes as long as opening all there is.
            return Map.of();
        }
        try (InputStream in = Texts.class.getResourceAsStream("texts_" + language + ".tsv")) {
            return in == null ? Map.of() : read(new String(in.readAllBytes(), StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The translations of a file; a line without one says that it is not translated yet. */
    static Map<String, String> read(String lines) {
        Map<String, String> texts = new HashMap<>();
        lines.lines().map(line -> line.split("\t", -1)).filter(pair -> pair.length == 2 && !pair[1].isBlank())
                .forEach(pair -> texts.put(pair[0], pair[1]));
        return Map.copyOf(texts);
    }
}
