package amberfence.step.fence;

import static amberfence.step.Doing.doing;
import static amberfence.step.fence.Bringing.bringing;
import static org.assertj.core.api.Assertions.assertThat;

import amberfence.demo.LanternFerry;
import amberfence.edit.ProgressionEdits;
import amberfence.notes.Role;
import amberfence.reading.SoundingChords;
import amberfence.result.PartResult;
import amberfence.result.SongResults;
import amberfence.result.Standing;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.theory.Chord;
import amberfence.theory.PitchClassSet;
import java.util.List;
import org.junit.jupiter.api.Test;

class ChordTiesTest {
    @Test
    void theChordNoteWinsATie() {
        Song song = LanternFerry.plain();
        Part tune = song.parts().get(0);
        BringInside step = BringInside.USUAL.withTieBreak(TieBreak.CHORD);
        var outcome = step.apply(tune.line(), SongResults.of(song).surroundings(tune));
        // Bar 2 sounds G B D: the F♯ between F and G goes to G.
        assertThat(outcome.changes().get(0).reason()).isEqualTo(new FenceReason.Choice(FenceReason.Why.CHORD_NOTE, 67, 65));
    }

    @Test
    void onStrongBeatsOnlyNotesOfTheChordAreInsideWhenAskedFor() {
        Song song = ProgressionEdits.put(Song.empty("x").plusEmptyPart("tune", Role.MELODY), 0, 1920, Chord.parse("C"));
        SoundingChords chords = SongResults.of(song).surroundings(song.part(1)).chords();
        // D on the first beat is no note of C; on the second it may stay. In the second bar no chord is known.
        doing(BringInside.USUAL.withStrongChords(true)).over(chords).on("D4:2 D4:2 E4:4 D4:4 F#4:4").gives("C4:2 D4:2 E4:4 D4:4 F4:4");
        doing(BringInside.USUAL).over(chords).on("D4:2 D4:2 E4:4").gives("D4:2 D4:2 E4:4");
        doing(BringInside.USUAL.withStrongChords(true).withMoveTo(MoveTo.UP)).over(chords).on("D4:2 D4:2").gives("E4:2 D4:2");
        doing(BringInside.USUAL.withStrongChords(true)).on("D4").gives("D4")
                .finding("the song has no chords yet; put some on the progression strip, or read them from a part");
    }

    @Test
    void saysSoWhenNoOtherPartPlaysChords() {
        bringing("C4 D4 E4 F#4 G4").in("C major").ties(TieBreak.CHORD).gives("C4 D4 E4 F4 G4")
                .finding("no other part plays chords; the line's shape decides instead. Give a part the role of chords");
        assertThat(bringing("C4").in("C major").ties(TieBreak.CHORD).outcome().findings())
                .containsExactly(new FenceFinding.NoChords());
    }

    @Test
    void knowsWhatTheChordPartsSound() {
        Song song = LanternFerry.plain();
        SoundingChords chords = SongResults.of(song).surroundings(song.parts().get(0)).chords();
        assertThat(chords.at(0)).isEqualTo(PitchClassSet.of(2, 5, 9));
        assertThat(chords.at(song.time().barStart(2))).isEqualTo(PitchClassSet.of(7, 11, 2));
        assertThat(chords.at(song.time().barStart(2) - 1)).isEqualTo(PitchClassSet.EMPTY);
    }

    @Test
    void everyNoteOfTheDemoHasAStanding() {
        Song song = LanternFerry.song();
        Part tune = song.parts().get(0);
        List<Standing> standings = Standing.of(song, tune, PartResult.of(song, tune));
        assertThat(standings).hasSameSizeAs(tune.line().notes());
        assertThat(standings).filteredOn(s -> s.kind() == Standing.Kind.KEPT).hasSize(1);
        assertThat(standings).filteredOn(s -> s.kind() == Standing.Kind.MOVED).hasSize(7)
                .allSatisfy(s -> assertThat(s.reason()).isPresent());
        assertThat(Standing.of(song, song.parts().get(4), PartResult.of(song, song.parts().get(4))))
                .allMatch(s -> s.kind() == Standing.Kind.INSIDE);
    }
}
