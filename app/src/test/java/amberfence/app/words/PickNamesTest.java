package amberfence.app.words;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PickNamesTest {
    @Test
    void pitchesOfARuleAreReadAndWrittenWhereThePersonHasMiddleC() {
        String rule = "lowest and not (pitch C3 to F#5) or pitch Bb-1 to C4";
        assertThat(PickNames.shown(rule, 3)).isEqualTo("lowest and not (pitch C2 to F#4) or pitch Bb-2 to C3");
        assertThat(PickNames.shown(rule, 4)).isEqualTo(rule);
    }

    @ParameterizedTest
    @ValueSource(strings = {"pitch C3 to C5", "not (pitch Eb2 to G4 or highest)", "voice 2 from top", "length from 1/8 up to 1/4"})
    void whatIsShownReadsBackAsTheSameRule(String rule) {
        for (int octave = 3; octave <= 5; octave++) {
            assertThat(PickNames.meant(PickNames.shown(rule, octave), octave)).isEqualTo(rule);
        }
    }

    @Test
    void whatIsNoPitchIsLeftToWhoReadsTheRule() {
        assertThat(PickNames.meant("pitch here to there", 3)).isEqualTo("pitch here to there");
    }
}
