package amberfence.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.app.ladder.LadderView;
import amberfence.format.midi.MidiReader;
import amberfence.song.Part;
import amberfence.song.Song;
import java.nio.file.Files;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import javafx.event.Event;
import javafx.scene.Node;
import javafx.scene.control.ListView;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import org.junit.jupiter.api.Test;

/** Takes: copied, named, switched with one key, seen over each other; and the history, from one point to any other. */
class TakesAndHistoryTest extends WindowTest {
    private Part tune() {
        return session.song().part(0);
    }

    @Test
    void copiesNamesAndSwitchesTakes() {
        click("take-copy");
        assertThat(tune().takes()).hasSize(2);
        assertThat(text("take-1")).isEqualTo("Take 2");
        assertThat(tune().steps()).as("with its steps").hasSize(1);
        click("take-menu-1");
        clickOn("#take-rename");
        settle();
        clickOn("#take-name").push(KeyCode.CONTROL, KeyCode.A).write("Second thoughts").push(KeyCode.ENTER);
        assertThat(text("take-1")).isEqualTo("Second thoughts");
        interact(() -> workspace.focusLadder());
        push(KeyCode.T);
        assertThat(tune().current()).isZero();
        assertThat(text("status")).isEqualTo("Original is the take that plays now.");
        push(KeyCode.SHIFT, KeyCode.T);
        assertThat(tune().current()).isEqualTo(1);
        click("take-0");
        assertThat(tune().current()).isZero();
    }

    @Test
    void aRowOfATakeThatWasJustTakenAwayDoesNothing() {
        interact(() -> session.edit("copy", song -> song.plusTakeCopy(session.selection().part().get(), "Second")));
        settle();
        int part = session.selection().part().get();
        List<Throwable> thrown = new CopyOnWriteArrayList<>();
        interact(() -> Thread.currentThread().setUncaughtExceptionHandler((thread, cause) -> thrown.add(cause)));
        ToggleButton row = lookup("#take-1").queryAs(ToggleButton.class);
        interact(() -> {
            session.edit("take away", song -> song.withPart(part, same -> same.minusTake(1)));
            row.fire();
        });
        settle();
        interact(() -> Thread.currentThread().setUncaughtExceptionHandler(null));
        assertThat(thrown).isEmpty();
        assertThat(session.song().part(part).takes()).hasSize(1);
    }

    @Test
    void theCardOfAPartThatWasJustTakenAwayCannotBeDraggedOut() {
        Node card = lookup("#part-1").query();
        List<Throwable> thrown = new CopyOnWriteArrayList<>();
        interact(() -> {
            Thread.currentThread().setUncaughtExceptionHandler((thread, cause) -> thrown.add(cause));
            session.edit("take away", song -> song.minusPart(1));
            Event.fireEvent(card, new MouseEvent(MouseEvent.DRAG_DETECTED, 1, 1, 1, 1, MouseButton.PRIMARY, 1, false, false, false, false, true, false,
                    false, true, false, false, null));
        });
        settle();
        interact(() -> Thread.currentThread().setUncaughtExceptionHandler(null));
        assertThat(thrown).isEmpty();
        assertThat(lookup("#part-1").tryQuery()).isEmpty();
    }

    @Test
    void showsAnotherTakeAsOutlines() {
        click("take-copy");
        interact(() -> workspace.focusLadder());
        push(KeyCode.CONTROL, KeyCode.A);
        push(KeyCode.SHIFT, KeyCode.UP);
        push(KeyCode.ESCAPE);
        int without = pixelsInLadder(0x6E6152, 40);
        push(KeyCode.O);
        assertThat(session.selection().outlinedTake().get()).isZero();
        assertThat(pixelsInLadder(0x6E6152, 40)).isGreaterThan(without + 200);
        click("take-outline-0");
        assertThat(session.selection().outlinedTake().get()).isNull();
    }

    @Test
    void takesATakeToAPartOfItsOwnAndRemovesOne() {
        click("take-copy");
        click("take-menu-1");
        clickOn("#take-to-part");
        settle();
        assertThat(session.song().parts()).extracting(Part::name).contains("Voice line, Take 2");
        click("take-menu-1");
        clickOn("#take-remove");
        settle();
        assertThat(tune().takes()).hasSize(1);
        interact(() -> workspace.focusLadder());
        push(KeyCode.T);
        assertThat(text("status")).startsWith("Voice line has only one take.");
    }

    @Test
    void goesToAnyPointOfTheHistoryAndBack() {
        Song opened = session.song();
        click("take-copy");
        click("part-1");
        click("take-copy");
        Song last = session.song();
        push(KeyCode.CONTROL, KeyCode.H);
        ListView<String> list = lookup("#history-list").queryListView();
        assertThat(list.getItems()).containsExactly("as the song was opened", "copy of Original", "copy of Original");
        push(KeyCode.HOME);
        assertThat(session.song()).isSameAs(opened);
        push(KeyCode.END);
        assertThat(session.song()).isSameAs(last);
        click("history-close");
        assertThat(isShown("history-sheet")).isFalse();
    }

    @Test
    void undoSurvivesASave() {
        Song opened = session.song();
        click("take-copy");
        toSave = folder.resolve("kept.amber");
        push(KeyCode.CONTROL, KeyCode.S);
        waitUntil(() -> text("saved-state").equals("saved"));
        click("undo");
        assertThat(session.song()).isSameAs(opened);
        assertThat(text("saved-state")).isEqualTo("changes not saved");
        click("redo");
        assertThat(text("saved-state")).isEqualTo("saved");
    }

    @Test
    void anEmptySongAndAnEmptyPartAreStartingPoints() throws Exception {
        push(KeyCode.CONTROL, KeyCode.N);
        assertThat(isShown("welcome")).isTrue();
        click("welcome-empty");
        assertThat(session.song().parts()).extracting(Part::name).containsExactly("Melody");
        click("add-part");
        clickOn("#add-part-bass");
        settle();
        assertThat(text("ladder-heading")).isEqualTo("BASS");
        LadderView ladder = lookup("#ladder").query();
        doubleClickOn(ladder.localToScreen(ladder.placeOf(960, 60)));
        settle();
        assertThat(session.song().parts().get(1).line().size()).isEqualTo(1);
        assertThat(session.song().parts().get(1).takes()).as("what was drawn here needs no other take").hasSize(1);
        toSave = folder.resolve("drawn.mid");
        click("export");
        click("export-write");
        waitUntil(() -> Files.exists(toSave));
        Song back = MidiReader.read(Files.readAllBytes(toSave), "x").song();
        assertThat(back.parts()).extracting(Part::name).contains("Bass");
        assertThat(back.time()).isEqualTo(session.song().time());
    }
}
