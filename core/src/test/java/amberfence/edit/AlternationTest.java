package amberfence.edit;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.notes.Line;
import amberfence.notes.LineText;
import amberfence.notes.Note;
import amberfence.notes.TimeMap;
import org.junit.jupiter.api.Test;

class AlternationTest {
    private static final TimeMap TIME = TimeMap.usual(480);

    private static Line line(String text) {
        return LineText.parse(text, 240, 0, 1);
    }

    @Test
    void takesTurnsByBars() {
        Line a = line("C4:8 D4:8 E4:8 F4:8");
        Line b = line("C5:8 D5:8 E5:8 F5:8");
        assertThat(Alternation.of(a, b, TIME, 1).notes()).extracting(Note::pitch).containsExactly(60, 74, 64, 77);
        assertThat(Alternation.of(a, b, TIME, 2).notes()).extracting(Note::pitch).containsExactly(60, 62, 76, 77);
        assertThat(Alternation.of(b, a, TIME, 4).notes()).extracting(Note::pitch).containsExactly(72, 74, 76, 77);
    }

    @Test
    void aNoteThatBeginsInAnotherBarInEachIsTwoNotes() {
        Line a = line("C4:8");
        Line b = line("r:8 C4:8");
        Line both = Alternation.of(a, b, TIME, 1);
        assertThat(both.size()).isEqualTo(2);
        assertThat(both.notes()).extracting(Note::id).doesNotHaveDuplicates();
    }

    @Test
    void aNoteBelongsToTheBarInWhichItBegins() {
        assertThat(Alternation.of(line("C4:16"), line("r:8 G4:8"), TIME, 1).notes()).extracting(Note::length)
                .containsExactly(3840L, 1920L);
    }
}
