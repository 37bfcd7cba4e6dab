package amberfence.step.fence;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.reading.VoiceSplitter;
import amberfence.song.Line;
import amberfence.song.Note;
import amberfence.theory.Key;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** The exact search where voices hang together, against every combination of choices. */
class ManyVoicesTest {
    private final Random random = new Random(8);

    private List<Note> notes(int count) {
        List<Note> notes = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            notes.add(new Note(i + 1, random.nextInt(5) * 100L, 60 + random.nextInt(300), 58 + random.nextInt(14), 80, 0, 64));
        }
        return Line.of(notes).notes();
    }

    private static LineGraph graph(List<Note> notes, String key) {
        Neighbours neighbours = new Neighbours(Key.parse(key).pitchClasses());
        int[] low = notes.stream().mapToInt(note -> neighbours.below(note.pitch())).toArray();
        int[] high = notes.stream().mapToInt(note -> neighbours.above(note.pitch())).toArray();
        return new LineGraph(notes, low, high);
    }

    private static long cost(LineGraph graph, int[] pitches) {
        long cost = 0;
        for (int note = 0; note < pitches.length; note++) {
            cost += ShapeCost.distance(graph.pitch(note), pitches[note]);
            Set<Integer> earlier = new HashSet<>();
            if (graph.previous[note] >= 0) {
                earlier.add(graph.previous[note]);
            }
            for (int other : graph.together[note]) {
                earlier.add(other);
            }
            for (int other : earlier) {
                cost += graph.cost(other, pitches[other], note, pitches[note]);
            }
        }
        return cost;
    }

    @Test
    void costsAsLittleAsTheBestOfAllCombinations() {
        for (int round = 0; round < 1500; round++) {
            List<Note> notes = notes(2 + random.nextInt(9));
            LineGraph graph = graph(notes, round % 2 == 0 ? "C major" : "A minor pentatonic");
            long best = Long.MAX_VALUE;
            for (int choice = 0; choice < 1 << notes.size(); choice++) {
                int[] pitches = new int[notes.size()];
                for (int i = 0; i < pitches.length; i++) {
                    pitches[i] = (choice >> i & 1) == 0 ? graph.low[i] : graph.high[i];
                }
                best = Math.min(best, cost(graph, pitches));
            }
            assertThat(cost(graph, LineShape.solve(graph))).isEqualTo(best);
        }
    }

    @Test
    void everyVoiceIsALineOfItsOwn() {
        for (int round = 0; round < 500; round++) {
            List<Note> notes = notes(2 + random.nextInt(30));
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
}
