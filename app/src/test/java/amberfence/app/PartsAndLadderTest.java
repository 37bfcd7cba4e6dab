package amberfence.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.notes.DrumNames;
import amberfence.notes.Note;
import amberfence.notes.Role;
import amberfence.song.Part;
import java.util.List;
import javafx.event.Event;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollBar;
import javafx.scene.input.DragEvent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.input.TransferMode;
import org.junit.jupiter.api.Test;

class PartsAndLadderTest extends WindowTest {
    @Test
    void saysWhatANoteIsAndWhereItGoes() {
        Note raised = note(0, 66);
        moveTo(noteAt(raised.id()));
        settle();
        assertThat(text("ladder-hover")).isEqualTo("F♯4 · degree ♮3 · bar 2:4 · velocity 86\noutside, goes to F4: keeps the "
                + "step; G4 would repeat its neighbour");
        moveTo(noteAt(note(0, 73).id()));
        settle();
        assertThat(text("ladder-hover")).endsWith("outside, stays: left alone by hand");
    }

    @Test
    void saysOfADrumWhatIsStruck() {
        click("part-4");
        settle();
        Note struck = session.song().parts().get(4).line().notes().get(0);
        moveTo(noteAt(struck.id()));
        settle();
        assertThat(text("ladder-hover")).startsWith(session.spelling().pitchText(struck.pitch()) + " · " + DrumNames.of(struck.pitch()).orElseThrow() + " · bar 1:1");
    }

    @Test
    void aChangeIsShownInTheLadderAndANoteInTheList() {
        Note raised = note(0, 66);
        clickOn(noteAt(raised.id()));
        settle();
        assertThat(session.selection().notes().get()).containsExactly(raised.id());
        assertThat(lookup("#change-rows").queryListView().getSelectionModel().getSelectedIndex()).isZero();
        Node row = lookup(".change-row").queryAll().stream()
                .filter(r -> r.lookupAll(".label").stream().anyMatch(l -> ((Label) l).getText().equals("5:5")))
                .findFirst().orElseThrow();
        Bounds bounds = row.localToScreen(row.getLayoutBounds());
        clickOn(new Point2D(bounds.getMinX() + 30, bounds.getMinY() + 10));
        settle();
        assertThat(session.selection().notes().get()).containsExactly(note(0, 68).id());
    }

    @Test
    void aRubberBandSelectsWhatItTouches() {
        Point2D first = noteAt(session.part().orElseThrow().line().notes().get(0).id());
        drag(first.add(-8, -50), MouseButton.PRIMARY).dropTo(first.add(60, 30));
        settle();
        assertThat(session.selection().notes().get()).hasSize(3);
        clickOn(first.add(0, 120));
        settle();
        assertThat(session.selection().notes().get()).isEmpty();
    }

    @Test
    void drawsOutsideNotesHatchedInTheColourOfOutside() {
        assertThat(pixelsInLadder(0x1F6F78, 0)).isGreaterThan(100);
    }

    @Test
    void zoomsAndScrolls() {
        ScrollBar across = lookup("#ladder-across").query();
        double seen = across.getVisibleAmount() / across.getMax();
        click("zoom-in");
        assertThat(across.getVisibleAmount() / across.getMax()).isLessThan(seen);
        click("zoom-song");
        assertThat(across.getValue()).isZero();
        assertThat(across.getMax()).as("nothing is left to scroll to").isLessThan(session.song().end() * 0.15);
        clickOn("#ladder").push(KeyCode.END);
        assertThat(session.selection().notes().get()).containsExactly(session.part().orElseThrow().line().notes().get(78).id());
    }

    @Test
    void theRulerMovesThePlayhead() {
        Node ladder = lookup("#ladder").query();
        Bounds bounds = ladder.localToScreen(ladder.getLayoutBounds());
        clickOn(new Point2D(bounds.getMinX() + 62 + 330, bounds.getMinY() + 8));
        settle();
        assertThat(session.transport().playhead().get()).isPositive();
        assertThat(lookup(".head .name").queryAllAs(Label.class))
                .extracting(Label::getText).anyMatch(t -> t.matches("[45] : [1-6]"));
    }

    @Test
    void holdingBPeeksAtTheOriginal() {
        press(KeyCode.B);
        settle();
        assertThat(session.transport().showingBefore().get()).isTrue();
        release(KeyCode.B);
        settle();
        assertThat(session.transport().showingBefore().get()).isFalse();
        click("before");
        assertThat(session.transport().showingBefore().get()).isTrue();
    }

    @Test
    void renamesDuplicatesAndRemovesParts() {
        click("part-1");
        assertThat(text("ladder-heading")).isEqualTo("FRETLESS");
        push(KeyCode.F2);
        write("Low line").push(KeyCode.ENTER);
        settle();
        assertThat(session.song().parts().get(1).name()).isEqualTo("Low line");
        click("part-menu-1");
        clickOn("#parts-duplicate");
        settle();
        assertThat(session.song().parts()).extracting(part -> part.name()).contains("Low line copy");
        click("part-menu-1");
        clickOn("#parts-remove");
        settle();
        assertThat(session.song().parts()).extracting(part -> part.name()).doesNotContain("Low line").hasSize(5);
        click("undo");
        click("undo");
        click("undo");
        assertThat(session.song().parts()).hasSize(5).extracting(part -> part.name()).contains("Fretless");
    }

    @Test
    void aDrumPartIsLeftAloneUntilItsRoleChanges() {
        assertThat(text("part-outside-4")).isEmpty();
        assertThat(lookup("#part-4").query().getAccessibleText()).endsWith("drums, left alone");
        interact(() -> session.edit("role", song -> song.withPart(4, part -> part.withRole(Role.FIGURE))));
        assertThat(text("part-outside-4")).endsWith(" outside");
    }

    @Test
    void goesFromPartToPartByKeys() {
        click("part-outside-0");
        push(KeyCode.DOWN);
        assertThat(text("steps-heading")).isEqualTo("STEPS FOR FRETLESS");
        push(KeyCode.UP);
        assertThat(text("steps-heading")).isEqualTo("STEPS FOR VOICE LINE");
    }

    /** The screen in memory has no drag and drop between nodes that can be relied on, so the drop itself is told to the card. */
    @Test
    void aCardDraggedOntoAnotherTakesItsPlace() {
        List<String> before = session.song().parts().stream().map(Part::name).toList();
        Node dragged = lookup("#part-3").query();
        Node target = lookup("#part-1").query();
        interact(() -> Event.fireEvent(target, new DragEvent(null, target, DragEvent.DRAG_DROPPED, null, 0, 0, 0, 0, TransferMode.COPY,
                dragged, target, null)));
        settle();
        assertThat(session.song().parts()).extracting(Part::name)
                .containsExactly(before.get(0), before.get(3), before.get(1), before.get(2), before.get(4));
        interact(session::undo);
        assertThat(session.song().parts()).extracting(Part::name).isEqualTo(before);
    }
}
