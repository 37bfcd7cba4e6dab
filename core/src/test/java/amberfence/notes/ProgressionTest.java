package amberfence.notes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberfence.theory.Chord;
import java.util.List;
import java.util.stream.Collectors;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
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

    /** A chord that is put in, and where another one is dragged to afterwards, if one is. */
    private record Act(int start, int length, int which, int from, int to) {
    }

    /** Building a progression whose chords overlap fails, so that to come through is what is asserted. */
    @Property
    void neverOverlapsWhateverIsPutIn(@ForAll("acts") List<Act> acts) {
        Progression progression = Progression.EMPTY;
        int id = 1;
        for (Act act : acts) {
            progression = progression.plus(span(id++, act.start, act.start + act.length, "C"));
            if (act.which >= 0) {
                ChordSpan any = progression.spans().get(act.which % progression.spans().size());
                progression = progression.resized(any.id(), act.from, act.to);
            }
        }
        assertThat(progression.isEmpty()).isEqualTo(acts.isEmpty());
    }

    @Provide
    Arbitrary<List<Act>> acts() {
        Arbitrary<Integer> ticks = Arbitraries.integers().between(0, 1999);
        return Combinators.combine(ticks, Arbitraries.integers().between(1, 300), Arbitraries.integers().between(-20, 40), ticks, ticks).as(Act::new).list().ofMaxSize(80);
    }
}
