package amberfence.edit;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.demo.LanternFerry;
import amberfence.format.project.ProjectDocument;
import amberfence.format.project.ProjectReader;
import amberfence.format.project.ProjectWriter;
import amberfence.notes.Line;
import amberfence.notes.LineText;
import amberfence.notes.Note;
import amberfence.notes.NoteSet;
import amberfence.result.PartResult;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.Step;
import amberfence.step.chord.PlayChords;
import amberfence.step.fence.BringInside;
import amberfence.step.fit.FitChords;
import amberfence.step.fit.FollowChords;
import amberfence.step.fit.Harmony;
import amberfence.step.fit.Held;
import amberfence.step.move.Mirror;
import amberfence.step.move.Move;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class HandEditsTest {
    private static final HandEdits HANDS = new HandEdits("By hand");
    private final Song song = LanternFerry.plain();

    private static int heard(Song song, int part, long note) {
        return PartResult.of(song, song.part(part)).line().note(note).orElseThrow().pitch();
    }

    @Test
    void theOriginalOfAnImportedPartIsKeptAndATakeIsEditedInstead() {
        Note first = song.part(0).line().notes().get(0);
        Song edited = HANDS.edit(song, 0, LineEdit.delete(NoteSet.of(List.of(first.id()))));
        assertThat(edited.part(0).takes()).hasSize(2);
        assertThat(edited.part(0).takes().get(0)).isEqualTo(song.part(0).takes().get(0));
        assertThat(edited.part(0).take().name()).isEqualTo("By hand");
        assertThat(edited.part(0).line().size()).isEqualTo(song.part(0).line().size() - 1);
        Song again = HANDS.edit(edited, 0, LineEdit.delete(NoteSet.of(edited.part(0).line().notes().subList(0, 1).stream()
                .map(Note::id).toList())));
        assertThat(again.part(0).takes()).hasSize(2);
    }

    @Test
    void anEditThatChangesNothingGivesTheSongItself() {
        assertThat(HANDS.edit(song, 0, LineEdit.delete(NoteSet.NONE))).isSameAs(song);
        assertThat(HANDS.hearAt(song, 0, Map.of())).isSameAs(song);
    }

    @Test
    void movesTheNoteBehindSoThatTheNewPitchIsHeard() {
        // F♯4 is brought inside to F4; moved up to A4 by hand, it is heard there.
        Song stepped = song.plusStep(0, BringInside.USUAL);
        Note raised = song.part(0).line().notes().stream().filter(note -> note.pitch() == 66).findFirst().orElseThrow();
        assertThat(heard(stepped, 0, raised.id())).isEqualTo(65);
        Song moved = HANDS.hearAt(stepped, 0, Map.of(raised.id(), 69));
        assertThat(heard(moved, 0, raised.id())).isEqualTo(69);
        assertThat(moved.part(0).steps()).hasSize(1);
    }

    @Test
    void movesThroughAMirrorToo() {
        Song stepped = song.plusStep(0, new Mirror(69, false));
        Note first = song.part(0).line().notes().get(0);
        assertThat(heard(stepped, 0, first.id())).isEqualTo(2 * 69 - first.pitch());
        Song moved = HANDS.hearAt(stepped, 0, Map.of(first.id(), 76));
        assertThat(heard(moved, 0, first.id())).isEqualTo(76);
        assertThat(moved.part(0).line().note(first.id()).orElseThrow().pitch()).as("what is mirrored went the other way").isEqualTo(2 * 69 - 76);
        Song higher = HANDS.hearAt(song.plusStep(0, new Move(Move.Unit.OCTAVES, 1)), 0, Map.of(first.id(), 76));
        assertThat(heard(higher, 0, first.id())).isEqualTo(76);
        assertThat(higher.part(0).line().note(first.id()).orElseThrow().pitch()).isEqualTo(76 - 12);
    }

    @Test
    void aCommandDoesAStepOnceToSomeNotes() {
        NoteSet some = NoteSet.of(song.part(1).line().notes().stream().limit(3).map(Note::id).toList());
        HandEdits.Done done = HANDS.command(song, 1, new Move(Move.Unit.OCTAVES, 1), some);
        Line before = song.part(1).line();
        Line after = done.song().part(1).line();
        for (int i = 0; i < before.size(); i++) {
            int up = after.note(before.notes().get(i).id()).orElseThrow().pitch() - before.notes().get(i).pitch();
            assertThat(up).isEqualTo(i < 3 ? 12 : 0);
        }
        assertThat(done.outcome().changes()).hasSize(3);
        assertThat(done.song().part(1).steps()).isEmpty();
    }

    @Test
    void aCommandOnDrumsIsMeant() {
        Part drums = song.parts().get(4);
        HandEdits.Done done = HANDS.command(song, drums.id(), new Move(Move.Unit.SEMITONES, 1), NoteSet.of(drums.line()));
        assertThat(done.outcome().changes()).hasSize(drums.line().size());
    }

    @Test
    void pastesAtATickOnTheChannelOfThePart() {
        Clip clip = Clip.of(song.part(0).line().notes().subList(0, 2), song.time());
        Song pasted = HANDS.edit(song, 1,
                LineEdit.add(clip.at(480, song.time().ticksPerQuarter(), song.part(1).channel())));
        List<Note> fresh = pasted.part(1).line().notes().stream().filter(note -> note.id() >= song.nextId()).toList();
        assertThat(fresh).hasSize(2).allMatch(note -> note.channel() == song.part(1).channel());
        assertThat(fresh.get(0).start()).isEqualTo(480);
    }

    @Test
    void aStepDoneOnceGivesTheNotesThatItMakesNumbersOfTheirOwn() throws Exception {
        for (Step step : List.of(Harmony.USUAL, PlayChords.USUAL, FollowChords.USUAL, FitChords.USUAL.withHeld(Held.SPLIT))) {
            // One long note under many chords is struck again where it is split.
            Song ferry = LanternFerry.song();
            Song song = ferry.withNextId(ferry.nextId() + 10).withPart(2, part -> part.withTake(take -> take.withLine(
                    LineText.parse("[D3 F3 A3]:8 [C3 E3 G3]:8", 1440, 2, ferry.nextId()))));
            HandEdits.Done done = new HandEdits("Take 2").command(song, 2, step, NoteSet.ALL);
            assertThat(done.outcome().added()).as(step.toString()).isPositive();
            assertThat(done.song().part(2).line().notes()).extracting(Note::id)
                    .allMatch(id -> id > 0 && id < done.song().nextId()).doesNotHaveDuplicates();
            assertThat(ProjectReader.read(ProjectWriter.write(ProjectDocument.of(done.song())), "x").song()).isEqualTo(done.song());
        }
    }
}
