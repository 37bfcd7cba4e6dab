package amberfence.notes;

import amberfence.theory.Range;
import amberfence.words.Texts;

/**
 * From a tick on, bars of so many beats of a note value. A beat is the note value of the lower number, so 6/8 counts six.
 *
 * @param numerator beats in a bar, 1–255
 * @param denominator note value, a power of two from 1 to 64
 */
public record Metre(long tick, int numerator, int denominator) {
    private static final Range NUMERATOR = new Range(Texts.text("beats in a bar"), 1, 255);

    public Metre {
        Range.TICK.check(tick);
        NUMERATOR.check(numerator);
        if (denominator < 1 || denominator > 64 || Integer.bitCount(denominator) != 1) {
            throw new IllegalArgumentException(Texts.say("the note value of a beat must be 1, 2, 4, 8, 16, 32 or 64, not %s", denominator));
        }
    }

    /** Whether beats are felt in threes: 6/8, 9/8, 12/8 and their like. */
    public boolean isCompound() {
        return denominator >= 8 && numerator % 3 == 0 && numerator > 3;
    }

    /** Beats (of the note value) from one main beat to the next: 3 in compound metres, else 1. */
    public int beatsPerPulse() {
        return isCompound() ? 3 : 1;
    }

    public String text() {
        return numerator + "/" + denominator;
    }
}
