package amberfence.theory;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Whatever chord stands in a song in whatever key: it can be named, numbered, and its panel filled. */
class EveryChordInEveryKeyTest {
    private static final List<String> ROOTS = List.of("C", "C#", "Db", "D", "D#", "Eb", "E", "F", "F#", "Gb", "G", "G#", "Ab", "A", "A#",
            "Bb", "B", "Cb", "E#", "B#", "Fb");

    @Test
    void hasARomanNumeral() {
        List<String> failed = new ArrayList<>();
        int pairs = 0;
        for (String tonic : ROOTS) {
            for (Scale scale : List.of(Scales.MAJOR, Scales.MINOR)) {
                Key key = new Key(NoteName.parse(tonic), scale);
                for (String root : ROOTS) {
                    for (ChordKind kind : ChordKinds.all()) {
                        Chord chord = Chord.of(NoteName.parse(root), kind);
                        pairs++;
                        try {
                            assertThat(RomanNumeral.of(chord, key)).isNotBlank();
                        } catch (RuntimeException e) {
                            failed.add(chord.text() + " in " + key.text() + ": " + e);
                        }
                    }
                }
            }
        }
        assertThat(pairs).isGreaterThan(40_000);
        assertThat(failed).isEmpty();
    }

    @Test
    void hasBorrowedChordsAndAppliedDominants() {
        for (String tonic : ROOTS) {
            for (Scale scale : Scales.all()) {
                KeyChords chords = KeyChords.of(new Key(NoteName.parse(tonic), scale));
                assertThatCode(() -> {
                    chords.borrowed();
                    chords.appliedDominants();
                    chords.sevenths();
                }).as(tonic + " " + scale.name()).doesNotThrowAnyException();
            }
        }
    }
}
