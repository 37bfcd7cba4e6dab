package amberfence.theory;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Names sets of notes. The lowest is taken for the bass; of several readings the plainer kind is preferred, and one whose
 * root is the bass; a missing fifth is told. Symmetric chords take their bass as root.
 */
public final class ChordNames {
    /** A bass that is not the root speaks against a reading as much as so many places in the table of kinds. */
    private static final int INVERTED = 60;
    private static final int FOREIGN_BASS = 90;
    private static final int NO_FIFTH = 40;
    /** A sixth chord that is inverted is the seventh chord of its sixth: D F A C over C is Dm7/C, not F6/C. */
    private static final int INVERTED_SIXTH = 12;
    private static final int MOST = 6;

    /** A kind with what is asked of it for every set of notes. */
    private record Shape(ChordKind kind, PitchClassSet semitones, boolean mayLackFifth, boolean isSixth) {
    }

    private static final List<Shape> SHAPES = ChordKinds.all().stream().map(kind -> new Shape(kind, kind.semitones(),
            kind.tone(7).isPresent() && kind.tone(3).isPresent() && hasOneOfEach(kind), kind.tone(6).isPresent())).toList();

    private record Scored(Chord chord, int cost) {
    }

    private ChordNames() {
    }

    /** The best reading; empty when fewer than two different notes sound, or nothing fits. */
    public static Optional<Chord> best(PitchClassSet sounding, PitchClass bass, Spelling spelling) {
        return all(sounding, bass, spelling).stream().findFirst();
    }

    /** All readings, best first. */
    public static List<Chord> all(PitchClassSet sounding, PitchClass bass, Spelling spelling) {
        if (sounding.size() < 2) {
            return List.of();
        }
        List<Scored> found = new ArrayList<>();
        read(sounding, bass, spelling, 0, found);
        PitchClassSet upper = sounding.minus(bass);
        if (upper.size() >= 3) {
            read(upper, bass, spelling, FOREIGN_BASS, found);
        }
        return found.stream().sorted(Comparator.comparingInt(Scored::cost)).map(Scored::chord).distinct().limit(MOST).toList();
    }

    private static void read(PitchClassSet set, PitchClass bass, Spelling spelling, int extra, List<Scored> found) {
        for (PitchClass root : set.members()) {
            PitchClassSet above = set.transposed(-root.number());
            PitchClassSet withFifth = above.plus(new PitchClass(7));
            boolean fifthMissing = !above.equals(withFifth) && above.size() >= 3
                    && !above.containsPitch(6) && !above.containsPitch(8);
            for (int rank = 0; rank < SHAPES.size(); rank++) {
                Shape shape = SHAPES.get(rank);
                boolean exact = shape.semitones().equals(above);
                if (exact || fifthMissing && shape.mayLackFifth() && shape.semitones().equals(withFifth)) {
                    ChordKind read = exact ? shape.kind() : shape.kind().without(5);
                    int inverted = root.equals(bass) ? 0 : INVERTED + (shape.isSixth() ? INVERTED_SIXTH : 0);
                    found.add(new Scored(chord(root, read, bass, spelling), rank + extra + inverted + (exact ? 0 : NO_FIFTH)));
                }
            }
        }
    }

    private static boolean hasOneOfEach(ChordKind kind) {
        return kind.tones().stream().map(ChordTone::number).distinct().count() == kind.tones().size();
    }

    /** Spelled as the key has it, unless the members need fewer signs with the other name of the root. */
    private static Chord chord(PitchClass root, ChordKind kind, PitchClass bass, Spelling spelling) {
        NoteName usual = spelling.name(root);
        Chord chord = Chord.of(usual, kind);
        NoteName other = other(usual);
        if (!spelling.key().contains(root) && signs(Chord.of(other, kind)) < signs(chord)) {
            chord = Chord.of(other, kind);
        }
        return chord.withBass(chord.name(bass, spelling));
    }

    private static NoteName other(NoteName name) {
        int fifths = name.fifths() > 2 ? name.fifths() - 12 : name.fifths() + 12;
        return NoteName.ofFifths(fifths);
    }

    private static int signs(Chord chord) {
        return chord.names().stream().mapToInt(name -> Math.abs(name.alteration())).sum();
    }
}
