package amberfence.step;

import amberfence.words.Texts;
import java.util.List;
import java.util.OptionalLong;

/**
 * Of which kind a setting is, for forms, lists and help.
 *
 * @param values what can be chosen, the usual one first or anywhere; empty when it is no choice
 * @param least the smallest whole number, where there is a range
 * @param unit what a number counts, or what is to be written, or nothing
 */
public record SettingType(Kind kind, List<String> values, OptionalLong least, OptionalLong most, String unit) {
    /** The kinds of settings. */
    public enum Kind {
        CHOICE, CHOICES, FLAG, WHOLE, PERCENT, PITCH, PITCHES, KEY, NOTE_VALUE, PATTERN, CHORDS, FIGURE, LINES, AMOUNT, LENGTH, PART, WRITTEN, SEED
    }

    public SettingType {
        values = List.copyOf(values);
    }

    static SettingType of(Kind kind) {
        return new SettingType(kind, List.of(), OptionalLong.empty(), OptionalLong.empty(), "");
    }

    public static SettingType choice(Kind kind, List<String> values) {
        return new SettingType(kind, values, OptionalLong.empty(), OptionalLong.empty(), "");
    }

    public static SettingType range(Kind kind, long least, long most, String unit) {
        return new SettingType(kind, List.of(), OptionalLong.of(least), OptionalLong.of(most), unit);
    }

    /** What is written as text, of a shape of its own, for which an example speaks; and what is offered to choose. */
    public static SettingType written(String how, String... offered) {
        return new SettingType(Kind.WRITTEN, List.of(offered), OptionalLong.empty(), OptionalLong.empty(), how);
    }

    /** What can be written, in a few words. */
    public String words() {
        return switch (kind) {
            case CHOICE -> String.join(", ", values);
            case CHOICES -> Texts.say("none, or a list of %s", String.join(", ", values));
            case FLAG -> "on, off";
            case WHOLE, SEED -> least.isPresent() ? Texts.say("%s to %s", least.getAsLong(), most.getAsLong()) : Texts.say("a whole number");
            case PERCENT -> Texts.say("%s%% to %s%%", least.getAsLong(), most.getAsLong());
            case PITCH -> Texts.say("a pitch, as in C4 or 60");
            case PITCHES -> Texts.say("two pitches, as in C3..C5");
            case KEY -> Texts.say("a key, as in \"Bb minor\"");
            case NOTE_VALUE -> Texts.say("a note value, as in 1/16, 1/8. or 1/8t");
            case PATTERN -> Texts.say("x sounds, - holds, . rests");
            case CHORDS -> Texts.say("progression, chord-parts, or a part");
            case FIGURE -> Texts.say("first:1bars, whole, or drawn:…");
            case LINES -> Texts.say("intervals and sides, as in \"third above, sixth below\"");
            case LENGTH -> Texts.say("a note value, milliseconds or ticks, as in 1/32, 60ms or 30t");
            case PART -> Texts.say("a part");
            case WRITTEN -> Texts.say(unit);
            case AMOUNT -> Texts.say("50%, 30t or 4bars, as the way asks");
        };
    }
}
