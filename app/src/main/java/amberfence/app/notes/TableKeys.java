package amberfence.app.notes;

import java.util.List;
import javafx.application.Platform;
import javafx.event.ActionEvent;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TableView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/**
 * The table of notes without a mouse: Enter types into the focused row, Tab takes what was typed and goes on to the next cell
 * that can be typed into, and Alt with a number sorts by that column, again the other way, and a third time by none.
 */
final class TableKeys {
    private static final List<KeyCode> DIGITS = List.of(KeyCode.DIGIT1, KeyCode.DIGIT2, KeyCode.DIGIT3, KeyCode.DIGIT4, KeyCode.DIGIT5,
            KeyCode.DIGIT6, KeyCode.DIGIT7, KeyCode.DIGIT8, KeyCode.DIGIT9);
    /** Where Enter types: the column that was typed into last. */
    private int last = NoteColumn.PITCH.ordinal();

    void install(TableView<?> table) {
        table.addEventFilter(KeyEvent.KEY_PRESSED, event -> pressed(table, event));
    }

    private <T> void pressed(TableView<T> table, KeyEvent event) {
        int digit = DIGITS.indexOf(event.getCode());
        int row = table.getFocusModel().getFocusedIndex();
        if (event.isAltDown() && digit >= 0 && digit < table.getColumns().size()) {
            sortBy(table, table.getColumns().get(digit));
            event.consume();
        } else if (event.getTarget() instanceof TextField field && event.getCode() == KeyCode.TAB) {
            field.fireEvent(new ActionEvent());
            int next = next(table, event.isShiftDown() ? -1 : 1);
            Platform.runLater(() -> edit(table, row, next));
            event.consume();
        } else if (!(event.getTarget() instanceof TextField) && event.getCode() == KeyCode.ENTER && row >= 0) {
            edit(table, row, last);
            event.consume();
        }
    }

    private int next(TableView<?> table, int by) {
        int columns = table.getColumns().size();
        int at = last;
        do {
            at = Math.floorMod(at + by, columns);
        } while (!table.getColumns().get(at).isEditable());
        return at;
    }

    private <T> void edit(TableView<T> table, int row, int column) {
        last = column;
        table.scrollTo(Math.max(0, row - 1));
        table.layout();
        table.edit(row, table.getColumns().get(column));
    }

    private static <T> void sortBy(TableView<T> table, TableColumn<T, ?> column) {
        boolean first = !table.getSortOrder().contains(column);
        if (first) {
            column.setSortType(TableColumn.SortType.ASCENDING);
            table.getSortOrder().setAll(List.of(column));
        } else if (column.getSortType() == TableColumn.SortType.ASCENDING) {
            column.setSortType(TableColumn.SortType.DESCENDING);
        } else {
            table.getSortOrder().clear();
        }
    }
}
