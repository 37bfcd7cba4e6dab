package amberfence.step.fence;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.NoteArrays;
import amberfence.notes.NoteColumns;
import amberfence.reading.VoiceSplitter;
import amberfence.theory.Key;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

/** The exact search where voices hang together, against every combination of choices. */
class ManyVoicesTest {
    private static Arbitrary<List<Note>> notes(int most) {
        return Combinators.combine(Arbitraries.integers().between(0, 4), Arbitraries.integers().between(60, 359), Arbitraries.integers().between(58, 71))
                .as((place, length, pitch) -> new Note(1, place * 100L, length, pitch, 80, 0, 64)).list().ofMinSize(2).ofMaxSize(most)
                .map(notes -> Line.of(IntStream.range(0, notes.size()).mapToObj(i -> notes.get(i).withId(i + 1)).toList()).notes());
    }

    @Provide
    Arbitrary<List<Note>> few() {
        return notes(10);
    }

    @Provide
    Arbitrary<List<Note>> many() {
        return notes(31);
    }

    private static LineGraph graph(List<Note> notes, String key) {
        Neighbours neighbours = new Neighbours(Key.parse(key).pitchClasses());
        Candidates candidates = new Candidates(notes.size());
        for (int i = 0; i < notes.size(); i++) {
            candidates.near(i, notes.get(i).pitch(), neighbours);
        }
        return new LineGraph(NoteColumns.of(notes), NoteArrays.of(notes), candidates);
    }

    private static long cost(LineGraph graph, byte[] pitches) {
        long cost = 0;
        for (int note = 0; note < pitches.length; note++) {
            cost += ShapeCost.distance(graph.pitch(note), pitches[note]);
            Set<Integer> earlier = new HashSet<>();
            if (graph.previous[note] >= 0) {
                earlier.add(graph.previous[note]);
            }
            for (int other : graph.together(note)) {
                earlier.add(other);
            }
            for (int other : earlier) {
                cost += graph.cost(other, pitches[other], note, pitches[note]);
            }
        }
        return cost;
    }

    @Property(tries = 1500)
    void costsAsLittleAsTheBestOfAllCombinations(@ForAll("few") List<Note> notes, @ForAll boolean gaps) {
        LineGraph graph = graph(notes, gaps ? "A minor pentatonic" : "C major");
        long best = Long.MAX_VALUE;
        for (int choice = 0; choice < 1 << notes.size(); choice++) {
            byte[] pitches = new byte[notes.size()];
            for (int i = 0; i < pitches.length; i++) {
                pitches[i] = (byte) ((choice >> i & 1) == 0 ? graph.low(i) : graph.high(i));
            }
            best = Math.min(best, cost(graph, pitches));
        }
        assertThat(cost(graph, LineShape.solve(graph))).isEqualTo(best);
    }

    @Property(tries = 500)
    void everyVoiceIsALineOfItsOwn(@ForAll("many") List<Note> notes) {
        int[] previous = VoiceSplitter.previous(notes);
        Set<Integer> led = new HashSet<>();
        for (int i = 0; i < previous.length; i++) {
            if (previous[i] >= 0) {
                assertThat(previous[i]).isLessThan(i);
                assertThat(led.add(previous[i])).as("a note leads to one note at most").isTrue();
                assertThat(notes.get(previous[i]).start()).isLessThan(notes.get(i).start());
            }
        }
    }
}
