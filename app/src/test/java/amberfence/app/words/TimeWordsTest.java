package amberfence.app.words;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.notes.Metre;
import amberfence.notes.Tempo;
import amberfence.notes.TimeMap;
import java.util.List;
import org.junit.jupiter.api.Test;

class TimeWordsTest {
    /** In 4/4 at 120; 3/4 from 1920, the same again from 2640, slower from 3360, and 6/8 from 4080. */
    private final TimeMap time = new TimeMap(480, List.of(new Tempo(0, 500_000), new Tempo(2640, 500_000), new Tempo(3360, 1_000_000)),
            List.of(new Metre(0, 4, 4), new Metre(1920, 3, 4), new Metre(2640, 3, 4), new Metre(4080, 6, 8)));

    @Test
    void saysOfAChangeOnlyWhatIsAnother() {
        assertThat(TimeWords.change(time, 1920)).isEqualTo("3/4");
        assertThat(TimeWords.change(time, 3360)).isEqualTo("♩ = 60");
    }

    @Test
    void saysTheTempoAgainWhereAnotherNoteIsCounted() {
        assertThat(TimeWords.change(time, 4080)).isEqualTo("6/8 · ♩. = 40");
    }

    @Test
    void saysNothingWhereAFileOnlyRepeatsWhatHolds() {
        assertThat(TimeWords.change(time, 2640)).isEmpty();
    }
}
