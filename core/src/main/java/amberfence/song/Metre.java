package amberfence.song;

import amberfence.theory.Range;
import java.util.Map;
import java.util.Set;

/**
 * From a tick on, bars of so many beats of a note value. A beat is the note value of the lower number, so 6/8 counts six.
 *
 * @param numerator beats in a bar, 1–255
 * @param denominator note value, a power of two from 1 to 64
 */
public record Metre(long tick, int numerator, int denominator) {
    private static final Set<Integer> FIRST = Set.of(1);
    /** Fives as three and two, sevens as two, two and three, elevens as three times three and two (common practice, no source). */
    private static final Map<String, Set<Integer>> STRONG = Map.of("4/4", Set.of(1, 3), "6/8", Set.of(1, 4), "9/8", Set.of(1, 4, 7), "12/8", Set.of(1, 4, 7, 10),
            "5/4", Set.of(1, 4), "5/8", Set.of(1, 4), "7/4", Set.of(1, 3, 5), "7/8", Set.of(1, 3, 5), "11/8", Set.of(1, 4, 7, 10));
    private static final Range NUMERATOR = new Range("beats in a bar", 1, 255);

    public Metre {
        Range.TICK.check(tick);
        NUMERATOR.check(numerator);
        if (denominator < 1 || denominator > 64 || Integer.bitCount(denominator) != 1) {
            throw new IllegalArgumentException("the note value of a beat must be 1, 2, 4, 8, 16, 32 or 64, not "
                    + denominator);
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

    /** The strong beats of a bar (of the note value), counted from 1: those of the table, in any other metre the first. */
    public Set<Integer> strongBeats() {
        return STRONG.getOrDefault(text(), FIRST);
    }

    public String text() {
        return numerator + "/" + denominator;
    }
}
