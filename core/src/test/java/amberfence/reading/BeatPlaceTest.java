package amberfence.reading;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.notes.TimeMap;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The table of strong beats; fives as three and two, sevens as two, two and three (common practice, no source). */
class BeatPlaceTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"4/4 | 1 3", "2/4 | 1", "3/4 | 1", "2/2 | 1", "3/2 | 1", "3/8 | 1", "6/8 | 1 4", "9/8 | 1 4 7", "12/8 | 1 4 7 10", "5/4 | 1 4",
        "5/8 | 1 4", "7/4 | 1 3 5", "7/8 | 1 3 5", "11/8 | 1 4 7 10", "6/4 | 1", "8/8 | 1", "1/4 | 1"})
    void strongBeatsOfEveryMetre(String metre, String expected) {
        String[] numbers = metre.split("/");
        int beats = Integer.parseInt(numbers[0]);
        TimeMap time = TimeMap.of(480, 500_000, beats, Integer.parseInt(numbers[1]));
        long beat = 4L * 480 / Integer.parseInt(numbers[1]);
        List<String> strong = new ArrayList<>();
        for (int bar = 0; bar < 2; bar++) {
            strong.clear();
            for (int i = 0; i < beats; i++) {
                long tick = (bar * beats + i) * beat;
                if (BeatPlace.of(tick, time).isStrong()) {
                    strong.add(Integer.toString(i + 1));
                }
                assertThat(BeatPlace.of(tick + beat / 2, time)).as("between two beats").isEqualTo(BeatPlace.OFF);
            }
            assertThat(String.join(" ", strong)).as("bar %d", bar + 1).isEqualTo(expected);
        }
    }
}
