package amberfence.song;

import java.util.Map;
import java.util.Set;

/** Which beats of a bar are strong. Beats are those of the note value, counted from 1. */
public enum StrongBeats {
    /** Fives as three and two, sevens as two, two and three, elevens as three times three and two (common practice, no source); else the first. */
    OF_THE_METRE {
        @Override
        public Set<Integer> of(Metre metre) {
            return TABLE.getOrDefault(metre.text(), FIRST);
        }
    },
    /** The first, and with four or more main beats of an even number the middle one: so songs were read that were saved before format 4. */
    FIRST_AND_MIDDLE {
        @Override
        public Set<Integer> of(Metre metre) {
            int pulses = metre.numerator() / metre.beatsPerPulse();
            return pulses >= 4 && pulses % 2 == 0 ? Set.of(1, pulses / 2 * metre.beatsPerPulse() + 1) : FIRST;
        }
    };

    private static final Set<Integer> FIRST = Set.of(1);
    private static final Map<String, Set<Integer>> TABLE = Map.of("4/4", Set.of(1, 3), "6/8", Set.of(1, 4), "9/8", Set.of(1, 4, 7), "12/8", Set.of(1, 4, 7, 10),
            "5/4", Set.of(1, 4), "5/8", Set.of(1, 4), "7/4", Set.of(1, 3, 5), "7/8", Set.of(1, 3, 5), "11/8", Set.of(1, 4, 7, 10));

    /** The strong beats of a bar of this metre. */
    public abstract Set<Integer> of(Metre metre);
}
