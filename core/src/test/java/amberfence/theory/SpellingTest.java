package amberfence.theory;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.ReferenceTable;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SpellingTest {
    private static String names(String key) {
        return Key.parse(key).spelling().insideNames().stream().map(NoteName::plainText).collect(Collectors.joining(" "));
    }

    /** Source: keys.tsv, the 30 keys of tonal 6.4.3, compared there with four other libraries. */
    @Test
    void spellsThirtyKeysInAllTheirForms() {
        for (Map<String, String> row : ReferenceTable.rows("keys.tsv")) {
            String tonic = row.get("tonic");
            assertThat(names(tonic + " " + row.get("mode"))).isEqualTo(row.get("scale_natural"));
            if (row.get("mode").equals("minor")) {
                assertThat(names(tonic + " harmonic minor")).isEqualTo(row.get("scale_harmonic"));
                assertThat(names(tonic + " melodic minor")).isEqualTo(row.get("scale_melodic_asc"));
            }
        }
    }

    /** Source: modekeys.tsv, 105 tonics and modes with their signatures; music21j, abc2midi and abcjs agree. */
    @Test
    void modesCarryTheSignatureOfTheirParent() {
        for (Map<String, String> row : ReferenceTable.rows("modekeys.tsv")) {
            List<NoteName> names = Key.parse(row.get("tonic") + " " + row.get("mode")).spelling().insideNames();
            assertThat(names.stream().mapToInt(NoteName::alteration).sum()).as(row.toString())
                    .isEqualTo(Integer.parseInt(row.get("fifths")));
            assertThat(names).extracting(NoteName::letter).doesNotHaveDuplicates();
        }
    }

    @ParameterizedTest
    @CsvSource({
        // Read off keys.tsv (checks KEY-04).
        "E major, 3, D#", "B major, 3, D#", "C# minor, 3, D#", "Bb major, 3, Eb", "C minor, 3, Eb", "G major, 6, F#",
        "Db major, 6, Gb", "B major, 10, A#", "F major, 10, Bb", "F# harmonic minor, 5, E#", "C# major, 0, B#",
        "Gb major, 11, Cb", "Ab minor, 11, Cb", "G# harmonic minor, 7, F##",
        // The rules of the music: 66 is F♯ in F major and G♭ in G♭ major.
        "F major, 6, F#", "Gb major, 6, Gb",
        // Outside notes of C major: nearest on the line of fifths, the raised name where two are equally near.
        "C major, 1, C#", "C major, 3, Eb", "C major, 6, F#", "C major, 8, G#", "C major, 10, Bb",
        // As on the pages of the design.
        "D dorian, 6, F#", "D dorian, 8, G#", "D dorian, 3, Eb", "D dorian, 1, C#", "D dorian, 10, Bb",
    })
    void spellsAPitchClassInItsKey(String key, int pitchClass, String name) {
        assertThat(Key.parse(key).spelling().name(new PitchClass(pitchClass)).plainText()).isEqualTo(name);
    }

    @ParameterizedTest
    @CsvSource({
        "C major pentatonic, C D E G A", "Eb minor pentatonic, Eb Gb Ab Bb Db", "C blues, C Eb F Gb G Bb",
        "Eb blues, Eb Gb Ab A Bb Db", "D bebop dorian, D E F F# G A B C", "F# whole tone, F# G# A# B# D E",
        "D 0 2 3 7 8, D E F A Bb",
    })
    void avoidsDoubleAccidentalsInScalesOfOtherSizes(String key, String names) {
        assertThat(names(key)).isEqualTo(names);
    }

    @Test
    void neverUsesADoubleAccidentalOutsideSevenNoteScalesOfUsualTonics() {
        for (Scale scale : Scales.all()) {
            if (scale.degrees().size() != 7 && scale.degrees().size() < 9) {
                for (int tonic = 0; tonic < 12; tonic++) {
                    Key key = Key.of(new PitchClass(tonic), scale);
                    assertThat(key.spelling().insideNames()).as(key.text())
                            .allMatch(name -> Math.abs(name.alteration()) < 2);
                }
            }
        }
    }

    @Test
    void everyPitchClassKeepsItsSoundInEveryKey() {
        for (Scale scale : Scales.all()) {
            for (int fifths = -7; fifths <= 7; fifths++) {
                Spelling spelling = new Key(NoteName.ofFifths(fifths), scale).spelling();
                for (int i = 0; i < 12; i++) {
                    assertThat(spelling.name(new PitchClass(i)).pitchClass().number()).isEqualTo(i);
                    assertThat(Math.floorMod(spelling.key().tonic().pitchClass().number()
                            + spelling.degree(new PitchClass(i)).semitones(), 12)).isEqualTo(i);
                }
            }
        }
    }

    @Test
    void numbersDegreesAgainstTheMajorScale() {
        Spelling spelling = Key.parse("D dorian").spelling();
        assertThat(Arrays.stream(new int[] {2, 4, 5, 7, 9, 11, 0}).mapToObj(PitchClass::new).map(spelling::degreeText))
                .containsExactly("1", "2", "♭3", "4", "5", "6", "♭7");
        assertThat(spelling.degreeText(new PitchClass(6))).isEqualTo("♮3");
        assertThat(spelling.degreeText(new PitchClass(8))).isEqualTo("♯4");
        assertThat(spelling.degreeText(new PitchClass(3))).isEqualTo("♭2");
    }

    /**
     * Where middle C is C4: ASA and MusicXML 4.0 ("octave 4 indicates the octave started by middle C"); C3 and C5 stand in
     * manufacturers' documents (from memory). The lowest MIDI pitch follows; B♯ and C♭ cross the octave (Young 1939, from memory).
     */
    @ParameterizedTest
    @CsvSource({"3, C3, C−2, G8", "4, C4, C−1, G9", "5, C5, C0, G10"})
    void numbersOctavesSoThatMiddleCIsWhereThePersonHasIt(int octave, String middle, String lowest, String highest) {
        Spelling spelling = Key.parse("C major").spelling().withMiddleC(octave);
        assertThat(spelling.pitchText(60)).isEqualTo(middle);
        assertThat(spelling.pitchText(0)).isEqualTo(lowest);
        assertThat(spelling.pitchText(127)).isEqualTo(highest);
        for (int pitch = 0; pitch < 128; pitch++) {
            assertThat(spelling.readPitch(spelling.pitchText(pitch))).isEqualTo(pitch);
        }
        assertThat(spelling.readPitch("B#" + (octave - 1))).isEqualTo(60);
        assertThat(spelling.readPitch("Cb" + octave)).isEqualTo(59);
    }
}
