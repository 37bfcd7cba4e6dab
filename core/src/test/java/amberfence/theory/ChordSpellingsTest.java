package amberfence.theory;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Chord symbols in all the ways in which they are written. What they mean is common practice, no source, unless it says otherwise. */
class ChordSpellingsTest {
    @ParameterizedTest
    @CsvSource(delimiter = ';', value = {"C△; 0 4 7 11", "CØ; 0 3 6 10", "Cmajor7; 0 4 7 11", "C major7; 0 4 7 11", "Cminor; 0 3 7", "Caugmented; 0 4 8",
        "Cdiminished7; 0 3 6 9", "CMAJ7; 0 4 7 11", "CMin7; 0 3 7 10", "Csus7; 0 5 7 10", "Csus9; 0 2 5 7 10", "C7(9); 0 2 4 7 10", "C9+; 0 2 4 8 10",
        "CaugM7; 0 4 8 11", "C+Δ7; 0 4 8 11", "C°Δ7; 0 3 6 11", "Cm7(no5); 0 3 10", "Cmaj7(no5); 0 4 11", "Cm(#7); 0 3 7 11", "Cm#7; 0 3 7 11", "Cm+7; 0 3 7 11",
        "Cmaj+7; 0 4 8 11", "C7(b9,#11); 0 1 4 6 7 10", "C7( #5 , b9 ); 0 1 4 8 10", "E7(add#9,no5)/D; 2 4 7 8"})
    void readsWhatPeopleWrite(String symbol, String pitchClasses) {
        TreeSet<Integer> expected = new TreeSet<>();
        for (String number : pitchClasses.split(" ")) {
            expected.add(Integer.valueOf(number));
        }
        PitchClassSet set = Chord.parse(symbol).pitchClasses();
        Set<Integer> sounding = new TreeSet<>();
        for (int pitch = 0; pitch < 12; pitch++) {
            if (set.containsPitch(pitch)) {
                sounding.add(pitch);
            }
        }
        assertThat(sounding).isEqualTo(expected);
    }

    private record Piece(String text, int... semitones) {
    }

    private static final List<Piece> BASES = List.of(new Piece("7", 4, 7, 10), new Piece("maj7", 4, 7, 11), new Piece("M7", 4, 7, 11), new Piece("Δ7", 4, 7, 11),
            new Piece("m7", 3, 7, 10), new Piece("-7", 3, 7, 10), new Piece("min7", 3, 7, 10), new Piece("9", 2, 4, 7, 10), new Piece("maj9", 2, 4, 7, 11),
            new Piece("dom7", 4, 7, 10));
    /** What is added, and what it takes the place of. */
    private static final List<Piece> CHANGES = List.of(new Piece("b9", 1), new Piece("#9", 3), new Piece("#11", 6), new Piece("b13", 8), new Piece("♭9", 1),
            new Piece("♯11", 6));

    /**
     * A thousand spellings from a grammar: roots, kinds, one or two alterations in both orders, bracket styles and separators. What they
     * sound follows from the definitions of the pieces.
     */
    @Test
    void readsAThousandSpellingsOfAGrammar() {
        Random random = new Random(2027);
        List<String> roots = List.of("C", "Db", "D", "E♭", "E", "F#", "G", "Ab", "A", "B♭", "B", "F");
        List<String> wrong = new ArrayList<>();
        Set<String> written = new HashSet<>();
        while (written.size() < 1000) {
            String root = roots.get(random.nextInt(roots.size()));
            Piece base = BASES.get(random.nextInt(BASES.size()));
            List<Piece> changes = new ArrayList<>();
            for (int i = 0; i <= random.nextInt(2); i++) {
                Piece change = CHANGES.get(random.nextInt(CHANGES.size()));
                boolean clashes = changes.stream().anyMatch(other -> other.text().replaceAll("\\D", "").equals(change.text().replaceAll("\\D", "")));
                if (!clashes) {
                    changes.add(change);
                }
            }
            String separator = new String[] {"", ",", ", ", " "}[random.nextInt(4)];
            String inside = String.join(separator, changes.stream().map(Piece::text).toList());
            String text = root + base.text() + (random.nextBoolean() || !separator.isEmpty() ? "(" + inside + ")" : inside);
            if (!written.add(text)) {
                continue;
            }
            Set<Integer> expected = new TreeSet<>(Set.of(0));
            for (int semitone : base.semitones()) {
                expected.add(semitone);
            }
            for (Piece change : changes) {
                int number = Integer.parseInt(change.text().replaceAll("\\D", ""));
                int plain = number == 9 ? 2 : number == 11 ? 5 : 9;
                expected.remove(plain);
                expected.add(change.semitones()[0]);
            }
            int tonic = NoteName.parse(root.replace('♭', 'b')).pitchClass().number();
            Set<Integer> sounding = new TreeSet<>();
            try {
                PitchClassSet set = Chord.parse(text).pitchClasses();
                for (int pitch = 0; pitch < 12; pitch++) {
                    if (set.containsPitch(pitch + tonic)) {
                        sounding.add(pitch);
                    }
                }
            } catch (MusicTextException e) {
                sounding.add(-1);
            }
            if (!sounding.equals(expected)) {
                wrong.add(text + " " + sounding + " not " + expected);
            }
        }
        System.out.printf("%d of 1000 spellings of chords read (aim: 999)%n", 1000 - wrong.size());
        assertThat(wrong).hasSizeLessThanOrEqualTo(1);
    }

    @Test
    void refusesInOneShortLine() {
        for (String bad : List.of("Cfoo", "C" + "x9".repeat(40), "Hm7", "Zz".repeat(50), "C7(b9,,x)")) {
            try {
                Chord.parse(bad);
            } catch (MusicTextException e) {
                assertThat(e.getMessage().length()).as(e.getMessage()).isLessThanOrEqualTo(200);
                assertThat(e.getMessage()).doesNotContain("\n");
            }
        }
    }
}
