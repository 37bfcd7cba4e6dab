package amberfence.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.analysis.Doubt;
import amberfence.analysis.DoubtKind;
import amberfence.analysis.Mend;
import amberfence.analysis.ReadThrough;
import amberfence.format.project.ProjectDocument;
import amberfence.format.project.ProjectReader;
import amberfence.format.project.ProjectWriter;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.song.LeftPlaces;
import amberfence.song.Song;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** Reading through by keys alone; the parts of the demo have their steps switched off first, so that something is outside. */
class ReadThroughViewTest extends WindowTest {
    private ListView<Doubt> rows() {
        settle();
        return lookup("#through-rows").queryListView();
    }

    private void open() {
        interact(() -> session.edit("off", song -> song.withParts(song.parts().stream().map(part -> part.withSteps(part.steps().stream()
                .map(slot -> slot.withOn(false)).toList())).toList())));
        push(KeyCode.CONTROL, KeyCode.DIGIT8);
        settle();
        interact(() -> rows().requestFocus());
    }

    @Test
    void goesFromPlaceToPlaceMendsAndLeavesByKeysAlone() {
        open();
        int all = rows().getItems().size();
        assertThat(all).isGreaterThan(5);
        push(KeyCode.N);
        assertThat(text("through-heading")).isEqualTo("1 of " + all);
        Doubt first = rows().getSelectionModel().getSelectedItem();
        assertThat(session.selection().notes().get()).containsExactly(first.note().id());
        assertThat(session.selection().part().get()).isEqualTo(first.part());
        push(KeyCode.DIGIT1);
        waitUntil(() -> rows().getItems().stream().noneMatch(doubt -> doubt.kind() == first.kind() && doubt.note().id() == first.note().id()));
        assertThat(text("undo-words")).contains("F♯4 is outside D dorian: F4");
        int rest = rows().getItems().size();
        Doubt second = rows().getSelectionModel().getSelectedItem();
        push(KeyCode.L);
        assertThat(rows().getItems()).hasSize(rest - 1).doesNotContain(second);
        push(KeyCode.CONTROL, KeyCode.Z);
        waitUntil(() -> rows().getItems().size() == rest);
        push(KeyCode.CONTROL, KeyCode.Z);
        waitUntil(() -> rows().getItems().size() == all);
        assertThat(rows().getItems()).as("undone, the first is there again").anyMatch(doubt -> doubt.note().id() == first.note().id());
    }

    @Test
    void hearsEachPlaceThatKeysLeadToUnlessItIsSwitchedOff() {
        open();
        push(KeyCode.N);
        waitUntil(() -> workspace.sound().playing().get());
        interact(() -> workspace.sound().stop());
        click("through-hear");
        push(KeyCode.N);
        settle();
        assertThat(workspace.sound().playing().get()).isFalse();
    }

    @Test
    void hearsThePartInFrontOfTheOthers() {
        open();
        click("through-hear");
        push(KeyCode.N).push(KeyCode.SHIFT, KeyCode.H);
        waitUntil(() -> workspace.sound().playing().get());
        interact(() -> workspace.sound().stop());
    }

    @Test
    void hearsTheBarsAroundAndLooksForTheKindsThatAreChosen() {
        open();
        push(KeyCode.N).push(KeyCode.H);
        waitUntil(() -> output.size() > 0);
        interact(() -> workspace.sound().toggle());
        click("through-kinds");
        clickOn("#through-kind-outside");
        settle();
        assertThat(rows().getItems()).noneMatch(doubt -> doubt.kind().text().equals("outside"));
    }

    @Test
    void showsInTheLadderWhatAWayOutWouldMakeOfThePlace() {
        open();
        push(KeyCode.N);
        Doubt doubt = rows().getSelectionModel().getSelectedItem();
        assertThat(session.selection().suggested().get()).extracting(Note::pitch).containsExactly(((Mend.ToPitch) doubt.mends().get(0)).pitch());
        moveTo("#mend-2-" + doubt.note().id());
        settle();
        assertThat(session.selection().suggested().get()).extracting(Note::pitch).containsExactly(((Mend.ToPitch) doubt.mends().get(1)).pitch());
        moveTo("#through-heading");
        settle();
        assertThat(session.selection().suggested().get()).extracting(Note::pitch).containsExactly(((Mend.ToPitch) doubt.mends().get(0)).pitch());
        push(KeyCode.L);
        assertThat(session.selection().suggested().get()).extracting(Note::id).doesNotContain(doubt.note().id());
    }

    @Test
    void whatIsLeftStaysLeftInTheProjectUntilItsNoteChanges() throws Exception {
        open();
        push(KeyCode.N);
        Doubt first = rows().getSelectionModel().getSelectedItem();
        push(KeyCode.L);
        settle();
        assertThat(text("undo-words")).contains("Left: ");
        byte[] saved = ProjectWriter.write(new ProjectDocument(session.song(), JsonNodeFactory.instance.objectNode()));
        Song again = ProjectReader.read(saved, "x").song();
        assertThat(again.left()).isEqualTo(session.song().left());
        assertThat(ReadThrough.of(again, session.results().get().lines(), DoubtKind.usual())).noneMatch(first::equals)
                .noneMatch(doubt -> doubt.kind() == first.kind() && doubt.note().equals(first.note()));
        interact(() -> session.edit("changed", song -> song.withPart(first.part(), part -> part.withTake(take -> take.withLine(take.line().with(
                note -> note.id() == first.note().id(), note -> note.withLength(note.length() + 1)))))));
        settle();
        assertThat(rows().getItems()).anyMatch(doubt -> doubt.kind() == first.kind() && doubt.note().id() == first.note().id());
        push(KeyCode.CONTROL, KeyCode.Z).push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertThat(session.song().left()).isEqualTo(LeftPlaces.NONE);
    }

    @Test
    void leavesAllOfAKindInAPartWithOneKeyAndReadsThemAgain() {
        open();
        push(KeyCode.N);
        Doubt first = rows().getSelectionModel().getSelectedItem();
        int all = rows().getItems().size();
        long alike = rows().getItems().stream().filter(doubt -> doubt.kind() == first.kind() && doubt.part() == first.part()).count();
        assertThat(alike).isGreaterThan(1).isLessThan(all);
        push(KeyCode.SHIFT, KeyCode.L);
        settle();
        assertThat(rows().getItems()).hasSize((int) (all - alike)).noneMatch(doubt -> doubt.kind() == first.kind() && doubt.part() == first.part());
        click("through-kinds");
        clickOn("#through-again");
        settle();
        assertThat(rows().getItems()).hasSize(all);
    }

    @Test
    void looksAtOnePartAndCountsEachKind() {
        open();
        int all = rows().getItems().size();
        Doubt last = rows().getItems().get(all - 1);
        String name = session.song().part(last.part()).name();
        click("through-parts");
        clickOn("#through-part-" + last.part());
        settle();
        assertThat(rows().getItems()).isNotEmpty().hasSizeLessThan(all).allMatch(doubt -> doubt.part() == last.part());
        assertThat(text("through-parts")).isEqualTo(name);
        click("through-kinds");
        assertThat(lookup(".menu-item .label").queryAllAs(Labeled.class)).extracting(Labeled::getText).anyMatch(text -> text.matches("outside the fence \\([1-9]\\d*\\)"));
        push(KeyCode.ESCAPE);
    }

    @Test
    void thePartThatIsLookedAtIsCalledAsItIsNowAndGoesWithItsPart() {
        open();
        int all = rows().getItems().size();
        int part = rows().getItems().get(all - 1).part();
        click("through-parts");
        clickOn("#through-part-" + part);
        settle();
        interact(() -> session.edit("name", song -> song.withPart(part, same -> same.withName("Something else"))));
        waitUntil(() -> text("through-parts").equals("Something else"));
        interact(() -> session.edit("away", song -> song.minusPart(part)));
        waitUntil(() -> text("through-parts").equals("All parts"));
        waitUntil(() -> !rows().getItems().isEmpty());
        assertThat(rows().getItems()).noneMatch(doubt -> doubt.part() == part);
    }

    @Test
    void exportingSaysHowManyPlacesAreUnreadAndTakesOneThere() {
        open();
        interact(() -> workspace.openExport());
        waitUntil(() -> !text("export-unread").endsWith("…"));
        assertThat(text("export-unread")).matches("\\d+ places that may be wrong are unread\\.");
        assertThat(lookup("#export-write").query().isDisabled()).as("it never stands in the way").isFalse();
        click("export-read-through");
        settle();
        assertThat(lookup("#export-sheet").tryQuery()).isEmpty();
        assertThat(lookup("#through-rows").query().isVisible()).isTrue();
    }

    @Test
    void goesOnToTheNextPlaceWhileTheSongIsBeingReadAnew() {
        open();
        interact(() -> session.edit("long", song -> song.withPart(0, part -> part.withTake(take -> take.withLine(many(take.line()))))));
        waitUntil(() -> rows().getItems().size() > 1_000);
        push(KeyCode.N);
        interact(() -> session.edit("other title", song -> song.withTitle("Other")));
        push(KeyCode.N).push(KeyCode.N);
        // Looked at between two fillings of the list, never in the middle of one.
        interact(() -> {
            Doubt here = rows().getSelectionModel().getSelectedItem();
            assertThat(session.selection().notes().get()).containsExactly(here.note().id());
        });
    }

    private static Line many(Line line) {
        List<Note> notes = new ArrayList<>();
        for (int round = 0; round < 300; round++) {
            for (Note note : line.notes()) {
                notes.add(note.withStart(note.start() + round * (line.end() + 480)).withId(1_000_000L + notes.size()));
            }
        }
        return Line.of(notes);
    }

    @Test
    void saysHowManyWereMendedAndLeftAtTheEnd() {
        open();
        push(KeyCode.N);
        while (!rows().getItems().isEmpty()) {
            push(KeyCode.L);
        }
        assertThat(text("through-heading")).matches("Read through\\. 0 mended, \\d+ left\\.");
    }
}
