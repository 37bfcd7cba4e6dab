package amberfence.theory;

import amberfence.words.Texts;
import java.util.List;
import java.util.stream.Collectors;

/**
 * A common progression as degrees, on no particular key.
 *
 * @param group under which it is listed
 * @param bars the chords of each bar, as degrees of the key or Roman numerals
 */
public record ProgressionTemplate(String name, String group, List<List<String>> bars) {
    public ProgressionTemplate {
        bars = bars.stream().map(List::copyOf).toList();
    }

    /** The name as people read it. */
    public String title() {
        return Texts.say(name);
    }

    /** What it is listed under, as people read it. */
    public String groupTitle() {
        return Texts.say(group);
    }

    /** The chords of each bar in a key. */
    public List<List<Chord>> in(Key key) {
        return bars.stream().map(bar -> bar.stream().map(text -> chord(text, key)).toList()).toList();
    }

    private static Chord chord(String text, Key key) {
        return text.matches("[1-7](\\+7)?") ? KeyChords.of(key).on(text.charAt(0) - '0', text.endsWith("+7") ? 4 : 3)
                : RomanNumeral.parse(text, key);
    }

    /** The degrees as they are listed, for example {@code 1 5 6 4}. */
    public String text() {
        return bars.stream().map(bar -> String.join(" ", bar).replace("+7", "⁷")).collect(Collectors.joining(" | "));
    }
}
