package amberfence.step;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberfence.demo.LanternFerry;
import amberfence.format.project.ProjectDocument;
import amberfence.format.project.ProjectReader;
import amberfence.format.project.ProjectWriter;
import amberfence.notes.Line;
import amberfence.notes.LineText;
import amberfence.notes.Note;
import amberfence.notes.NoteIdentity;
import amberfence.notes.NoteSet;
import amberfence.result.PartResult;
import amberfence.result.SongResults;
import amberfence.song.Song;
import amberfence.step.fence.BringInside;
import amberfence.step.fence.FenceReason;
import amberfence.step.fit.Harmony;
import amberfence.step.fit.HarmonyLine;
import amberfence.step.move.Move;
import amberfence.step.pick.Pick;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Notes that a step made are notes like any other: picked, left, moved, pointed back to where they came from. */
class MadeNotesTest {
    private static final Harmony EXACT = new Harmony(Harmony.Way.EXACT, List.of(new HarmonyLine(3, true)), ChordSource.USUAL, false, false,
            false);

    /** The tune of the demo in three steps: a harmony that goes outside, bringing inside, and a move of the lowest. */
    private static Song song() {
        Song song = LanternFerry.song().withPart(0, part -> part.withSteps(List.of()));
        return song.plusStep(0, EXACT).plusStep(0, BringInside.USUAL).plusStep(0, new Move(Move.Unit.OCTAVES, -1),
                Optional.of(Pick.parse("lowest")));
    }

    private static PartResult.Stage stage(Song song, int index) {
        return PartResult.of(song, song.part(0)).stages().get(index);
    }

    private static Song leaving(Song song, int index, long note) {
        StepSlot slot = song.part(0).steps().get(index);
        return song.withPart(0, part -> part.withSteps(part.steps().stream().map(same -> same.id() == slot.id()
                ? same.withLeft(note, true) : same).toList()));
    }

    @Test
    void canBeLeftByTheStepsBehind() {
        Song song = song();
        List<Change> changes = stage(song, 1).outcome().changes();
        Change ofMade = changes.stream().filter(change -> !NoteIdentity.isOwn(change.note().id())).findFirst().orElseThrow();
        PartResult.Stage left = stage(leaving(song, 1, ofMade.note().id()), 1);
        assertThat(left.outcome().changes()).hasSize(changes.size() - 1).noneMatch(change -> change.note().equals(ofMade.note()));
        assertThat(left.outcome().out().notes()).contains(ofMade.note());
    }

    @Test
    void areFoundByThePickOfAStepBehind() {
        Song song = LanternFerry.song().withPart(0, part -> part.withSteps(List.of()));
        Song below = song.plusStep(0, new Harmony(Harmony.Way.SCALE, List.of(new HarmonyLine(6, false)), ChordSource.USUAL, false, false,
                false)).plusStep(0, new Move(Move.Unit.OCTAVES, -1), Optional.of(Pick.parse("lowest")));
        Outcome moved = stage(below, 1).outcome();
        assertThat(moved.considered()).isEqualTo(song.part(0).line().size());
        assertThat(moved.changes()).hasSize(moved.considered()).allMatch(change -> !NoteIdentity.isOwn(change.note().id()));
    }

    @Test
    void canBeLeftUnmadeOneByOneAndMadeAgain() {
        Song song = song();
        Change first = stage(song, 0).outcome().changes().get(0);
        assertThat(first.isMade()).isTrue();
        assertThat(first.source()).hasValue(song.part(0).line().notes().get(0));
        Outcome without = stage(leaving(song, 0, first.note().id()), 0).outcome();
        assertThat(without.out().notes()).doesNotContain(first.note());
        assertThat(without.kept()).contains(new Kept(first.note(), new Reason.LeftByHand(), true));
        assertThat(without.untouched()).isEqualTo(stage(song, 0).outcome().untouched());
    }

    @Test
    void keepTheirIdentitiesWhenSomethingElseIsEdited() {
        Song song = song();
        Set<Long> before = ids(stage(song, 0).outcome().out());
        Line line = song.part(0).line();
        Note gone = line.notes().get(3);
        Song edited = song.withPart(0, part -> part.withTake(take -> take.withLine(Line.of(line.notes().stream()
                .filter(note -> !note.equals(gone)).toList()))));
        Set<Long> after = ids(stage(edited, 0).outcome().out());
        assertThat(before).containsAll(after);
        assertThat(before).hasSize(after.size() + 2);
    }

    @Test
    void differByWhereTheyCameFromTheSlotAndTheirNumber() {
        Set<Long> ids = new HashSet<>();
        for (long source = 1; source <= 500; source++) {
            for (long slot = 1; slot <= 20; slot++) {
                for (int which = 0; which < 10; which++) {
                    long id = NoteIdentity.derived(source, slot, which);
                    assertThat(NoteIdentity.isOwn(id)).isFalse();
                    ids.add(id);
                    ids.add(NoteIdentity.derived(id, slot + 1, which));
                }
            }
        }
        assertThat(ids).hasSize(200_000);
    }

    @Test
    void whatIsDecidedAboutThemIsSavedAndGoesAlongWithACopy() throws Exception {
        Song song = song();
        Change first = stage(song, 0).outcome().changes().get(0);
        Song left = leaving(song, 0, first.note().id());
        assertThat(ProjectReader.read(ProjectWriter.write(ProjectDocument.of(left)), "x").song()).isEqualTo(left);
        Song copied = left.plusDuplicate(0, "Copy");
        PartResult copy = PartResult.of(copied, copied.parts().get(1));
        assertThat(copy.stages().get(0).outcome().kept()).singleElement().matches(Kept::isUnmade);
        Song taken = left.plusTakeCopy(0, "Take 2");
        assertThat(PartResult.of(taken, taken.part(0)).stages().get(0).outcome().kept()).singleElement().matches(Kept::isUnmade);
    }

    @Test
    void aStepThatForgetsANoteIsRefused() {
        Line line = LineText.parse("C4 D4 E4", 480, 0, 1);
        Surroundings around = SongResults.of(LanternFerry.song()).surroundings(LanternFerry.song().part(0));
        Work work = new Work(line, around);
        work.keep(line.notes().get(0));
        assertThatThrownBy(work::outcome).hasMessage("of 3 notes a step told 1");
        Step forgetful = new Forgetful();
        assertThat(forgetful.tried(line, around).out()).isEqualTo(line);
        assertThat(forgetful.tried(line, around).findings()).singleElement().isInstanceOf(Finding.Failed.class);
    }

    /** Keeps nothing and says nothing. */
    private record Forgetful() implements Step {
        @Override
        public Outcome apply(Line in, Surroundings around) {
            return new Work(in, around).outcome();
        }
    }

    @Test
    void takingAwayHonoursThePickAndWhatIsLeft() {
        Line line = LineText.parse("C4 D4 E4", 480, 0, 1);
        Surroundings around = SongResults.of(LanternFerry.song()).surroundings(LanternFerry.song().part(0))
                .withNotes(NoteSet.of(List.of(1L, 2L)), NoteSet.of(List.of(2L)));
        Work work = new Work(line, around);
        line.notes().forEach(note -> work.remove(note, new FenceReason.LeftOut()));
        Outcome outcome = work.outcome();
        assertThat(outcome.out().notes()).extracting(Note::id).containsExactly(2L, 3L);
        assertThat(outcome.changes()).singleElement().matches(Change::isRemoved);
        assertThat(outcome.kept()).singleElement().matches(kept -> kept.note().id() == 2);
    }

    private static Set<Long> ids(Line line) {
        return new HashSet<>(line.notes().stream().map(Note::id).toList());
    }
}
