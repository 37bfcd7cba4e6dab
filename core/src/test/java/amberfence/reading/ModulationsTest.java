package amberfence.reading;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.analysis.SongKeys;
import amberfence.demo.LanternFerry;
import amberfence.notes.Fence;
import amberfence.notes.KeyPlan;
import amberfence.notes.Line;
import amberfence.notes.LineText;
import amberfence.notes.Note;
import amberfence.notes.Role;
import amberfence.notes.TimeMap;
import amberfence.song.Origin;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.theory.Key;
import amberfence.theory.PitchClass;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class ModulationsTest {
    private static Song song(Line line, TimeMap time) {
        return new Song("x", time, Fence.of(KeyPlan.of(Key.parse("C major"))),
                List.of(Part.of(0, "tune", Role.MELODY, 0, line)), Origin.MADE, 1_000_000);
    }

    private static List<String> keys(Song song) {
        return SongKeys.changes(song, KeyFamily.MODES).stream()
                .map(span -> span.fromBar() + "–" + span.toBar() + " " + span.candidate().key().text()).toList();
    }

    @Test
    void findsTheBridgeOfTheDemo() {
        List<String> found = keys(LanternFerry.plain());
        assertThat(found).hasSize(3);
        assertThat(found.get(0)).endsWith("D dorian");
        assertThat(found.get(1)).endsWith("F major");
        assertThat(found.get(2)).endsWith("D dorian");
    }

    @Test
    void aTuneThatStaysInItsKeyIsOneSpan() throws IOException {
        List<String> wandering = new ArrayList<>();
        for (Tune tune : Tune.all()) {
            if (keys(song(tune.line(), tune.time())).size() > 1) {
                wandering.add(tune.name());
            }
        }
        System.out.println("taken for modulating: " + wandering);
        assertThat(wandering).hasSizeLessThanOrEqualTo(2);
    }

    /** A tune and the same tune in another key behind it: the bar where the key changes is known. */
    @Test
    void findsWhereATuneGoesOnInAnotherKey() throws IOException {
        int found = 0;
        int plain = 0;
        int asked = 0;
        StringBuilder missed = new StringBuilder();
        for (Tune tune : Tune.all()) {
            for (int up : new int[] {2, 5, 8}) {
                int bar = tune.time().barOf(tune.line().end() - 1) + 1;
                long shift = tune.time().barStart(bar);
                List<Note> moved = tune.line().notes().stream().map(note -> note.withStart(note.start() + shift)
                        .withPitch(note.pitch() + up).withId(note.id() + 10_000)).toList();
                Line both = Line.of(Stream.concat(tune.line().notes().stream(), moved.stream()).toList());
                List<Modulations.Span> spans = SongKeys.changes(song(both, tune.time()), KeyFamily.MODES);
                boolean right = spans.size() == 2 && Math.abs(spans.get(1).fromBar() - bar) <= 1;
                asked++;
                plain += Math.abs(firstBarOutside(both, tune) - bar) <= 1 ? 1 : 0;
                found += right ? 1 : 0;
                missed.append(right ? "" : tune.name() + " +" + up + "; ");
            }
        }
        System.out.printf("changes of key found to a bar: %d of %d, by the first note outside alone %d; missed: %s%n", found, asked, plain,
                missed);
        assertThat(found).as("better than who waits for the first note outside the key").isGreaterThan(plain);
    }

    /** The simplest way to find a change of key, knowing the first one: the bar of the first note that is not in it. */
    private static int firstBarOutside(Line line, Tune tune) {
        return line.notes().stream().filter(note -> !tune.key().contains(PitchClass.of(note.pitch()))).findFirst()
                .map(note -> tune.time().barOf(note.start())).orElse(0);
    }

    @Test
    void silenceTellsNoKey() {
        assertThat(keys(song(Line.EMPTY, TimeMap.usual(480)))).isEmpty();
        assertThat(keys(song(LineText.parse("C4", 240, 0, 1), TimeMap.usual(480)))).hasSizeLessThanOrEqualTo(1);
    }
}
