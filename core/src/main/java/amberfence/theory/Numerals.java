package amberfence.theory;

import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;

/**
 * Roman numerals in the style of a progression: where the chords on the first and the fourth degree are both dominant sevenths, the
 * sevenths stay, as in a blues, and lead nowhere; I7 is no V7/IV there (common practice, no source).
 *
 * @param staying the keys in which sevenths stay
 */
public record Numerals(Set<Key> staying) {
    private static final int FIRST = 1;
    private static final int FOURTH = 4;

    public Numerals {
        staying = Set.copyOf(staying);
    }

    /** The style of chords, each in its key. */
    public static <T> Numerals of(Collection<T> chords, Function<T, Chord> chord, Function<T, Key> key) {
        Map<Key, Set<Integer>> dominants = new HashMap<>();
        for (T one : chords) {
            if (chord.apply(one).kind().isDominant()) {
                dominants.computeIfAbsent(key.apply(one), some -> new HashSet<>()).add(degree(chord.apply(one), key.apply(one)));
            }
        }
        Set<Key> staying = new HashSet<>();
        dominants.forEach((where, degrees) -> {
            if (degrees.contains(FIRST) && degrees.contains(FOURTH)) {
                staying.add(where);
            }
        });
        return new Numerals(staying);
    }

    /** Of the major scale, 0 for none of it. */
    private static int degree(Chord chord, Key key) {
        int above = Math.floorMod(chord.root().pitchClass().number() - key.tonic().pitchClass().number(), PitchClass.COUNT);
        return above == 0 ? FIRST : above == 5 ? FOURTH : 0;
    }

    /** How a chord is written in a key. */
    public String of(Chord chord, Key key) {
        boolean stays = staying.contains(key) && chord.kind().isDominant() && degree(chord, key) > 0;
        return stays ? RomanNumeral.onItsDegree(chord, key) : RomanNumeral.of(chord, key);
    }
}
