package amberfence.app.notes;

import amberfence.app.hands.NoteCommands;
import amberfence.app.session.Results;
import amberfence.app.session.Session;
import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.notes.Note;
import amberfence.result.Standing;
import amberfence.song.Part;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.collections.FXCollections;
import javafx.collections.ListChangeListener;
import javafx.scene.control.SelectionMode;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TableView;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.cell.TextFieldTableCell;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.StackPane;
import javafx.util.StringConverter;

/**
 * The notes of the selected part as a table: what is typed into it is the same edit as by hand, and its selection is the
 * ladder's.
 */
public final class NotesTable extends StackPane {
    /** Of a larger selection only so many rows are marked: to mark each one takes the table long. */
    private static final int MOST_MARKED = 500;
    private final Session session;
    private final NoteCommands commands;
    private final Consumer<Note> reveal;
    private TableView<Standing> table;
    private Results results;
    private List<Standing> shown = List.of();
    private boolean updating;
    private final Runnable thin = this::thin;

    private final TableKeys keys = new TableKeys();

    /** @param reveal shows a note in the ladder */
    public NotesTable(Session session, NoteCommands commands, Consumer<Note> reveal) {
        this.session = session;
        this.commands = commands;
        this.reveal = reveal;
        this.table = make();
        getChildren().add(table);
        setVisible(false);
        session.frames().follow(this::update, session.results(), session.selection().part(), visibleProperty());
        session.frames().follow(this::followSelection, session.selection().notes());
    }

    private TableView<Standing> make() {
        TableView<Standing> made = new TableView<>();
        made.setId("notes-table");
        made.setAccessibleText(Words.say("drawer.notes"));
        made.setEditable(true);
        made.setFixedCellSize(23);
        made.setPlaceholder(Controls.label(Words.say("notes.none"), "soft"));
        made.getSelectionModel().setSelectionMode(SelectionMode.MULTIPLE);
        made.setColumnResizePolicy(TableView.CONSTRAINED_RESIZE_POLICY_FLEX_LAST_COLUMN);
        made.setSortPolicy(sorted -> sorted != table || sort());
        for (NoteColumn column : NoteColumn.values()) {
            made.getColumns().add(column(column));
        }
        made.getSelectionModel().getSelectedItems().addListener((ListChangeListener<Standing>) change -> chosen());
        keys.install(made);
        made.addEventFilter(KeyEvent.KEY_PRESSED, event -> {
            // All notes are chosen at once; the table would take them one by one.
            if (event.isShortcutDown() && event.getCode() == KeyCode.A && !(event.getTarget() instanceof TextInputControl)) {
                commands.selection().all();
                event.consume();
            }
        });
        return made;
    }

    /** Marks no more rows than the table can bear. */
    private void thin() {
        updating = true;
        letGo();
        updating = false;
        followSelection();
    }

    /** A table with very many rows marked takes very long to let go of them: another one takes its place. */
    private void letGo() {
        if (table.getSelectionModel().getSelectedIndices().size() <= MOST_MARKED) {
            table.getSelectionModel().clearSelection();
            return;
        }
        TableView<Standing> old = table;
        List<TableColumn<Standing, ?>> order = old.getSortOrder();
        table = make();
        table.setItems(FXCollections.observableArrayList(old.getItems()));
        order.forEach(column -> {
            TableColumn<Standing, ?> same = table.getColumns().get(((NoteColumn) column.getUserData()).ordinal());
            same.setSortType(column.getSortType());
            table.getSortOrder().add(same);
        });
        getChildren().setAll(table);
        if (old.isFocused()) {
            session.frames().soon(table::requestFocus);
        }
    }

    /** The note of a cell, or what was typed into it. Words are made when a cell is seen: a long part has very many. */
    private record Entry(Standing standing, Optional<String> typed) {
    }

    private final class CellWords extends StringConverter<Entry> {
        private final NoteColumn kind;

        CellWords(NoteColumn kind) {
            this.kind = kind;
        }

        @Override
        public String toString(Entry entry) {
            return entry == null ? "" : entry.typed().orElseGet(() -> kind.text(results, entry.standing()));
        }

        @Override
        public Entry fromString(String text) {
            return new Entry(null, Optional.of(text));
        }
    }

    private TableColumn<Standing, Entry> column(NoteColumn kind) {
        TableColumn<Standing, Entry> column = new TableColumn<>(kind.title());
        column.setId("notes-" + kind.name().toLowerCase(Locale.ROOT));
        column.setUserData(kind);
        column.setPrefWidth(kind.width());
        column.setReorderable(false);
        column.setEditable(kind.isEditable());
        column.setCellValueFactory(cell -> new ReadOnlyObjectWrapper<>(new Entry(cell.getValue(), Optional.empty())));
        column.setCellFactory(TextFieldTableCell.forTableColumn(new CellWords(kind)));
        column.setOnEditCommit(event -> {
            typed(kind, event.getRowValue(), event.getNewValue().typed().orElse("").strip());
            table.refresh();
            table.requestFocus();
        });
        return column;
    }

    /** Sorts by what notes are, not by their words; without a column in the order of time. */
    private boolean sort() {
        Comparator<Standing> order = null;
        for (TableColumn<Standing, ?> column : table.getSortOrder()) {
            Comparator<Standing> by = ((NoteColumn) column.getUserData()).order();
            by = column.getSortType() == TableColumn.SortType.DESCENDING ? by.reversed() : by;
            order = order == null ? by : order.thenComparing(by);
        }
        // The table looks after its selection while it sorts: it must not be touched here.
        boolean before = updating;
        updating = true;
        FXCollections.sort(table.getItems(), order == null ? NoteColumn.PLACE.order() : order);
        updating = before;
        return true;
    }

    private void typed(NoteColumn kind, Standing standing, String text) {
        if (standing.kind() == Standing.Kind.MADE) {
            session.say(Words.say("hands.made"));
            return;
        }
        try {
            NoteTyping.edit(kind, commands, session.results().get(), standing.before(), text);
        } catch (IllegalArgumentException e) {
            session.say(e.getMessage());
        }
    }

    /** Only what is seen is filled. */
    private void update() {
        if (!isVisible()) {
            return;
        }
        results = session.results().get();
        List<Standing> now = session.part().map(Part::id).map(results::standings).orElse(List.of());
        if (now != shown) {
            shown = now;
            updating = true;
            letGo();
            var order = List.copyOf(table.getSortOrder());
            table.setItems(FXCollections.observableArrayList(now));
            table.getSortOrder().setAll(order);
            updating = false;
            followSelection();
        } else {
            table.refresh();
        }
    }

    private void chosen() {
        if (!updating) {
            Set<Long> ids = new HashSet<>();
            List<Standing> chosen = new ArrayList<>(table.getSelectionModel().getSelectedItems());
            chosen.removeIf(standing -> standing == null);
            chosen.forEach(standing -> ids.add(standing.before().id()));
            updating = true;
            session.selection().selectNotes(Set.copyOf(ids));
            updating = false;
            if (chosen.size() > MOST_MARKED) {
                session.frames().soon(thin);
            }
            if (chosen.size() == 1) {
                reveal.accept(chosen.get(0).shown(session.transport().showingBefore().get()));
            }
        }
    }

    private void followSelection() {
        Set<Long> selected = session.selection().notes().get();
        if (updating || !isVisible() || isMarked(selected)) {
            return;
        }
        updating = true;
        Map<Long, Integer> places = new HashMap<>();
        for (int i = 0; i < table.getItems().size() && places.size() < Math.min(MOST_MARKED, selected.size()); i++) {
            long id = table.getItems().get(i).before().id();
            if (selected.contains(id)) {
                places.put(id, i);
            }
        }
        letGo();
        if (!places.isEmpty()) {
            int[] rows = places.values().stream().mapToInt(place -> place).sorted().toArray();
            table.getSelectionModel().selectIndices(rows[0], rows);
            table.scrollTo(Math.max(0, rows[0] - 1));
        }
        updating = false;
    }

    private boolean isMarked(Set<Long> selected) {
        Set<Long> marked = new HashSet<>();
        table.getSelectionModel().getSelectedItems().forEach(standing -> {
            if (standing != null) {
                marked.add(standing.before().id());
            }
        });
        return marked.equals(selected);
    }
}
