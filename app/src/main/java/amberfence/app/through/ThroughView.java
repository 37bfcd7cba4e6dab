package amberfence.app.through;

import amberfence.app.hands.NoteCommands;
import amberfence.app.session.Session;
import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.reading.through.Doubt;
import amberfence.reading.through.DoubtKind;
import amberfence.reading.through.Mend;
import amberfence.song.Note;
import amberfence.song.TimeMap;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyIntegerProperty;
import javafx.beans.property.ReadOnlyIntegerWrapper;
import javafx.collections.ListChangeListener;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.MenuItem;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/**
 * What may be wrong in the song, one place after another: the ladder goes there. N and P go on and back, 1 to 3 take a way out, L
 * leaves, H hears the bars around.
 */
public final class ThroughView extends VBox {
    /** Hears a stretch of the song. */
    @FunctionalInterface
    public interface Hearing {
        void hear(long from, long to);
    }

    private final Session session;
    private final Consumer<Note> reveal;
    private final Hearing hearing;
    private final ThroughModel model;
    private final ReadOnlyIntegerWrapper count = new ReadOnlyIntegerWrapper();
    private final Label heading = Controls.label("", "heading");
    private final ListView<Doubt> rows;
    /** Whether the next place is gone to when the song was read anew; else the person is somewhere else. */
    private boolean goesOn;
    private boolean refreshing;

    /**
     * @param reveal shows a note in the ladder
     * @param hearing plays the bars around a place
     */
    public ThroughView(Session session, NoteCommands commands, Consumer<Note> reveal, Hearing hearing) {
        super(5);
        this.session = session;
        this.reveal = reveal;
        this.hearing = hearing;
        this.model = new ThroughModel(session, commands);
        this.rows = new ListView<>(model.doubts());
        setId("through");
        heading.setId("through-heading");
        rows.setId("through-rows");
        rows.setCellFactory(list -> new DoubtCell(session, model, this::mend, this::leave));
        rows.setPlaceholder(Controls.label(Words.say("through.none"), "soft"));
        rows.getSelectionModel().selectedItemProperty().addListener((property, old, now) -> goTo(now));
        rows.addEventFilter(KeyEvent.KEY_PRESSED, this::typed);
        VBox.setVgrow(rows, Priority.ALWAYS);
        Button kinds = Controls.button("through-kinds", "through.kinds", null, "choice");
        kinds.setOnAction(event -> Controls.openMenu(kinds, kindItems()));
        HBox head = new HBox(10, heading, Controls.filler(), kinds);
        head.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(head, rows);
        session.frames().follow(this::readWhenSeen, session.results());
        sceneProperty().addListener((property, old, now) -> {
            readWhenSeen();
            if (now != null) {
                Platform.runLater(rows::requestFocus);
            }
        });
        model.doubts().addListener((ListChangeListener<Doubt>) change -> tell());
        tell();
    }

    /** How many places there are. */
    public ReadOnlyIntegerProperty count() {
        return count.getReadOnlyProperty();
    }

    private void readWhenSeen() {
        if (getScene() != null && session.results().get() != null) {
            int at = rows.getSelectionModel().getSelectedIndex();
            refreshing = true;
            model.read(() -> {
                refreshing = !goesOn;
                goesOn = false;
                select(at);
                refreshing = false;
            });
        }
    }

    private List<MenuItem> kindItems() {
        return Arrays.stream(DoubtKind.values()).map(kind -> {
            CheckMenuItem item = new CheckMenuItem(kind.title());
            item.setId("through-kind-" + kind.text());
            item.setSelected(model.kinds().contains(kind));
            item.setOnAction(event -> model.look(kind, item.isSelected()));
            return (MenuItem) item;
        }).toList();
    }

    private void tell() {
        count.set(model.doubts().size());
        int at = rows.getSelectionModel().getSelectedIndex();
        heading.setText(model.doubts().isEmpty() ? Words.say("through.done", model.mendedCount(), model.leftCount())
                : at < 0 ? Words.count("through.places", model.doubts().size()) : Words.say("through.at", at + 1, model.doubts().size()));
    }

    private void select(int index) {
        if (index >= 0 && !model.doubts().isEmpty()) {
            rows.getSelectionModel().select(Math.min(index, model.doubts().size() - 1));
            rows.scrollTo(Math.max(0, rows.getSelectionModel().getSelectedIndex() - 1));
        }
        tell();
    }

    private void goTo(Doubt doubt) {
        tell();
        if (!refreshing && doubt != null && session.song().find(doubt.part()).isPresent()) {
            session.selection().selectPart(doubt.part());
            session.selection().selectNotes(Set.of(doubt.note().id()));
            reveal.accept(doubt.note());
        }
    }

    private void mend(Doubt doubt, int number) {
        List<Mend> mends = model.mends(doubt);
        if (number < mends.size()) {
            rows.getSelectionModel().select(doubt);
            String way = mends.get(number).words(DoubtCell.spelling(session, doubt)::pitchText);
            goesOn = true;
            model.mend(doubt, mends.get(number), Words.say("through.mended", doubt.sentence().of(DoubtCell.spelling(session, doubt)::pitchText), way));
        }
    }

    private void leave(Doubt doubt) {
        int at = model.doubts().indexOf(doubt);
        model.leave(doubt);
        select(at);
    }

    private void typed(KeyEvent event) {
        Doubt doubt = rows.getSelectionModel().getSelectedItem();
        if (event.isShortcutDown() || event.isAltDown()) {
            return;
        }
        int at = rows.getSelectionModel().getSelectedIndex();
        switch (event.getCode()) {
            case N -> select(at + 1);
            case P -> select(Math.max(0, at - 1));
            case DIGIT1, DIGIT2, DIGIT3 -> {
                if (doubt != null) {
                    mend(doubt, event.getCode().ordinal() - KeyCode.DIGIT1.ordinal());
                }
            }
            case L -> {
                if (doubt != null) {
                    leave(doubt);
                }
            }
            case H -> {
                if (doubt != null) {
                    hear(doubt);
                }
            }
            default -> {
                return;
            }
        }
        event.consume();
    }

    /** The bar before, the bar itself, and the one after. */
    private void hear(Doubt doubt) {
        TimeMap time = session.song().time();
        int bar = time.barOf(doubt.tick());
        hearing.hear(time.barStart(Math.max(1, bar - 1)), time.barStart(bar + 2));
    }
}
