package amberfence.app.words;

import amberfence.theory.SpelledPitch;
import java.util.function.UnaryOperator;
import java.util.regex.Pattern;

/** Pitches in the text of a pick, with octaves as the person numbers them; rules themselves have middle C in C4. */
public final class PickNames {
    private static final Pattern PITCHES = Pattern.compile("(\\bpitch\\s+)(\\S+)(\\s+to\\s+)(\\S+)");

    private PickNames() {
    }

    /** @param middleC the octave of middle C */
    public static String shown(String rule, int middleC) {
        return moved(rule, pitch -> shownPitch(pitch, middleC));
    }

    public static String meant(String typed, int middleC) {
        return moved(typed, pitch -> meantPitch(pitch, middleC));
    }

    public static String shownPitch(String pitch, int middleC) {
        return inOctave(pitch, middleC - SpelledPitch.MIDDLE_C_OCTAVE);
    }

    public static String meantPitch(String pitch, int middleC) {
        return inOctave(pitch, SpelledPitch.MIDDLE_C_OCTAVE - middleC);
    }

    private static String moved(String rule, UnaryOperator<String> change) {
        return PITCHES.matcher(rule).replaceAll(found -> found.group(1) + change.apply(found.group(2)) + found.group(3)
                + change.apply(found.group(4)));
    }

    /** What is no pitch stays as it is, and is refused by who reads the rule. */
    private static String inOctave(String pitch, int by) {
        String bare = pitch.replaceAll("[)]*$", "");
        try {
            return SpelledPitch.parse(bare).renumbered(by).plainText() + pitch.substring(bare.length());
        } catch (IllegalArgumentException e) {
            return pitch;
        }
    }
}
