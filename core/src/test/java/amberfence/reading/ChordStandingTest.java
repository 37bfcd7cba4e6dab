package amberfence.reading;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.notes.ChordSpan;
import amberfence.notes.Fence;
import amberfence.notes.KeyPlan;
import amberfence.notes.LineText;
import amberfence.notes.Progression;
import amberfence.notes.TimeMap;
import amberfence.reading.ChordStanding.Bar;
import amberfence.theory.Chord;
import amberfence.theory.Key;
import java.util.List;
import org.junit.jupiter.api.Test;

class ChordStandingTest {
    private static final TimeMap TIME = TimeMap.usual(480);

    private static List<Bar> bars(String text, int count) {
        Progression chords = new Progression(List.of(ChordSpan.of(1, 0, 1920, Chord.parse("C")),
                ChordSpan.of(2, 1920, 3840, Chord.parse("D7"))));
        return ChordStanding.of(LineText.parse(text, 240, 0, 1), new RulingChords(chords, false, TIME),
                Fence.of(KeyPlan.of(Key.parse("C major"))).along(TIME), TIME, count);
    }

    @Test
    void countsNotesOfTheChordOfTheScaleAndOutsideBarByBar() {
        // Bar 1, C: C E of the chord, D of the scale and on the third beat, C♯ outside. Bar 2, D7: F♯ of the chord though outside the scale, G not.
        assertThat(bars("C4:2 E4:2 D4:1 C#4:1 E4:2 F#4:4 r:2 G4:1 r:1", 3)).containsExactly(new Bar(3, 1, 1, 1),
                new Bar(1, 1, 0, 0), Bar.EMPTY);
    }

    @Test
    void withoutAChordWhatIsInsideCountsAsOfTheScale() {
        assertThat(bars("r:16 C4 C#4", 3).get(2)).isEqualTo(new Bar(0, 1, 1, 0));
    }

    @Test
    void tellsWhatRubs() {
        assertThat(bars("F4:4 C4:4", 1)).containsExactly(new Bar(1, 1, 0, 1));
    }
}
