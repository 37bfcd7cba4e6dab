package amberfence.theory;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Numerals in the style of a progression (common practice, no source). */
class NumeralsTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "C major | C7 F7 C7 G7 F7 C7 | I7 IV7 I7 V7 IV7 I7",
        "G major | G7 C9 D7 A7 | I7 IV9 V7 V7/V",
        "C major | C C7 F G7 C | I V7/IV IV V7 I",
        "E minor | Em7 Am7 B7 | i7 iv7 V7"})
    void sevenths(String key, String chords, String expected) {
        List<Chord> all = Arrays.stream(chords.split(" ")).map(Chord::parse).toList();
        Key in = Key.parse(key);
        Numerals numerals = Numerals.of(all, chord -> chord, chord -> in);
        assertThat(all.stream().map(chord -> numerals.of(chord, in)).collect(Collectors.joining(" "))).isEqualTo(expected);
    }
}
