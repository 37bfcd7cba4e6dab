package amberfence.song;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberfence.theory.Chord;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class ProgressionTest {
    private static final Progression THREE = Progression.of(List.of(span(1, 0, 100, "C"), span(2, 100, 200, "F"),
            span(3, 300, 400, "G7")));

    private static ChordSpan span(long id, long start, long end, String chord) {
        return ChordSpan.of(id, start, end, Chord.parse(chord));
    }

    private static String text(Progression progression) {
        return progression.spans().stream().map(span -> span.chord().text() + "@" + span.start() + "–" + span.end())
                .collect(Collectors.joining(" "));
    }

    @Test
    void knowsWhatHoldsAtAnyTick() {
        assertThat(THREE.at(0).orElseThrow().id()).isEqualTo(1);
        assertThat(THREE.at(199).orElseThrow().id()).isEqualTo(2);
        assertThat(THREE.at(200)).isEmpty();
        assertThat(THREE.at(1000)).isEmpty();
        assertThat(THREE.end()).isEqualTo(400);
    }

    @Test
    void aChordThatIsPutInMakesRoomForItself() {
        assertThat(text(THREE.plus(span(9, 50, 150, "Am")))).isEqualTo("C@0–50 Am@50–150 F@150–200 G7@300–400");
        assertThat(text(THREE.plus(span(9, 0, 400, "Am")))).isEqualTo("Am@0–400");
        assertThat(text(THREE.plus(span(2, 200, 300, "F")))).isEqualTo("C@0–100 F@200–300 G7@300–400");
    }

    @Test
    void edgesTakeTheirNeighboursAlong() {
        assertThat(text(THREE.resized(2, 120, 200))).isEqualTo("C@0–120 F@120–200 G7@300–400");
        assertThat(text(THREE.resized(1, 0, 150))).isEqualTo("C@0–150 F@150–200 G7@300–400");
        assertThat(text(THREE.resized(1, 0, 250))).isEqualTo("C@0–250 G7@300–400");
        assertThat(text(THREE.resized(2, 100, 350))).isEqualTo("C@0–100 F@100–350 G7@350–400");
    }

    @Test
    void cutsAndJoins() {
        assertThat(text(THREE.cut(1, 40, 7))).isEqualTo("C@0–40 C@40–100 F@100–200 G7@300–400");
        assertThat(THREE.cut(1, 40, 7).joined(1)).isEqualTo(THREE);
        assertThat(THREE.cut(1, 0, 7)).isSameAs(THREE);
        assertThat(THREE.joined(3)).isSameAs(THREE);
    }

    @Test
    void isInOrderOrRefused() {
        assertThatThrownBy(() -> new Progression(List.of(span(1, 0, 100, "C"), span(2, 50, 60, "F"))))
                .hasMessageContaining("begins before C ends");
        assertThatThrownBy(() -> span(1, 10, 10, "C")).hasMessageContaining("ends after it begins");
    }

    @Test
    void neverOverlapsWhateverIsPutIn() {
        Random random = new Random(3);
        Progression progression = Progression.EMPTY;
        for (int i = 1; i < 3000; i++) {
            long start = random.nextInt(2000);
            progression = progression.plus(span(i, start, start + 1 + random.nextInt(300), "C"));
            if (random.nextInt(3) == 0) {
                ChordSpan any = progression.spans().get(random.nextInt(progression.spans().size()));
                progression = progression.resized(any.id(), random.nextInt(2000), random.nextInt(2000));
            }
        }
        assertThat(progression.spans()).isNotEmpty();
    }
}
