package amberfence.step.draw;

import amberfence.step.StepWords;
import amberfence.theory.KeyLadder;
import amberfence.theory.MusicTextException;
import amberfence.theory.PitchClass;
import amberfence.theory.Range;
import amberfence.words.Texts;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** By how much a figure is moved when it comes again: octaves, or degrees of the key. */
record Again(int amount, Unit unit) {
    /** What it counts in. */
    enum Unit {
        OCTAVES, DEGREES
    }

    private static final Range AMOUNT = new Range(Texts.text("octaves or degrees"), -24, 24);
    private static final Pattern TEXT = Pattern.compile("([+-]?\\d{1,2}) *(octaves?|degrees?)");
    static final Again IN_PLACE = new Again(0, Unit.OCTAVES);

    Again {
        AMOUNT.check(amount);
    }

    /** Reads {@code 2 degrees} or {@code -1 octave}. */
    static Again parse(String text) {
        Matcher matcher = TEXT.matcher(text.strip().toLowerCase(Locale.ROOT));
        if (!matcher.matches()) {
            throw new MusicTextException(Texts.say("it is so many octaves or degrees, as in 2 degrees"));
        }
        return new Again(Integer.parseInt(matcher.group(1)), matcher.group(2).startsWith("octave") ? Unit.OCTAVES : Unit.DEGREES);
    }

    /** What {@link #parse} reads. */
    String text() {
        String word = unit.name().toLowerCase(Locale.ROOT);
        return amount + " " + (Math.abs(amount) == 1 ? word.substring(0, word.length() - 1) : word);
    }

    /** A pitch moved so many times; it may lie outside MIDI. */
    int moved(int pitch, int times, KeyLadder ladder) {
        return unit == Unit.OCTAVES ? pitch + PitchClass.COUNT * amount * times : ladder.moved(pitch, amount * times);
    }

    /** The way of so many times, in words. */
    String words(int times) {
        return StepWords.amount(amount * times, unit == Unit.OCTAVES ? StepWords.Unit.OCTAVE : StepWords.Unit.DEGREE);
    }
}
