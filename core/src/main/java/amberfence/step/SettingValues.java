package amberfence.step;

import amberfence.theory.MusicTextException;
import amberfence.theory.NoteName;
import amberfence.theory.PitchClass;
import amberfence.theory.Range;
import amberfence.theory.SpelledPitch;
import amberfence.words.Texts;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** The values of settings as they are typed: words that stand for something, numbers, pitches. */
public final class SettingValues {
    private static final List<String> PITCH_NAMES = List.of("C", "C#", "D", "Eb", "E", "F", "F#", "G", "Ab", "A", "Bb", "B");

    private SettingValues() {
    }

    /** Words in an order, each with what it stands for. */
    @SafeVarargs
    public static <V> Map<String, V> words(Map.Entry<String, V>... entries) {
        Map<String, V> words = new LinkedHashMap<>();
        for (Map.Entry<String, V> entry : entries) {
            words.put(entry.getKey(), entry.getValue());
        }
        return words;
    }

    static <V extends Enum<V>> Map<String, V> words(Class<V> type) {
        Map<String, V> words = new LinkedHashMap<>();
        for (V value : type.getEnumConstants()) {
            words.put(value.name().toLowerCase(Locale.ROOT).replace('_', '-'), value);
        }
        return words;
    }

    static <V> String word(Map<String, V> values, V value) {
        return values.entrySet().stream().filter(entry -> entry.getValue().equals(value)).findFirst().orElseThrow().getKey();
    }

    static <V> V chosen(Map<String, V> values, String text) {
        V value = values.get(text.strip().toLowerCase(Locale.ROOT));
        if (value == null) {
            throw new MusicTextException(Texts.say("it is one of %s", String.join(", ", values.keySet())));
        }
        return value;
    }

    static long number(String text, Range range) {
        if (!text.strip().matches("[+-]?\\d{1,18}")) {
            throw new MusicTextException(Texts.say("“%s” is no whole number, as in 12", text));
        }
        return range.check(Long.parseLong(text.strip()));
    }

    /** A MIDI pitch from a name or a number. */
    public static int pitch(String text) {
        return text.strip().matches("\\d{1,3}") ? Range.PITCH.check(Integer.parseInt(text.strip()))
                : SpelledPitch.parse(text.strip()).number();
    }

    /** A MIDI pitch as it is typed, for example {@code F#3}. */
    public static String pitchText(int midi) {
        return SpelledPitch.of(NoteName.parse(PITCH_NAMES.get(midi % PitchClass.COUNT)), midi).plainText();
    }
}
