package amberfence.step.fit;

import amberfence.theory.Interval;
import amberfence.theory.MusicTextException;
import amberfence.theory.PitchClass;
import amberfence.theory.Range;
import amberfence.words.Texts;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/**
 * How far a harmony line lies from the tune: {@code third above}, {@code octave below}.
 *
 * @param number of the interval, 2 a second to 15 two octaves
 */
public record HarmonyLine(int number, boolean above) {
    private static final Range NUMBER = new Range(Texts.text("number of the interval of a harmony line"), 2, 15);
    private static final int STEPS = 7;
    /** Usual sizes from a unison to a seventh. */
    private static final int[] USUAL = {0, 2, 4, 5, 7, 9, 11};
    /** By number, from 2. */
    private static final List<String> NAMES = List.of("second", "third", "fourth", "fifth", "sixth", "seventh", "octave",
            "ninth", "tenth", "eleventh", "twelfth", "thirteenth", "fourteenth", "fifteenth");

    public HarmonyLine {
        NUMBER.check(number);
    }

    /** Reads an interval and a side: {@code third above}. */
    public static HarmonyLine parse(String text) {
        String[] words = text.strip().toLowerCase(Locale.ROOT).split("\\s+");
        boolean side = words.length == 2 && (words[1].equals("above") || words[1].equals("below"));
        if (!side || !NAMES.contains(words[0])) {
            throw new MusicTextException(Texts.say("“%s” is no harmony line; write an interval and a side, as in third above or sixth below", text));
        }
        return new HarmonyLine(NAMES.indexOf(words[0]) + 2, words[1].equals("above"));
    }

    /** Reads several with commas between them. */
    public static List<HarmonyLine> parseAll(String text) {
        return Arrays.stream(text.split(",")).map(HarmonyLine::parse).toList();
    }

    /** Degrees of the scale, upward positive: a third is two. */
    int degrees() {
        return above ? number - 1 : 1 - number;
    }

    /** Octaves and the rest of the interval in semitones of its usual size, for scales that do not have seven notes; upward positive. */
    int usual() {
        int octaves = (number - 1) / STEPS;
        return (above ? 1 : -1) * (octaves * PitchClass.COUNT + USUAL[(number - 1) % STEPS]);
    }

    /** Whether it is one or several octaves. */
    boolean isOctave() {
        return (number - 1) % STEPS == 0;
    }

    /** Semitones as a major or perfect interval, upward positive. */
    int wide() {
        return signed(Interval.ofWide(number));
    }

    /** Semitones as a minor or perfect interval, upward positive. */
    int narrow() {
        return signed(Interval.ofNarrow(number));
    }

    private int signed(Interval interval) {
        return above ? interval.semitones() : -interval.semitones();
    }

    public String text() {
        return NAMES.get(number - 2) + (above ? " above" : " below");
    }

    @Override
    public String toString() {
        return text();
    }
}
