package amberfence.format.notation;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.format.notation.KeySignatures.Signature;
import amberfence.theory.Key;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Signatures count sharps, or flats below 0 (MusicXML 4.0, element {@code fifths}); the circle of fifths as any handbook has it. */
class KeySignaturesTest {
    @ParameterizedTest
    @CsvSource({"C major, 0, major", "G major, 1, major", "F# major, 6, major", "Cb major, -7, major", "A minor, 0, minor", "C minor, -3, minor", "G# minor, 5, minor",
        "D dorian, 0, dorian", "E phrygian, 0, phrygian", "F lydian, 0, lydian", "G mixolydian, 0, mixolydian", "B locrian, 0, locrian", "E dorian, 2, dorian",
        "A harmonic minor, 0, minor", "C melodic minor, -3, minor", "C minor pentatonic, -3, minor", "C major pentatonic, 0, major", "A blues, 0, minor",
        "C harmonic major, 0, major", "C chromatic, 0, major"})
    void isWrittenAsASignatureAndAMode(String key, int fifths, String mode) {
        Signature written = KeySignatures.write(Key.parse(key));
        assertThat(written.fifths()).isEqualTo(fifths);
        assertThat(written.mode()).isEqualTo(mode);
        assertThat(written.key()).isEqualTo(Key.parse(key));
    }

    @ParameterizedTest
    @CsvSource({"G# major, -4, Ab major", "D# major, -3, Eb major", "Fb major, 4, E major", "Fb minor, 1, E minor"})
    void moreThanSevenSignsAreCalledByTheOtherName(String key, int fifths, String instead) {
        Signature written = KeySignatures.write(Key.parse(key));
        assertThat(written.fifths()).isEqualTo(fifths);
        assertThat(written.key()).isEqualTo(Key.parse(instead));
    }

    @ParameterizedTest
    @CsvSource({"0, major, C major", "-3, minor, C minor", "2, mixolydian, A mixolydian", "0, aeolian, A minor", "1, ionian, G major", "0, blues, C major", "0, , C major",
        "9, major, Eb major", "-9, major, A major"})
    void isReadGenerously(int fifths, String mode, String key) {
        assertThat(KeySignatures.read(fifths, mode)).isEqualTo(Key.parse(key));
    }
}
