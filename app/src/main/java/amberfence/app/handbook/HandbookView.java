package amberfence.app.handbook;

import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.handbook.Found;
import amberfence.handbook.Handbook;
import amberfence.handbook.HandbookPage;
import amberfence.song.Song;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The handbook in the place of the desk: what there is to read at the left, which searching narrows, and a page. */
public final class HandbookView extends BorderPane {
    private static final double CONTENTS = 250;
    private final Handbook handbook = Handbook.shipped();
    private final Runnable close;
    private final Consumer<Song> tryIt;
    private final TextField search = new TextField();
    private final ListView<Entry> contents = new ListView<>();
    private final Label none = Controls.label("", "soft");
    private final StackPane reading = new StackPane();
    private final ScrollPane scroll = Controls.scrolling(reading);
    private final Button back;
    private final Deque<HandbookPage> before = new ArrayDeque<>();
    private HandbookPage shown;

    /** A line of the contents: a page with words around what was found, or a heading, which has no page. */
    private record Entry(String words, Found found) {
    }

    /**
     * @param close goes back to the desk
     * @param tryIt opens the song of an example
     * @param keys opens the list of all keys
     * @param tour begins the tour
     */
    public HandbookView(Runnable close, Consumer<Song> tryIt, Runnable keys, Runnable tour) {
        this.close = close;
        this.tryIt = tryIt;
        setId("handbook");
        getStyleClass().add("page");
        this.back = Controls.button("handbook-back", null, event -> goBack(), "small-step");
        back.setText("‹");
        back.setAccessibleText(Words.say("handbook.back"));
        Controls.tip(back, Words.say("handbook.back"));
        search.setId("handbook-search");
        search.setPromptText(Words.say("handbook.search"));
        search.setPrefColumnCount(20);
        search.textProperty().addListener((property, old, now) -> list(now));
        HBox head = new HBox(14, Controls.label(Words.say("handbook.title"), "title"), back, search, none, Controls.filler(),
                Controls.button("handbook-tour", "handbook.tour", event -> tour.run()), Controls.button("handbook-keys", "handbook.keys", event -> keys.run()),
                Controls.button("handbook-done", "handbook.done", event -> close.run(), "ink"));
        head.getStyleClass().add("head");
        head.setAlignment(Pos.CENTER_LEFT);
        setTop(head);
        contents.setId("handbook-contents");
        contents.setAccessibleText(Words.say("handbook.title"));
        contents.setMinWidth(CONTENTS);
        contents.setPrefWidth(CONTENTS);
        contents.setMaxWidth(CONTENTS);
        contents.setCellFactory(list -> cell());
        contents.getSelectionModel().selectedItemProperty().addListener((property, old, now) -> {
            if (now != null && now.found != null && now.found.page() != shown) {
                show(now.found.page());
            }
        });
        scroll.setId("handbook-page");
        reading.setAlignment(Pos.TOP_LEFT);
        HBox.setHgrow(scroll, Priority.ALWAYS);
        HBox middle = new HBox(24, contents, scroll);
        middle.getStyleClass().add("handbook-middle");
        setCenter(middle);
        list("");
        addEventFilter(KeyEvent.KEY_PRESSED, this::keyed);
    }

    /** Opens a page by its name; the first one when there is none of that name. */
    public void open(String name) {
        search.clear();
        show(handbook.page(name).orElse(handbook.pages().get(0)));
        search.requestFocus();
    }

    private void list(String wanted) {
        List<Entry> entries = new ArrayList<>();
        if (wanted.isBlank()) {
            String last = "";
            for (HandbookPage page : handbook.pages()) {
                String group = group(page);
                if (!group.equals(last)) {
                    entries.add(new Entry(group, null));
                }
                entries.add(new Entry("", new Found(page, "")));
                last = group;
            }
        } else {
            handbook.search(wanted).forEach(found -> entries.add(new Entry("", found)));
        }
        none.setText(entries.isEmpty() ? Words.say("handbook.none", wanted.strip()) : "");
        contents.getItems().setAll(entries);
        mark();
    }

    private static String group(HandbookPage page) {
        return page.step().map(step -> Words.say("handbook.steps", step.group().title().toUpperCase(Locale.getDefault())))
                .orElse(Words.say("handbook.topics"));
    }

    /** The page that is shown stands out in the contents. */
    private void mark() {
        contents.getSelectionModel().clearSelection();
        for (Entry entry : contents.getItems()) {
            if (entry.found != null && entry.found.page() == shown) {
                contents.getSelectionModel().select(entry);
                contents.scrollTo(Math.max(0, contents.getItems().indexOf(entry) - 3));
            }
        }
    }

    private void show(HandbookPage page) {
        if (shown != null && shown != page) {
            before.push(shown);
        }
        display(page);
    }

    private void goBack() {
        if (!before.isEmpty()) {
            display(before.pop());
        }
    }

    private void display(HandbookPage page) {
        shown = page;
        back.setDisable(before.isEmpty());
        reading.getChildren().setAll(new Article(page, name -> handbook.page(name).ifPresent(this::show), tryIt));
        scroll.setVvalue(0);
        mark();
    }

    private ListCell<Entry> cell() {
        return new ListCell<>() {
            @Override
            protected void updateItem(Entry entry, boolean empty) {
                super.updateItem(entry, empty);
                setText(null);
                setGraphic(empty || entry == null ? null : entry.found == null ? Controls.label(entry.words, "heading") : line(entry.found));
                setDisable(!empty && entry != null && entry.found == null);
            }
        };
    }

    private static VBox line(Found found) {
        VBox line = new VBox(Controls.label(found.page().title(), "entry"));
        if (!found.where().isEmpty()) {
            Label where = Controls.label(found.where(), "soft", "small");
            where.setWrapText(true);
            where.setMaxWidth(CONTENTS - 26);
            where.setMaxHeight(34);
            line.getChildren().add(where);
        }
        return line;
    }

    private void keyed(KeyEvent event) {
        if (event.getCode() == KeyCode.ESCAPE) {
            if (search.getText().isEmpty()) {
                close.run();
            } else {
                search.clear();
            }
            event.consume();
        } else if (event.getTarget() == search && (event.getCode() == KeyCode.DOWN || event.getCode() == KeyCode.ENTER)) {
            contents.requestFocus();
            contents.getItems().stream().filter(entry -> entry.found != null).findFirst().filter(first -> event.getCode() == KeyCode.ENTER || contents.getSelectionModel().isEmpty())
                    .ifPresent(contents.getSelectionModel()::select);
            event.consume();
        }
    }
}
