package amberfence.theory;

import amberfence.words.Texts;
import java.util.Locale;

/**
 * A spelled ascending interval: its number (1 unison, 3 third, 8 octave …) and quality. The distance alone is
 * {@link #semitones()}: an augmented fourth and a diminished fifth both measure 6.
 */
public record Interval(int number, Quality quality) {
    /** The five qualities with the letter by which they are written. */
    public enum Quality {
        DIMINISHED('d'), MINOR('m'), PERFECT('P'), MAJOR('M'), AUGMENTED('A');

        private final char letter;

        Quality(char letter) {
            this.letter = letter;
        }
    }

    private static final Range NUMBER = new Range(Texts.text("interval number"), 1, 64);
    private static final int[] MAJOR_OR_PERFECT = {0, 2, 4, 5, 7, 9, 11};
    static final Interval SEMITONE = new Interval(2, Quality.MINOR);
    static final Interval FIFTH = new Interval(5, Quality.PERFECT);

    public Interval {
        NUMBER.check(number);
        boolean wrong = isPerfectKind(number)
                ? quality == Quality.MINOR || quality == Quality.MAJOR
                : quality == Quality.PERFECT;
        if (wrong) {
            throw new IllegalArgumentException(Texts.say("an interval of number %s cannot be %s", number, quality.name() .toLowerCase(Locale.ROOT)));
        }
    }

    /** The perfect interval of a number; where there is none the major one. */
    public static Interval ofWide(int number) {
        return new Interval(number, isPerfectKind(number) ? Quality.PERFECT : Quality.MAJOR);
    }

    /** The perfect interval of a number; where there is none the minor one. */
    public static Interval ofNarrow(int number) {
        return new Interval(number, isPerfectKind(number) ? Quality.PERFECT : Quality.MINOR);
    }

    /** Reads quality letter and number: {@code m3}, {@code P5}, {@code A4}, {@code M13}. */
    public static Interval parse(String text) {
        if (text.matches("[dmPMA][1-9][0-9]?")) {
            for (Quality quality : Quality.values()) {
                if (quality.letter == text.charAt(0)) {
                    return new Interval(Integer.parseInt(text.substring(1)), quality);
                }
            }
        }
        throw new MusicTextException(Texts.say("“%s” is no interval; write d, m, P, M or A and a number, as in m3", text));
    }

    private static boolean isPerfectKind(int number) {
        int step = (number - 1) % 7;
        return step == 0 || step == 3 || step == 4;
    }

    /** Distance in semitones; a diminished unison measures −1. */
    public int semitones() {
        int plain = MAJOR_OR_PERFECT[(number - 1) % 7] + PitchClass.COUNT * ((number - 1) / 7);
        return switch (quality) {
            case PERFECT, MAJOR -> plain;
            case MINOR -> plain - 1;
            case AUGMENTED -> plain + 1;
            case DIMINISHED -> plain - (isPerfectKind(number) ? 1 : 2);
        };
    }

    @Override
    public String toString() {
        return quality.letter + "" + number;
    }
}
