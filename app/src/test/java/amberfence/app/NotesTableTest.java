package amberfence.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.notes.Note;
import amberfence.result.Standing;
import java.util.List;
import java.util.Set;
import javafx.scene.control.TableCell;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TableRow;
import javafx.scene.control.TableView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The notes of a part as a table: read, sorted, typed into, with the ladder's selection. */
class NotesTableTest extends WindowTest {
    private TableView<Standing> table;

    @BeforeEach
    void open() {
        push(KeyCode.CONTROL, KeyCode.DIGIT5);
        settle();
        table = lookup("#notes-table").queryTableView();
    }

    private List<Note> line() {
        return session.part().orElseThrow().line().notes();
    }

    private TableColumn<Standing, ?> column(String name) {
        return table.getColumns().stream().filter(some -> some.getId().equals("notes-" + name)).findFirst().orElseThrow();
    }

    private TableCell<?, ?> at(int row, String name) {
        settle();
        return lookup(".table-row-cell").queryAll().stream().filter(some -> ((TableRow<?>) some).getIndex() == row)
                .flatMap(some -> some.lookupAll(".table-cell").stream()).map(some -> (TableCell<?, ?>) some)
                .filter(some -> some.getTableColumn() == column(name)).findFirst()
                .orElseThrow(() -> new AssertionError("row " + row + " is not in view"));
    }

    private String cell(int row, String name) {
        return at(row, name).getText();
    }

    /** Types into a cell as a person does: a double press opens it. */
    private void typeInto(int row, String name, String text) {
        TableCell<?, ?> cell = at(row, name);
        clickOn(cell);
        doubleClickOn(cell);
        settle();
        push(KeyCode.CONTROL, KeyCode.A);
        write(text).push(KeyCode.ENTER);
        settle();
    }

    @Test
    void saysWhereWhatHowLongAndWhatTheStepsMakeOfIt() {
        assertThat(table.getItems()).hasSize(79);
        assertThat(List.of(cell(0, "place"), cell(0, "pitch"), cell(0, "degree"), cell(0, "chord"), cell(0, "velocity"), cell(0, "after")))
                .containsExactly("1:1", "A4", "5", "5 of Dm", "94", "");
        // The fifth note of the tune is one of the wrong ones: F sharp at 2:4, over G.
        assertThat(List.of(cell(4, "place"), cell(4, "pitch"), cell(4, "degree"), cell(4, "chord"), cell(4, "after")))
                .containsExactly("2:4", "F♯4", "♮3", "– of G", "→ F4");
    }

    @Test
    void whatIsTypedIsTheSameEditAsByHand() {
        Note first = line().get(0);
        typeInto(0, "pitch", "C5");
        assertThat(line().get(0)).isEqualTo(first.withPitch(72));
        assertThat(session.part().orElseThrow().take().name()).as("the original is kept").isEqualTo("Take 2");
        typeInto(0, "velocity", "33");
        typeInto(0, "length", "1");
        assertThat(line().get(0)).isEqualTo(first.withPitch(72).withVelocity(33).withLength(240));
        typeInto(0, "place", "1:1.5");
        assertThat(line().get(0).start()).isEqualTo(120);
        assertThat(session.undoName()).contains("place 1:1.5");
        typeInto(0, "velocity", "999");
        assertThat(text("status")).contains("from 1 to 127");
        assertThat(line().get(0).velocity()).isEqualTo(33);
    }

    @Test
    void theSelectionIsTheLadders() {
        long third = line().get(2).id();
        interact(() -> session.selection().selectNotes(Set.of(third)));
        settle();
        assertThat(table.getSelectionModel().getSelectedIndices()).containsExactly(2);
        interact(() -> table.getSelectionModel().clearAndSelect(40));
        assertThat(session.selection().notes().get()).containsExactly(line().get(40).id());
        assertThat(isInView(line().get(40).id())).as("the ladder shows it").isTrue();
        interact(table::requestFocus);
        push(KeyCode.DELETE);
        settle();
        assertThat(line()).hasSize(78);
        assertThat(table.getItems()).hasSize(78);
    }

    @Test
    void aPressOnAHeadSortsAndKeepsTheSelection() {
        interact(() -> table.getSelectionModel().clearAndSelect(3));
        Set<Long> selected = session.selection().notes().get();
        for (int i = 0; i < 3; i++) {
            clickOn(lookup(".column-header").queryAll().stream().filter(head -> "notes-velocity".equals(head.getId())).findFirst().orElseThrow());
            settle();
            assertThat(session.selection().notes().get()).isEqualTo(selected);
        }
    }

    @Test
    void sortsByWhatANoteIsNotByItsLetters() {
        interact(() -> {
            table.getSortOrder().setAll(List.of(column("velocity")));
            table.sort();
        });
        List<Integer> velocities = table.getItems().stream().map(some -> some.before().velocity()).toList();
        assertThat(velocities).isSorted();
        interact(() -> {
            table.getSortOrder().setAll(List.of(column("pitch")));
            table.sort();
        });
        assertThat(table.getItems().stream().map(some -> some.before().pitch()).toList()).isSorted();
        interact(() -> session.edit("title", song -> song.withTitle("x")));
        settle();
        assertThat(table.getItems().stream().map(some -> some.before().pitch()).toList()).as("an edit keeps the order").isSorted();
    }

    @Test
    void namesAndReadsPitchesWhereThePersonHasMiddleC() {
        assertThat(at(0, "pitch").getText()).isEqualTo("A4");
        interact(workspace::openSettings);
        settle();
        choose("settings-middle-c", 0);
        click("settings-close");
        assertThat(at(0, "pitch").getText()).isEqualTo("A3");
        assertThat(session.preferences().text("middle-c", "")).isEqualTo("3");
        doubleClickOn(at(0, "pitch")).push(KeyCode.CONTROL, KeyCode.A).write("B3").push(KeyCode.ENTER);
        settle();
        assertThat(line().get(0).pitch()).as("B above middle C is 71").isEqualTo(71);
        click("tab-changes");
        assertThat(changeRows().get(0)).as("of the bar where F♯ stands").contains("3");
        assertThat(changeRows()).noneMatch(row -> row.contains("F♯4"));
    }

    @Test
    void theKeyboardAloneSortsAndTypes() {
        interact(table::requestFocus);
        push(KeyCode.ALT, KeyCode.DIGIT2);
        settle();
        assertThat(at(0, "pitch").getText()).as("the lowest first").isEqualTo("D4");
        push(KeyCode.ALT, KeyCode.DIGIT2);
        settle();
        assertThat(at(0, "pitch").getText()).as("the highest first").isEqualTo("E5");
        push(KeyCode.ALT, KeyCode.DIGIT2);
        settle();
        assertThat(at(0, "place").getText()).as("in time again").isEqualTo("1:1");
        interact(() -> {
            table.getSelectionModel().clearAndSelect(0);
            table.requestFocus();
        });
        int velocity = line().get(0).velocity();
        push(KeyCode.ENTER);
        settle();
        push(KeyCode.CONTROL, KeyCode.A).write("G4").push(KeyCode.TAB);
        settle();
        assertThat(line().get(0).pitch()).isEqualTo(67);
        assertThat(scene.getFocusOwner()).as("and goes on to the next cell").isInstanceOf(TextField.class);
        push(KeyCode.TAB);
        settle();
        push(KeyCode.CONTROL, KeyCode.A).write("33").push(KeyCode.ENTER);
        settle();
        assertThat(line().get(0).velocity()).isEqualTo(33).isNotEqualTo(velocity);
    }
}
