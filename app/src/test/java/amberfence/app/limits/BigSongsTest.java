package amberfence.app.limits;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.app.WindowTest;
import amberfence.app.hands.NoteCommands;
import amberfence.app.progression.ChordCommands;
import amberfence.demo.LanternFerry;
import amberfence.edit.LineEdit;
import amberfence.edit.ProgressionEdits;
import amberfence.format.project.ProjectDocument;
import amberfence.notes.ChordSpan;
import amberfence.notes.Fence;
import amberfence.notes.KeyPlan;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.NoteSet;
import amberfence.notes.Progression;
import amberfence.notes.Role;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.StepSchema;
import amberfence.step.catalogue.StepCatalogue;
import amberfence.step.fence.BringInside;
import amberfence.step.move.Move;
import amberfence.theory.Chord;
import amberfence.theory.Key;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ListView;
import javafx.scene.control.TableView;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/**
 * Songs far longer than any: the window answers all the same. What is asserted is generous, since machines differ; the
 * figures are printed.
 */
public class BigSongsTest extends WindowTest {
    private static final long FREEZE = Long.getLong("amberfence.freeze", 5000);

    private long worst;

    @Override
    protected Song song() {
        return Song.empty("Small");
    }

    private static Song withParts(Song song, int parts, int notes) {
        Random random = new Random(3);
        List<Part> all = new ArrayList<>();
        long id = 1;
        for (int p = 0; p < parts; p++) {
            List<Note> line = new ArrayList<>(notes);
            for (int i = 0; i < notes; i++) {
                line.add(new Note(id++, i * 120L, 100, 48 + random.nextInt(36), 60 + random.nextInt(40), p % 16 == 9 ? 8 : p % 16, 64));
            }
            all.add(Part.of(p, "Part " + p, Role.MELODY, p % 16 == 9 ? 8 : p % 16, Line.of(line)));
        }
        return song.withParts(all).withNextId(id + 10);
    }

    private static Song withChords(Song song, int chords) {
        List<ChordSpan> spans = new ArrayList<>();
        String[] symbols = {"Dm7", "G7", "Cmaj7", "Am7", "F/A", "E7"};
        for (int i = 0; i < chords; i++) {
            spans.add(ChordSpan.of(song.nextId() + i, i * 960L, (i + 1) * 960L, Chord.parse(symbols[i % symbols.length])));
        }
        return song.withProgression(new Progression(spans)).withNextId(song.nextId() + chords);
    }

    private void measure(Blocks blocks, String what, Runnable act) {
        settled();
        blocks.take();
        long collectedBefore = Blocks.collecting();
        interact(act);
        settled();
        long longest = blocks.take();
        String where = blocks.where();
        System.out.printf("%-60s longest block %5d ms, memory was tidied for %d ms%s%n", what, longest, Blocks.collecting() - collectedBefore,
                longest > 200 ? where : "");
        worst = Math.max(worst, longest);
    }

    @AfterEach
    void noFreeze() {
        assertThat(worst).as("the longest block, see what is printed").isLessThan(FREEZE);
    }

    /** How long everything stood still so far for memory to be tidied, in milliseconds. */
    private void settled() {
        settle();
        // What is worked out beside the window may take its time; what counts here is that the window does not stand still.
        waitUntil(() -> !session.working().get());
        settle();
    }

    private void open(Song song) {
        session.open(ProjectDocument.of(song), null);
    }

    @Test
    void aMillionNotes() {
        Song song = withParts(Song.empty("Million"), 4, 250_000).plusStep(0, BringInside.USUAL);
        try (Blocks blocks = new Blocks()) {
            measure(blocks, "to compare: open the demo, first in this process", () -> open(LanternFerry.song()));
            measure(blocks, "to compare: open the demo again", () -> open(LanternFerry.song()));
            measure(blocks, "open 1,000,000 notes", () -> open(song));
            measure(blocks, "edit with 1,000,000 notes: rename", () -> session.edit("title", old -> old.withTitle("x")));
            measure(blocks, "edit with 1,000,000 notes: a step", () -> session.addStep(1, "move", some -> Move.USUAL));
            measure(blocks, "1,000,000 notes: see all of it", () -> lookup("#zoom-song").tryQuery().ifPresent(node ->
                    ((Button) node).fire()));
            measure(blocks, "1,000,000 notes: another part", () -> session.selection().selectPart(2));
            measure(blocks, "1,000,000 notes: undo", session::undo);
        }
    }

    @Test
    void theFencePageWithFiftyThousandNotes() {
        Song song = withParts(Song.empty("Fence"), 1, 50_000);
        try (Blocks blocks = new Blocks()) {
            measure(blocks, "to compare: fence page of an empty song", workspace::openFence);
            interact(() -> ((Button) lookup("#fence-done").query()).fire());
            measure(blocks, "open 50,000 notes", () -> open(song));
            interact(() -> session.selection().selectPart(0));
            measure(blocks, "50,000 notes: the table of notes", () -> workspace.openTab("notes"));
            for (int column = 0; column < lookup("#notes-table").queryTableView().getColumns().size(); column++) {
                int by = column;
                measure(blocks, "50,000 notes sorted by column " + by, () -> sortBy(lookup("#notes-table").queryTableView(), by));
            }
            measure(blocks, "50,000 notes: all selected, the table open", () -> new NoteCommands(session).selection().all());
            interact(() -> lookup("#notes-table").queryTableView().getSelectionModel().selectAll());
            measure(blocks, "50,000 notes: the table while one is nudged", () -> session.editPart("nudge", part -> part.withTake(take -> take.withLine(
                    LineEdit.shift(NoteSet.of(List.of(7L)), 10).apply(take.line(), () -> 0L)))));
            interact(() -> workspace.openTab("changes"));
            interact(() -> session.addStep(0, "move", some -> Move.USUAL));
            measure(blocks, "compare, 50,000 notes", workspace::openCompare);
            waitUntil(() -> lookup("#compare-view-over").tryQuery().isPresent());
            measure(blocks, "compare, 50,000 notes: one over the other", () -> ((ButtonBase) lookup("#compare-view-over").query()).fire());
            interact(() -> ((Button) lookup("#compare-done").query()).fire());
            measure(blocks, "fence page, 50,000 notes", workspace::openFence);
            measure(blocks, "fence page, another tonic", () -> session.tryOn(session.song().fence().withKeys(
                    KeyPlan.of(Key.parse("Eb minor")))));
            interact(() -> session.tryOn(null));
        }
    }

    @Test
    void everyStepOnceWithTwentyThousandNotes() {
        try (Blocks blocks = new Blocks()) {
            interact(() -> open(withParts(Song.empty("Once"), 1, 20_000)));
            interact(() -> session.selection().selectPart(0));
            for (StepSchema<?> kind : StepCatalogue.all()) {
                NoteCommands commands = new NoteCommands(session);
                interact(() -> commands.selection().all());
                measure(blocks, kind.name() + " once, 20,000 notes: the sheet", () -> workspace.openOnce(kind));
                measure(blocks, kind.name() + " once, 20,000 notes: done", () -> ((Button) lookup("#once-apply").query()).fire());
                interact(session::undo);
                settled();
            }
        }
    }

    private static <T> void sortBy(TableView<T> table, int column) {
        table.getSortOrder().setAll(List.of(table.getColumns().get(column)));
        table.sort();
    }

    @Test
    void twoThousandParts() {
        Song song = withParts(Song.empty("Parts"), 2000, 20);
        try (Blocks blocks = new Blocks()) {
            measure(blocks, "to compare: open the demo", () -> open(LanternFerry.song()));
            measure(blocks, "open 2,000 parts", () -> open(song));
            measure(blocks, "2,000 parts: rename", () -> session.edit("title", old -> old.withTitle("x")));
            measure(blocks, "2,000 parts: another part", () -> session.selection().selectPart(1500));
            measure(blocks, "2,000 parts: a step", () -> session.addStep(1500, "move", some -> Move.USUAL));
        }
    }

    @Test
    void fiveThousandChords() {
        Song song = withChords(withParts(Song.empty("Chords"), 4, 5_000), 5_000);
        try (Blocks blocks = new Blocks()) {
            measure(blocks, "open 5,000 chords", () -> open(song));
            measure(blocks, "5,000 chords: change one", () -> session.edit("chord", old -> old.withProgression(old.progression().with(
                    List.of(old.progression().spans().get(7).id()), span -> span.withChord(Chord.parse("Bb"))))));
            measure(blocks, "5,000 chords: select one", () -> session.selection().selectChords(Set.of(
                    session.song().progression().spans().get(9).id())));
            measure(blocks, "5,000 chords: move a part", () -> session.addStep(1, "move", some -> Move.USUAL));
            measure(blocks, "5,000 chords: the sheet for smooth voicings", workspace::openSmooth);
            waitUntil(() -> !lookup("#smooth-apply").query().isDisabled());
            measure(blocks, "5,000 chords: smooth voicings", () -> ((Button) lookup("#smooth-apply").query()).fire());
            assertThat(session.undoName()).as("it was done").contains("smoothest voicings");
            measure(blocks, "5,000 chords: choose all of them", () -> session.selection().selectChords(
                    session.song().progression().spans().stream().map(ChordSpan::id).collect(Collectors.toSet())));
            measure(blocks, "5,000 chords: sevenths everywhere", () -> new ChordCommands(session).change("sevenths",
                    (chord, key) -> ProgressionEdits.extended(chord, key, 7)));
        }
    }

    @Test
    void theOverviewOfAHundredThousandNotes() {
        Song song = withChords(withParts(Song.empty("Overview"), 5, 20_000), 2_000);
        try (Blocks blocks = new Blocks()) {
            measure(blocks, "open 100,000 notes, 2,000 chords", () -> open(song));
            measure(blocks, "overview opened", () -> ((ToggleButton) lookup("#tab-overview").query()).setSelected(true));
            measure(blocks, "overview: an edit", () -> session.edit("title", old -> old.withTitle("x")));
            measure(blocks, "overview: a step", () -> session.addStep(1, "move", some -> Move.USUAL));
        }
    }

    /** As when everything was drawn to one beat by mistake: each of them is outside, and one way out is the whole chord. */
    @Test
    void readingAChordOfTwentyThousandNotesThrough() {
        List<Note> notes = new ArrayList<>();
        for (int i = 0; i < 20_000; i++) {
            notes.add(new Note(i + 1, 0, 480, 49 + i % 5 * 12, 80, 0, 64));
        }
        Song song = Song.empty("Chord").withFence(Fence.of(KeyPlan.of(Key.parse("C major")))).withNextId(30_000)
                .withParts(List.of(Part.of(0, "Empty", Role.MELODY, 0, Line.EMPTY), Part.of(1, "Chord", Role.CHORDS, 1, Line.of(notes))));
        try (Blocks blocks = new Blocks()) {
            interact(() -> open(song));
            interact(() -> session.selection().selectPart(0));
            measure(blocks, "a chord of 20,000 notes: read through opened", () -> workspace.openTab("through"));
            waitUntil(() -> lookup("#through-rows").queryListView().getItems().size() >= 20_000);
            measure(blocks, "a chord of 20,000 notes: scrolled", () -> lookup("#through-rows").queryListView().scrollTo(9_000));
            measure(blocks, "a chord of 20,000 notes: a place is gone to", () -> lookup("#through-rows").queryListView().getSelectionModel().select(9_000));
        }
    }

    /** Random notes have places in doubt by the ten thousand. */
    @Test
    void readingAHundredThousandNotesThrough() {
        Song song = withChords(withParts(Song.empty("Through"), 5, 20_000), 2_000);
        try (Blocks blocks = new Blocks()) {
            interact(() -> session.preferences().keep("through-hear", "off"));
            interact(() -> open(song));
            measure(blocks, "100,000 notes: read through opened", () -> workspace.openTab("through"));
            waitUntil(() -> lookup("#through-rows").queryListView().getItems().size() > 10_000);
            ListView<?> rows = lookup("#through-rows").queryListView();
            System.out.printf("places in doubt in 100,000 random notes: %,d%n", rows.getItems().size());
            measure(blocks, "100,000 notes: a place is gone to", () -> rows.getSelectionModel().select(5_000));
            measure(blocks, "100,000 notes: scrolled while it is read anew", () -> {
                session.edit("title", old -> old.withTitle("x"));
                rows.scrollTo(9_000);
            });
            interact(rows::requestFocus);
            measure(blocks, "100,000 notes: all of a kind are left", () -> rows.fireEvent(new KeyEvent(KeyEvent.KEY_PRESSED, "L", "L", KeyCode.L, true, false, false, false)));
            measure(blocks, "100,000 notes: undone", session::undo);
        }
    }
}
