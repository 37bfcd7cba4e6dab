package amberfence.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.demo.LanternFerry;
import amberfence.edit.HandEdits;
import amberfence.edit.LineEdit;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.song.Song;
import java.util.List;
import javafx.scene.control.ComboBox;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Picking by a rule in the real panel: rows, text, count, marks, selection, and the steps that are limited to it. */
class PickPanelTest extends WindowTest {
    @Override
    protected Song song() {
        return LanternFerry.plain();
    }

    private Line line(int part) {
        return session.song().part(part).line();
    }

    @BeforeEach
    void openThePanelForTheHarmonium() {
        click("part-2");
        click("tab-pick");
    }

    @Test
    void beginsWithTheLowestAndCountsThem() {
        long chords = line(2).notes().stream().map(Note::start).distinct().count();
        assertThat(text("pick-count")).isEqualTo(chords + " of " + line(2).size() + " notes");
        click("pick-select");
        assertThat(session.selection().notes().get()).hasSize((int) chords);
        assertThat(line(2).notes()).filteredOn(note -> session.selection().notes().get().contains(note.id()))
                .allSatisfy(note -> assertThat(line(2).notes()).noneMatch(other -> other.start() == note.start()
                        && other.pitch() < note.pitch()));
    }

    private void choose(String box, String words) {
        interact(() -> {
            ComboBox<?> kind = lookup("#" + box).query();
            for (int i = 0; i < kind.getItems().size(); i++) {
                select(kind, i, words);
            }
        });
        settle();
    }

    @SuppressWarnings("unchecked")
    private static <T> void select(ComboBox<T> box, int index, String words) {
        T item = box.getItems().get(index);
        if (box.getConverter().toString(item).equals(words)) {
            box.setValue(item);
        }
    }

    @Test
    void joinsConditionsByAndAndOrTurnsThemRoundAndSaysTheRuleAsText() {
        click("pick-more");
        assertThat(value("pick-text")).isEqualTo("lowest and off beat");
        click("pick-join-1");
        assertThat(value("pick-text")).isEqualTo("lowest or off beat");
        click("pick-not-0");
        assertThat(value("pick-text")).isEqualTo("not lowest or off beat");
        click("pick-turn");
        assertThat(value("pick-text")).isEqualTo("not (not lowest or off beat)");
        click("pick-remove-1");
        assertThat(value("pick-text")).isEqualTo("not (not lowest)");
        choose("pick-kind-0", "degree");
        clickOn("#pick-value-0-0").eraseText(1).write("5").push(KeyCode.ENTER);
        assertThat(value("pick-text")).isEqualTo("not (not degree 5)");
    }

    private String value(String id) {
        settle();
        return lookup("#" + id).queryTextInputControl().getText();
    }

    @Test
    void readsARuleThatIsTypedAndSaysWhatItCannotRead() {
        clickOn("#pick-text").push(KeyCode.CONTROL, KeyCode.A).write("outside").push(KeyCode.ENTER);
        assertThat(text("pick-count")).isEqualTo("2 of " + line(2).size() + " notes");
        clickOn("#pick-text").push(KeyCode.CONTROL, KeyCode.A).write("loudest").push(KeyCode.ENTER);
        assertThat(text("pick-trouble")).startsWith("“loudest” is no condition of a pick");
        assertThat(text("pick-count")).as("the last rule that could be read holds").startsWith("2 of");
    }

    @Test
    void marksWhatItFindsInTheLadder() {
        int with = pixelsInLadder(0x2A211B, 0);
        click("tab-pick");
        assertThat(pixelsInLadder(0x2A211B, 0)).isLessThan(with);
    }

    @Test
    void aStepLimitedToARuleAdaptsAndOneLimitedToFrozenNotesDoesNot() {
        click("add-step");
        clickOn("#step-search").write("by semitones");
        click("add-move");
        long slot = session.song().part(2).steps().get(0).id();
        int all = line(2).size();
        assertThat(text("step-summary-" + slot)).isEqualTo(all + " of " + all + " notes");
        click("limit-" + slot);
        clickOn("#limit-rule");
        settle();
        int lowest = (int) line(2).notes().stream().map(Note::start).distinct().count();
        assertThat(text("limit-" + slot)).isEqualTo("lowest");
        assertThat(text("step-summary-" + slot)).isEqualTo(lowest + " of " + lowest + " notes");
        // An octave under the lowest note of the first chord is a new lowest one there.
        Note first = line(2).notes().get(0);
        interact(() -> session.edit("draw", song -> new HandEdits("x").edit(song, 2, LineEdit.add(
                List.of(first.withPitch(first.pitch() - 12))))));
        long copied = session.song().part(2).steps().get(0).id();
        assertThat(text("step-summary-" + copied)).isEqualTo(lowest + " of " + lowest + " notes");
        assertThat(session.results().get().part(2).line().note(first.id()).orElseThrow().pitch()).isEqualTo(first.pitch());

        click("limit-" + copied);
        clickOn("#limit-picked");
        settle();
        assertThat(text("limit-" + copied)).isEqualTo(lowest + " notes");
        click("undo");
        assertThat(text("limit-" + copied)).isEqualTo("lowest");
    }
}
