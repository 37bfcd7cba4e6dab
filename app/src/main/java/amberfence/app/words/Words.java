package amberfence.app.words;

import amberfence.words.Languages;
import amberfence.words.Places;
import amberfence.words.Texts;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.text.Bidi;
import java.util.Arrays;
import java.util.MissingResourceException;
import java.util.Properties;

/** Every text of the window, from {@code words.properties} beside this class or its translation, {@code words_de.properties}. */
public final class Words {
    private static final char LEFT_TO_RIGHT = '\u200E';
    private static final char RIGHT_TO_LEFT = '\u200F';
    private static final Properties TEXTS = load();

    private Words() {
    }

    private static Properties load() {
        Properties english = load("words.properties", new Properties());
        // What is not translated is said in English rather than not at all.
        return Texts.language().equals(Languages.ALL.get(0)) ? english
                : load("words_" + Texts.language() + ".properties", new Properties(english));
    }

    private static Properties load(String file, Properties texts) {
        try (InputStreamReader in = new InputStreamReader(Words.class.getResourceAsStream(file), StandardCharsets.UTF_8)) {
            texts.load(in);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return texts;
    }

    /** The text of a name, with values in the places marked as for {@link Places}, to be shown. */
    public static String say(String name, Object... values) {
        return kept(name, Arrays.stream(values).map(value -> value instanceof String some ? name(some) : value).toArray());
    }

    /** The same, to be kept in a song: without the marks that keep names in their places. */
    public static String kept(String name, Object... values) {
        String text = TEXTS.getProperty(name);
        if (text == null) {
            throw new MissingResourceException("no words for " + name, "words.properties", name);
        }
        return values.length == 0 ? text : Places.fill(text, values);
    }

    /**
     * A name as it is shown among other words. One that is read from right to left would draw numbers and brackets beside it to its
     * other side: marks that nobody sees keep each where it belongs (Unicode Standard Annex 9). A letter keeps its own place: some
     * fonts draw a box for a mark behind it.
     */
    public static String name(String name) {
        boolean turned = !name.isEmpty() && name.charAt(name.length() - 1) != LEFT_TO_RIGHT && Bidi.requiresBidi(name.toCharArray(), 0, name.length());
        return turned ? name + (endsFromRightToLeft(name) ? "" : RIGHT_TO_LEFT) + LEFT_TO_RIGHT : name;
    }

    private static boolean endsFromRightToLeft(String name) {
        byte direction = Character.getDirectionality(name.codePointBefore(name.length()));
        return direction == Character.DIRECTIONALITY_RIGHT_TO_LEFT || direction == Character.DIRECTIONALITY_RIGHT_TO_LEFT_ARABIC;
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
