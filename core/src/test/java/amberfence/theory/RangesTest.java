package amberfence.theory;

import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberfence.notes.BarPosition;
import amberfence.notes.KeyPlan;
import amberfence.notes.KeySpan;
import amberfence.notes.Metre;
import amberfence.notes.Note;
import amberfence.notes.Tempo;
import amberfence.notes.TimeMap;
import java.util.List;
import java.util.stream.Stream;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Just outside of each range: refused, in words. */
class RangesTest {
    static Stream<Arguments> justOutside() {
        return Stream.of(
                refused("MIDI pitch must be 0 to 127, not 128", () -> new Note(1, 0, 1, 128, 1, 0, 0)),
                refused("MIDI pitch must be 0 to 127, not -1", () -> new Note(1, 0, 1, -1, 1, 0, 0)),
                refused("velocity must be 1 to 127, not 0", () -> new Note(1, 0, 1, 60, 0, 0, 0)),
                refused("channel must be 0 to 15, not 16", () -> new Note(1, 0, 1, 60, 1, 16, 0)),
                refused("length in ticks must be 1 to 1099511627776, not 0", () -> new Note(1, 0, 0, 60, 1, 0, 0)),
                refused("tick must be 0 to 1099511627776, not -1", () -> new Note(1, -1, 1, 60, 1, 0, 0)),
                refused("release velocity must be 0 to 127, not 128", () -> new Note(1, 0, 1, 60, 1, 0, 128)),
                refused("pitch class must be 0 to 11, not 12", () -> new PitchClass(12)),
                refused("degree must be 1 to 7, not 8", () -> new Degree(8, 0)),
                refused("microseconds per quarter must be 1 to 16777215, not 0", () -> new Tempo(0, 0)),
                refused("beats in a bar must be 1 to 255, not 0", () -> new Metre(0, 0, 4)),
                refused("the note value of a beat must be 1, 2, 4, 8, 16, 32 or 64, not 6", () -> new Metre(0, 4, 6)),
                refused("bars and beats count from 1 and ticks from 0, not 0:1:0", () -> new BarPosition(0, 1, 0)),
                refused("a time map has a tempo and a metre at tick 0", () -> new TimeMap(480, List.of(), List.of())),
                refused("a key plan begins with a key from bar 1",
                        () -> new KeyPlan(List.of(new KeySpan(2, Key.parse("C major"))))),
                refused("an interval of number 5 cannot be major", () -> new Interval(5, Interval.Quality.MAJOR)),
                refused("a key's tonic has at most one ♯ or ♭, not C𝄪", () -> Key.of(new PitchClass(0), Scales.MAJOR)
                        .withTonic(NoteName.parse("C##"))));
    }

    private static Arguments refused(String message, ThrowingCallable building) {
        return Arguments.of(message, building);
    }

    @ParameterizedTest
    @MethodSource("justOutside")
    void refusesInWords(String message, ThrowingCallable building) {
        assertThatThrownBy(building).isInstanceOf(IllegalArgumentException.class).hasMessage(message);
    }
}
