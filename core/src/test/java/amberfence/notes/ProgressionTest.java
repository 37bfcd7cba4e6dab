package amberfence.notes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberfence.theory.Chord;
import java.util.List;
import java.util.concurrent.atomic.AtomicLong;
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

    private static Progression plus(Progression progression, ChordSpan... more) {
        return progression.plus(List.of(more), new AtomicLong(90)::getAndIncrement);
    }

    @Test
    void aLongChordGoesOnBehindThoseThatArePutIntoIt() {
        Progression held = Progression.of(List.of(span(1, 0, 400, "C")));
        Progression full = plus(held, span(8, 300, 350, "G7"), span(9, 100, 200, "F"));
        assertThat(text(full)).isEqualTo("C@0–100 F@100–200 C@200–300 G7@300–350 C@350–400");
        assertThat(full.spans()).extracting(ChordSpan::id).containsExactly(1L, 9L, 90L, 8L, 91L);
        assertThat(text(plus(held, span(8, 0, 100, "F"), span(9, 300, 400, "G")))).isEqualTo("F@0–100 C@100–300 G@300–400");
    }

    /** One after the other, in any order, or all at once: the same chords at the same times. */
    @Property
    void manyThatDoNotOverlapArePutInAsOneByOne(@ForAll("acts") List<Act> acts, @ForAll("acts") List<Act> under) {
        Progression held = Progression.EMPTY;
        AtomicLong fresh = new AtomicLong(1_000);
        for (Act act : under) {
            held = held.plus(List.of(span(fresh.getAndIncrement(), act.start, act.start + 3L * act.length, "F")), fresh::getAndIncrement);
        }
        Progression more = Progression.EMPTY;
        for (Act act : acts) {
            ChordSpan span = span(fresh.getAndIncrement(), act.start, act.start + act.length, "C");
            if (more.spans().stream().noneMatch(other -> other.start() < span.end() && span.start() < other.end())) {
                more = more.plus(List.of(span), fresh::getAndIncrement);
            }
        }
        Progression one = held;
        for (ChordSpan span : more.spans()) {
            one = one.plus(List.of(span), fresh::getAndIncrement);
        }
        assertThat(text(held.plus(more.spans(), fresh::getAndIncrement))).isEqualTo(text(one));
    }

    @Test
    void aChordThatIsPutInMakesRoomForItself() {
        assertThat(text(plus(THREE, span(9, 50, 150, "Am")))).isEqualTo("C@0–50 Am@50–150 F@150–200 G7@300–400");
        assertThat(text(plus(THREE, span(9, 0, 400, "Am")))).isEqualTo("Am@0–400");
        assertThat(text(plus(THREE, span(2, 200, 300, "F")))).isEqualTo("C@0–100 F@200–300 G7@300–400");
    }

    @Test
    void edgesTakeTheirNeighboursAlong() {
        assertThat(text(THREE.resized(2, 120, 200, () -> 90))).isEqualTo("C@0–120 F@120–200 G7@300–400");
        assertThat(text(THREE.resized(1, 0, 150, () -> 90))).isEqualTo("C@0–150 F@150–200 G7@300–400");
        assertThat(text(THREE.resized(1, 0, 250, () -> 90))).isEqualTo("C@0–250 G7@300–400");
        assertThat(text(THREE.resized(2, 100, 350, () -> 90))).isEqualTo("C@0–100 F@100–350 G7@350–400");
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
        AtomicLong fresh = new AtomicLong(1_000);
        for (Act act : acts) {
            progression = progression.plus(List.of(span(id++, act.start, act.start + act.length, "C")), fresh::getAndIncrement);
            if (act.which >= 0) {
                ChordSpan any = progression.spans().get(act.which % progression.spans().size());
                progression = progression.resized(any.id(), act.from, act.to, fresh::getAndIncrement);
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
