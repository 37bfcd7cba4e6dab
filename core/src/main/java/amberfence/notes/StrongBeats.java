package amberfence.notes;

import java.util.List;
import java.util.stream.IntStream;

/** Which beats of a bar are strong. Beats are those of the note value, counted from 1. */
public enum StrongBeats {
    /** Fives as three and two, sevens as two, two and three, elevens as three times three and two (common practice, no source); else the first. */
    OF_THE_METRE {
        @Override
        public boolean has(Metre metre, int beat) {
            if (beat == 1) {
                return true;
            }
            // Asked with every note: a loop, and no set-up for one.
            for (Kind kind : TABLE) {
                if (kind.isOf(metre)) {
                    return (kind.beats >> beat & 1) == 1;
                }
            }
            return false;
        }
    },
    /** The first, and with four or more main beats of an even number the middle one: so songs were read that were saved before format 4. */
    FIRST_AND_MIDDLE {
        @Override
        public boolean has(Metre metre, int beat) {
            int pulses = metre.numerator() / metre.beatsPerPulse();
            return beat == 1 || pulses >= 4 && pulses % 2 == 0 && beat == pulses / 2 * metre.beatsPerPulse() + 1;
        }
    };

    /** @param beats a bit for each, that of the first beat is bit 1 */
    private record Kind(int numerator, int denominator, int beats) {
        static Kind of(int numerator, int denominator, int... beats) {
            return new Kind(numerator, denominator, IntStream.of(beats).map(beat -> 1 << beat).sum());
        }

        boolean isOf(Metre metre) {
            return numerator == metre.numerator() && denominator == metre.denominator();
        }
    }

    private static final List<Kind> TABLE = List.of(Kind.of(4, 4, 1, 3), Kind.of(6, 8, 1, 4), Kind.of(9, 8, 1, 4, 7),
            Kind.of(12, 8, 1, 4, 7, 10), Kind.of(5, 4, 1, 4), Kind.of(5, 8, 1, 4), Kind.of(7, 4, 1, 3, 5),
            Kind.of(7, 8, 1, 3, 5), Kind.of(11, 8, 1, 4, 7, 10));

    /** Whether a beat of a bar of this metre is strong. */
    public abstract boolean has(Metre metre, int beat);
}
