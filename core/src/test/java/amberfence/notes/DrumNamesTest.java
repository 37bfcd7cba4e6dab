package amberfence.notes;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** General MIDI Level 1 percussion map (MMA RP-003, 1991; from memory). */
class DrumNamesTest {
    @ParameterizedTest
    @CsvSource({"35, low bass drum", "36, bass drum", "38, snare", "42, closed hi-hat", "46, open hi-hat", "49, crash cymbal 1", "51, ride cymbal 1",
        "56, cowbell", "60, high bongo", "69, cabasa", "75, claves", "81, open triangle"})
    void namesWhatIsStruck(int pitch, String name) {
        assertThat(DrumNames.of(pitch)).contains(name);
    }

    @Test
    void outsideTheMapNothingIsNamed() {
        assertThat(DrumNames.of(34)).isEmpty();
        assertThat(DrumNames.of(82)).isEmpty();
    }
}
