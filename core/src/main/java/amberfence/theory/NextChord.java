package amberfence.theory;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;

/**
 * A chord that may follow another one in a key.
 *
 * @param common the notes that both have
 */
public record NextChord(Chord chord, String numeral, List<NoteName> common) {
    /** Root motions in degrees, from the most to the least usual: down a fifth, down a third, up a step (Kostka and Payne). */
    private static final Map<Integer, Integer> MOTIONS = Map.of(3, 6, 5, 4, 1, 3, 4, 3, 6, 2, 2, 1, 0, -4);

    public NextChord {
        common = List.copyOf(common);
    }

    /** Chords that may come next, best first; those of the key, a few borrowed ones, and the dominant of each. */
    public static List<NextChord> of(Chord chord, Key key) {
        KeyChords chords = KeyChords.of(key);
        boolean sevenths = chord.kind().tone(7).isPresent();
        List<Chord> candidates = new ArrayList<>(sevenths ? chords.sevenths() : chords.triads());
        candidates.addAll(chords.borrowed());
        candidates.addAll(chords.appliedDominants());
        return candidates.stream().distinct().filter(next -> !next.pitchClasses().equals(chord.pitchClasses()))
                .sorted(Comparator.comparingInt((Chord next) -> -worth(chord, next, chords)))
                .map(next -> new NextChord(next, RomanNumeral.of(next, key), common(chord, next))).toList();
    }

    private static int worth(Chord from, Chord to, KeyChords chords) {
        int degrees = Math.floorMod(to.root().letter().ordinal() - from.root().letter().ordinal(), 7);
        boolean inKey = to.pitchClasses().isSubsetOf(chords.key().pitchClasses());
        return 2 * MOTIONS.getOrDefault(degrees, 0) + common(from, to).size() + (inKey ? 5 : 0);
    }

    private static List<NoteName> common(Chord from, Chord to) {
        return to.names().stream().filter(name -> from.pitchClasses().contains(name.pitchClass())).toList();
    }
}
