package amberfence.reading;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.notes.Line;
import amberfence.notes.LineText;
import amberfence.reading.Comparison.Difference;
import java.util.List;
import org.junit.jupiter.api.Test;

class ComparisonTest {
    private static Line line(String text, long firstId) {
        return LineText.parse(text, 240, 0, firstId);
    }

    @Test
    void twoOfOneIdentityBelongTogetherHoweverTheyMoved() {
        Comparison comparison = Comparison.of(line("C4 D4 E4", 1), line("C4 r D5:2@99 E4", 1));
        Difference moved = comparison.differences().get(0);
        assertThat(moved.isPitch() && moved.isStart() && moved.isLength() && moved.isVelocity()).isTrue();
        assertThat(comparison.differences()).hasSize(2);
        assertThat(comparison.same()).isEqualTo(1);
    }

    @Test
    void othersArePairedByWhereTheyBegin() {
        Comparison comparison = Comparison.of(line("C4 D4 [E4 G4]", 1), line("C4 D#4 [F4 G4] A4", 50));
        assertThat(comparison.differences()).extracting(difference -> difference.a().map(note -> note.pitch()).orElse(0) + "–"
                + difference.b().map(note -> note.pitch()).orElse(0)).containsExactly("62–63", "64–65", "0–69");
        assertThat(comparison.same()).isEqualTo(2);
    }

    @Test
    void aLineIsLikeItself() {
        Line line = line("C4 D4 [E4 G4]", 1);
        assertThat(Comparison.of(line, line)).isEqualTo(new Comparison(List.of(), 4));
        assertThat(Comparison.of(line, Line.EMPTY).differences()).hasSize(4);
    }
}
