package amberfence.step.fence;

import static amberfence.step.Doing.doing;
import static org.assertj.core.api.Assertions.assertThat;

import amberfence.notes.Fence;
import amberfence.notes.KeyPlan;
import amberfence.notes.LineText;
import amberfence.notes.Role;
import amberfence.notes.TimeMap;
import amberfence.reading.SoundingChords;
import amberfence.result.SongResults;
import amberfence.song.Origin;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.Kept;
import amberfence.step.Outcome;
import amberfence.theory.Key;
import java.util.List;
import org.junit.jupiter.api.Test;

/** In 4/4 with eighths, the second, fourth … note of a line is off the beat. */
class LetPassTest {
    private static BringInside letting(boolean passing, boolean neighbours, boolean approaches) {
        return BringInside.USUAL.withLetPass(new LetPass(passing, neighbours, approaches, 8));
    }

    @Test
    void letsAPassingNotePassAndListsIt() {
        Outcome outcome = doing(letting(true, false, false)).on("F4 F#4 G4").gives("F4 F#4 G4").outcome();
        assertThat(outcome.kept()).extracting(Kept::reason).containsExactly(new FenceReason.Passing(65, 67));
        doing(letting(true, false, false)).on("A4 Ab4 G4").gives("A4 Ab4 G4");
        doing(letting(false, true, true)).on("F4 F#4 G4").gives("F4 F4 G4");
    }

    @Test
    void letsANeighbourNoteReturn() {
        Outcome outcome = doing(letting(false, true, false)).on("G4 F#4 G4").gives("G4 F#4 G4").outcome();
        assertThat(outcome.kept()).extracting(Kept::reason).containsExactly(new FenceReason.Neighbour(67));
        doing(letting(true, false, false)).on("G4 F#4 G4").gives("G4 F4 G4");
    }

    @Test
    void whatIsLongOrOnABeatOrLeapsIsBroughtInside() {
        doing(letting(true, true, false)).on("F4 F#4:2 G4").gives("F4 F4:2 G4");
        doing(letting(true, true, false)).on("F4:2 F#4 G4").gives("F4:2 F4 G4");
        doing(letting(true, true, false)).on("C4 F#4 G4").gives("C4 F4 G4");
        doing(letting(true, true, false)).on("F4 F#4").gives("F4 G4");
        doing(BringInside.USUAL.withLetPass(new LetPass(true, false, false, 16))).on("F4 F#4 G4").gives("F4 F4 G4");
    }

    @Test
    void letsASemitoneLeadIntoAChordNote() {
        TimeMap time = TimeMap.usual(480);
        Song song = new Song("x", time, Fence.of(KeyPlan.of(Key.parse("C major"))), List.of(
                Part.of(0, "tune", Role.MELODY, 0, LineText.parse("C4 F#4 G4 Eb4 D4", 240, 0, 1)),
                Part.of(1, "chords", Role.CHORDS, 1, LineText.parse("[C3 E3 G3]:8", 240, 1, 10))),
                Origin.MADE, 20);
        SoundingChords chords = SongResults.of(song).surroundings(song.part(0)).chords();
        Outcome outcome = doing(letting(false, false, true)).on("C4 F#4 G4 Eb4 D4").over(chords)
                .gives("C4 F#4 G4 E4 D4").outcome();
        assertThat(outcome.kept()).extracting(Kept::reason).containsExactly(new FenceReason.Approach(67));
        doing(letting(false, false, true)).on("C4 F#4 G4").gives("C4 F4 G4");
    }
}
