package amberfence.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.app.sheets.Sheet;
import amberfence.app.theme.Controls;
import amberfence.song.Part;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** The keys do what a person means, wherever the focus was left. */
class FocusTest extends WindowTest {
    @Test
    void spacePlaysThoughAButtonHasTheFocusAndPressesNothing() {
        click("leave-all");
        assertThat(lookup("#leave-all").query().isFocused()).isTrue();
        int edits = session.edits().size();
        push(KeyCode.SPACE);
        waitUntil(() -> session.transport().playhead().get() > 0);
        assertThat(session.edits()).as("the button was not pressed again").hasSize(edits);
        push(KeyCode.SPACE);
        waitUntil(() -> lookup("#play").query().getAccessibleText().startsWith("Play"));
        push(KeyCode.ENTER);
        settle();
        assertThat(session.edits()).as("buttons answer to Enter").hasSize(edits + 1);
    }

    @Test
    void deleteWorksAtOnceAfterNotesWereSelectedByAPick() {
        interact(() -> session.selection().selectPart(2));
        click("tab-pick");
        click("pick-select");
        int selected = session.selection().notes().get().size();
        int before = session.song().part(2).line().size();
        push(KeyCode.DELETE);
        settle();
        assertThat(session.song().part(2).line().size()).isEqualTo(before - selected);
    }

    @Test
    void deleteActsOnTheSelectedNotesThoughAButtonHasTheFocus() {
        long first = session.song().part(0).line().notes().get(0).id();
        interact(() -> {
            session.selection().selectNotes(Set.of(first));
            lookup("#history").query().requestFocus();
        });
        push(KeyCode.DELETE);
        settle();
        assertThat(session.song().part(0).line().note(first)).isEmpty();
        int edits = session.edits().size();
        click("tab-pick");
        clickOn("#pick-text").push(KeyCode.CONTROL, KeyCode.A).push(KeyCode.DELETE);
        settle();
        assertThat(session.edits()).as("in a field it belongs to the field").hasSize(edits);
    }

    @Test
    void aDuplicatedPartIsChosenSoThatTheNextActDoesNotHitTheOriginal() {
        Part original = session.song().part(1);
        click("part-menu-1");
        clickOn("#parts-duplicate");
        settle();
        assertThat(session.song().parts()).hasSize(6);
        assertThat(session.selection().part().get()).isEqualTo(session.song().parts().get(2).id()).isNotEqualTo(1);
        assertThat(session.part().orElseThrow().line().notes()).extracting(note -> note.pitch())
                .isEqualTo(original.line().notes().stream().map(note -> note.pitch()).toList());
        assertThat(List.of(session.song().part(1))).containsExactly(original);
    }

    @Test
    void tabGoesRoundInsideASheetAndNothingUnderItIsReached() {
        for (Runnable open : List.<Runnable>of(workspace::openTime, workspace::openHistory, workspace::openTitle, workspace::openExport,
                workspace::openSettings, workspace::openShortcuts)) {
            interact(open);
            settle();
            Sheet sheet = lookup(".veil").queryAs(Sheet.class);
            // Of choices that exclude each other, Tab reaches the one that is chosen; arrows go to the others.
            int controls = (int) Controls.focusable(sheet).stream().filter(node -> !(node instanceof ToggleButton choice)
                    || choice.getToggleGroup() == null || choice.isSelected()).count();
            Set<Node> reached = new HashSet<>();
            for (int i = 0; i <= controls; i++) {
                push(KeyCode.TAB);
                settle();
                assertThat(Controls.isInside(scene.getFocusOwner(), sheet)).as("Tab in " + sheet.getId()).isTrue();
                reached.add(scene.getFocusOwner());
            }
            assertThat(reached).as("Tab reaches every control of " + sheet.getId()).hasSize(controls);
            for (KeyCode key : List.of(KeyCode.UP, KeyCode.LEFT, KeyCode.DOWN, KeyCode.RIGHT, KeyCode.UP, KeyCode.UP)) {
                push(key);
                settle();
                assertThat(Controls.isInside(scene.getFocusOwner(), sheet)).as(key + " in " + sheet.getId()).isTrue();
            }
            push(KeyCode.SHIFT, KeyCode.TAB);
            settle();
            assertThat(Controls.isInside(scene.getFocusOwner(), sheet)).as("back in " + sheet.getId()).isTrue();
            push(KeyCode.ESCAPE);
            settle();
        }
    }

    @Test
    void lettersUnderASheetDoNothing() {
        interact(() -> session.edit("copy", song -> song.plusTakeCopy(1, "Second")));
        interact(() -> session.selection().selectPart(1));
        interact(workspace::openShortcuts);
        settle();
        int take = session.song().part(1).current();
        push(KeyCode.T);
        settle();
        assertThat(session.song().part(1).current()).isEqualTo(take);
    }
}
