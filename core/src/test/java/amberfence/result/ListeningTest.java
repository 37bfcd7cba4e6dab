package amberfence.result;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.demo.LanternFerry;
import amberfence.notes.Line;
import amberfence.notes.LineText;
import amberfence.notes.Note;
import amberfence.notes.Role;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.ChordSource;
import amberfence.step.Finding;
import amberfence.step.fit.FitChords;
import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.Assertions;
import org.junit.jupiter.api.Test;

/** Parts that listen to parts: each is worked out once, and circles come to an end. */
class ListeningTest {
    private static final long QUARTER = 480;

    private static Song parts(int count) {
        Song song = Song.empty("circle");
        for (int i = 0; i < count; i++) {
           
            song = song.plusEmptyPart("Part " + i, Role.MELODY);
            int id = song.parts().get(i).id();
            Line line = LineText.parse(i % 2 == 0 ? "[C4 E4 G4]:4 [F4 A4 C5]:4" : "[D4 F4 A4]:4 [G4 B4 D5]:4", QUARTER, i % 16,
                    song.nextId());
            song = song.withPart(id, old -> old.withTake(take -> take.withLine(line))).withNextId(song.nextId() + 6);
        }
        return song;
    }

    private static Song listening(Song song, int by, int to) {
        List<Part> parts = song.parts();
        return song.plusStep(parts.get(by).id(), FitChords.USUAL.withSource(ChordSource.of(parts.get(to).id())));
    }

    private static List<Integer> pitches(PartResult result) {
        return result.line().notes().stream().map(Note::pitch).toList();
    }

    @Test
    void eightPartsThatAllListenToEachOtherComeToAnEnd() {
        Song song = parts(8);
        for (int by = 0; by < 8; by++) {
            for (int to = 0; to < 8; to++) {
                song = by == to ? song : listening(song, by, to);
            }
        }
        Song circle = song;
        Assertions.assertTimeoutPreemptively(Duration.ofMinutes(1), () -> {
            var results = PartResult.all(circle);
            assertThat(results.get(circle.parts().get(0).id()).stages()).allSatisfy(stage -> assertThat(stage.outcome().findings())
                    .contains(new Finding.ListensInCircle(8)));
        });
    }

    @Test
    void twentyPartsOfWhichEachListensToTwoBeforeItAreWorkedOutOnce() {
        Song song = parts(20);
        for (int by = 2; by < 20; by++) {
            song = listening(listening(song, by, by - 1), by, by - 2);
        }
        Song chain = song;
        // Along every path anew there would be some ten thousand.
        Assertions.assertTimeoutPreemptively(Duration.ofMinutes(1), () -> PartResult.all(chain));
    }

    @Test
    void twoThatListenToEachOtherHearTheOtherAsItHearsTheirNotesBeforeAnyStep() {
        Song song = listening(listening(parts(2), 0, 1), 1, 0);
        Song first = listening(parts(2), 1, 0);
        Line asHeard = PartResult.of(first, first.parts().get(1)).line();
        Song settled = parts(2).withPart(song.parts().get(1).id(), part -> part.withTake(take -> take.withLine(asHeard)));
        Song then = listening(settled, 0, 1);
        PartResult result = PartResult.of(song, song.parts().get(0));
        assertThat(pitches(result)).isEqualTo(pitches(PartResult.of(then, then.parts().get(0))));
        assertThat(result.stages().get(0).outcome().findings()).contains(new Finding.ListensInCircle(2));
    }

    @Test
    void theDemoHearsAsBefore() {
        Song song = LanternFerry.song();
        assertThat(PartResult.all(song).keySet()).hasSize(song.parts().size());
        song.parts().forEach(part -> assertThat(PartResult.all(song).get(part.id())).isEqualTo(PartResult.of(song, part)));
    }
}
