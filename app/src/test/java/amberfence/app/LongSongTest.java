package amberfence.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.app.hands.NoteCommands;
import amberfence.notes.ChordSpan;
import amberfence.notes.Fence;
import amberfence.notes.KeyPlan;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.Progression;
import amberfence.notes.Role;
import amberfence.notes.TimeMap;
import amberfence.song.Origin;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.catalogue.StepCatalogue;
import amberfence.step.fence.BringInside;
import amberfence.step.fit.FitBass;
import amberfence.step.move.Move;
import amberfence.step.move.MoveToKey;
import amberfence.theory.Chord;
import amberfence.theory.Key;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.atomic.AtomicReference;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.skin.VirtualFlow;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** A part of sixty thousand notes: worked out off the interface thread, scrolled and zoomed without trouble. */
class LongSongTest extends WindowTest {
    private static final int NOTES = 60_000;

    @Override
    protected Song song() {
        Random random = new Random(9);
        List<Note> notes = new ArrayList<>();
        for (int i = 0; i < NOTES; i++) {
            notes.add(new Note(i + 1, i * 120L, 110, 50 + random.nextInt(30), 80, 0, 64));
        }
        return new Song("Long", TimeMap.usual(480), Fence.of(KeyPlan.of(Key.parse("C major"))),
                List.of(Part.of(0, "Endless", Role.MELODY, 0, new Line(notes))), Origin.MADE, NOTES + 1);
    }

    @Test
    void isWorkedOutOffTheInterfaceThread() {
        waitUntil(() -> session.results().get() != null && !session.working().get());
        interact(() -> session.edit("add", song -> song.plusStep(0, BringInside.USUAL)));
        waitUntil(() -> !session.working().get() && !session.results().get().part(0).stages().isEmpty());
        interact(() -> session.selection().openStep(session.song().parts().get(0).steps().get(0).id()));
        assertThat(text("changes-heading")).endsWith("CHANGES BY “BRING INSIDE”");
        assertThat(lookup("#change-rows").queryListView().getItems().size()).isGreaterThan(20_000);
        click("zoom-song");
        clickOn("#ladder").push(KeyCode.END);
        assertThat(session.selection().notes().get()).containsExactly((long) NOTES);
        push(KeyCode.CONTROL, KeyCode.Z);
        waitUntil(() -> !session.working().get() && session.results().get().part(0).stages().isEmpty());
        assertThat(session.song()).isEqualTo(song());
    }

    @Test
    void theListOfChangesStaysWhereItWasScrolledWhenANoteFarAwayIsEdited() {
        waitUntil(() -> session.results().get() != null && !session.working().get());
        interact(() -> session.addStep(0, "add", song -> BringInside.USUAL));
        waitUntil(() -> !session.working().get() && !session.results().get().part(0).stages().isEmpty());
        settle();
        long first = session.results().get().part(0).stages().get(0).outcome().changes().get(0).note().id();
        interact(() -> session.selection().selectNotes(Set.of(first)));
        settle();
        interact(() -> lookup("#change-rows").queryListView().scrollTo(700));
        int before = lookup("#change-rows").queryListView().getItems().size();
        interact(() -> session.editPart("outside", part -> part.withTake(take -> take.withLine(part.line().with(note -> note.id() > NOTES - 10, note -> note.withPitch(61))))));
        waitUntil(() -> !session.working().get() && lookup("#change-rows").queryListView().getItems().size() != before);
        settle();
        assertThat(lookup("#change-rows").queryListView().getSelectionModel().getSelectedIndex()).isZero();
        VirtualFlow<?> flow = lookup("#change-rows .virtual-flow").query();
        assertThat(flow.getFirstVisibleCell().getIndex()).isEqualTo(700);
    }

    @Test
    void threeQuickPressesCountThree() {
        waitUntil(() -> session.results().get() != null && !session.working().get());
        interact(() -> session.addStep(0, "move", song -> new Move(Move.Unit.SEMITONES, 1)));
        waitUntil(() -> !session.working().get() && lookup("#move-amount-more").tryQuery().isPresent());
        interact(() -> {
            for (int i = 0; i < 3; i++) {
                ((Button) lookup("#move-amount-more").query()).fire();
            }
        });
        waitUntil(() -> !session.working().get());
        assertThat(session.song().part(0).steps().get(0).step()).isEqualTo(new Move(Move.Unit.SEMITONES, 4));
    }

    @Test
    void smallOverlapsComeByThemselvesAndAnEditDoesNotWaitForThem() {
        ready();
        assertThat(isShown("overlaps")).isFalse();
        // Each note reaches five ticks into the next.
        interact(() -> session.editPart("longer", part -> part.withTake(take -> take.withLine(part.line().with(note -> true, note -> note.withLength(125))))));
        waitUntil(() -> isShown("overlaps"));
        assertThat(text("overlaps")).isEqualTo("59,999 overlaps");
        interact(() -> session.editPart("shorter", part -> part.withTake(take -> take.withLine(part.line().with(note -> note.id() <= 100, note -> note.withLength(120))))));
        waitUntil(() -> text("overlaps").equals("59,899 overlaps"));
        interact(() -> session.undo());
        interact(() -> session.undo());
        waitUntil(() -> !isShown("overlaps"));
    }

    private void ready() {
        waitUntil(() -> session.results().get() != null && !session.working().get());
    }

    @Test
    void notesMovedBehindAStepAreWorkedOutElsewhereToo() {
        ready();
        interact(() -> session.addStep(0, "key", song -> new MoveToKey(Optional.empty(), Key.parse("C minor"), MoveToKey.Way.NEAREST)));
        ready();
        NoteCommands commands = new NoteCommands(session);
        interact(() -> {
            commands.selection().all();
            Song before = session.song();
            commands.move(Move.Unit.OCTAVES, 1);
            commands.move(Move.Unit.OCTAVES, -1);
            commands.move(Move.Unit.OCTAVES, 1);
            assertThat(session.song()).as("nothing is worked out while the window waits").isSameAs(before);
            assertThat(session.working().get()).isTrue();
        });
        ready();
        assertThat(session.song().part(0).line().notes()).extracting(Note::pitch).containsExactlyElementsOf(
                song().part(0).line().notes().stream().map(note -> note.pitch() + 12).toList());
        assertThat(session.edits()).as("three edits by name").hasSize(1 + 1 + 3);
    }

    @Test
    void theFootSaysThatSomethingTakesLongUntilItIsThere() {
        ready();
        String before = text("status");
        List<String> said = new ArrayList<>();
        interact(() -> {
            ((Label) lookup("#status").query()).textProperty().addListener((property, old, now) -> said.add(now));
            List<ChordSpan> chords = new ArrayList<>();
            for (int bar = 0; bar < NOTES / 16; bar++) {
                chords.add(ChordSpan.of(NOTES + 1 + bar, bar * 1920L, (bar + 1) * 1920L, Chord.parse(bar % 2 == 0 ? "Dm7" : "G7")));
            }
            session.edit("chords", song -> song.withProgression(new Progression(chords)).withNextId(2 * NOTES));
            session.addStep(0, "bass", song -> FitBass.USUAL);
        });
        ready();
        assertThat(said).contains("Working it out …").last().asString().startsWith(before.substring(0, before.indexOf(" notes")));
    }

    @Test
    void undoTakesBackWhatIsStillBeingWorkedOut() {
        ready();
        NoteCommands commands = new NoteCommands(session);
        interact(() -> {
            commands.selection().all();
            commands.move(Move.Unit.OCTAVES, 1);
            session.undo();
        });
        ready();
        assertThat(session.song()).isEqualTo(song());
        assertThat(session.edits()).hasSize(1);
    }

    @Test
    void theSheetOfAStepDoneOnceOpensAtOnceAndThenSaysWhatItWouldDo() {
        ready();
        clickOn("#ladder").push(KeyCode.CONTROL, KeyCode.A);
        AtomicReference<String> first = new AtomicReference<>();
        interact(() -> {
            workspace.openOnce(StepCatalogue.find("to-key").orElseThrow());
            first.set(((Label) lookup("#once-preview").query()).getText());
        });
        assertThat(first.get()).isEqualTo("Working it out …");
        waitUntil(() -> text("once-preview").contains(" notes would change"));
        clickOn("#once-apply");
        ready();
        assertThat(session.undoName()).hasValueSatisfying(name -> assertThat(name).startsWith("Move to another key"));
        assertThat(session.song().part(0).line().size()).isEqualTo(NOTES);
    }

    /** What is shown is still the song before then. */
    @Test
    void aNudgeRightAfterTheNoteWasTakenAwayDoesNothing() {
        waitUntil(() -> session.results().get() != null && !session.working().get());
        interact(() -> session.selection().selectNotes(Set.of(7L)));
        interact(() -> {
            session.edit("take away", song -> song.withPart(0, part -> part.withTake(take -> take.withLine(Line.of(part.line().notes().subList(7, NOTES))))));
            new NoteCommands(session).nudge(true);
            new NoteCommands(session).duplicate();
            new NoteCommands(session).cutAtGrid();
        });
        settle();
        assertThat(session.song().part(0).line().size()).isEqualTo(NOTES - 7);
    }
}
