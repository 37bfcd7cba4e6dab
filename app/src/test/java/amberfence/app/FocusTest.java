package amberfence.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.song.Part;
import java.util.List;
import java.util.Set;
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
        waitUntil(() -> session.playhead().get() > 0);
        assertThat(session.edits()).as("the button was not pressed again").hasSize(edits);
        push(KeyCode.SPACE);
        waitUntil(() -> lookup("#play").query().getAccessibleText().startsWith("Play"));
        push(KeyCode.ENTER);
        settle();
        assertThat(session.edits()).as("buttons answer to Enter").hasSize(edits + 1);
    }

    @Test
    void deleteWorksAtOnceAfterNotesWereSelectedByAPick() {
        interact(() -> session.selectPart(2));
        click("tab-pick");
        click("pick-select");
        int selected = session.selectedNotes().get().size();
        int before = session.song().part(2).line().size();
        push(KeyCode.DELETE);
        settle();
        assertThat(session.song().part(2).line().size()).isEqualTo(before - selected);
    }

    @Test
    void deleteActsOnTheSelectedNotesThoughAButtonHasTheFocus() {
        long first = session.song().part(0).line().notes().get(0).id();
        interact(() -> {
            session.selectedNotes().set(Set.of(first));
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
        assertThat(session.selectedPart().get()).isEqualTo(session.song().parts().get(2).id()).isNotEqualTo(1);
        assertThat(session.part().orElseThrow().line().notes()).extracting(note -> note.pitch())
                .isEqualTo(original.line().notes().stream().map(note -> note.pitch()).toList());
        assertThat(List.of(session.song().part(1))).containsExactly(original);
    }
}
