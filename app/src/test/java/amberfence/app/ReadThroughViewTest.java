package amberfence.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.reading.through.Doubt;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** Reading through by keys alone; the tune of the demo has its step switched off first, so that something is outside. */
class ReadThroughViewTest extends WindowTest {
    private ListView<Doubt> rows() {
        settle();
        return lookup("#through-rows").queryListView();
    }

    private void open() {
        interact(() -> session.edit("off", song -> song.withPart(0, part -> part.withSteps(part.steps().stream().map(slot -> slot.withOn(false)).toList()))));
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
        waitUntil(() -> rows().getItems().size() < all);
        assertThat(rows().getItems()).noneMatch(doubt -> doubt.kind() == first.kind() && doubt.note().id() == first.note().id());
        assertThat(text("undo-words")).contains("F♯4 is outside D dorian: F4");
        int rest = rows().getItems().size();
        Doubt second = rows().getSelectionModel().getSelectedItem();
        push(KeyCode.L);
        assertThat(rows().getItems()).hasSize(rest - 1).doesNotContain(second);
        push(KeyCode.CONTROL, KeyCode.Z);
        waitUntil(() -> rows().getItems().size() == rest);
        assertThat(rows().getItems()).as("undone, the first is there again").anyMatch(doubt -> doubt.note().id() == first.note().id());
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
    void saysHowManyWereMendedAndLeftAtTheEnd() {
        open();
        push(KeyCode.N);
        while (!rows().getItems().isEmpty()) {
            push(KeyCode.L);
        }
        assertThat(text("through-heading")).startsWith("Read through: 0 mended, ").endsWith(" left");
    }
}
