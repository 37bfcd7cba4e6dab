package amberfence.app.through;

import amberfence.analysis.Doubt;
import amberfence.analysis.DoubtKind;
import amberfence.analysis.Mend;
import amberfence.analysis.ReadThrough;
import amberfence.app.hands.NoteCommands;
import amberfence.app.session.Session;
import amberfence.app.sound.SoundDesk;
import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.notes.Note;
import amberfence.notes.TimeMap;
import amberfence.song.Part;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.IntStream;
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
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/**
 * What may be wrong in the song, one place after another: the ladder goes there and shows what a way out would make of it. N and P
 * go on and back, 1 to 3 take a way out, L leaves, with Shift all of the kind in the part, H hears the bars around, with Shift the
 * part in front of the others.
 */
public final class ThroughView extends VBox {
    private final Button parts = Controls.button("through-parts", "through.allParts", null, "choice");
    private OptionalInt looked = OptionalInt.empty();
    private final Session session;
    private final Consumer<Note> reveal;
    private final SoundDesk sound;
    private final ThroughModel model;
    private final ReadOnlyIntegerWrapper count = new ReadOnlyIntegerWrapper();
    private final Label heading = Controls.label("", "heading");
    private final ListView<Doubt> rows;
    /** Whether the next place is gone to when the song was read anew; else the person is somewhere else. */
    private boolean goesOn;
    private boolean refreshing;
    /** Whether each place that is gone to by keys is heard. */
    private boolean hearEach;
    private boolean byKeys;

    /**
     * @param reveal shows a note in the ladder
     * @param sound plays the bars around a place
     */
    public ThroughView(Session session, NoteCommands commands, Consumer<Note> reveal, SoundDesk sound) {
        super(5);
        this.session = session;
        this.reveal = reveal;
        this.sound = sound;
        this.model = new ThroughModel(session, commands);
        this.rows = new ListView<>(model.doubts());
        setId("through");
        heading.setId("through-heading");
        rows.setId("through-rows");
        rows.setAccessibleText(Words.say("drawer.through"));
        DoubtCell.keepHeight(rows);
        rows.setCellFactory(list -> new DoubtCell(session, model, this::mend, this::leave, this::tryWay, doubt -> hear(doubt, false)));
        rows.setPlaceholder(Controls.label(Words.say("through.none"), "soft"));
        rows.getSelectionModel().selectedItemProperty().addListener((property, old, now) -> goTo(now));
        rows.addEventFilter(KeyEvent.KEY_PRESSED, this::typed);
        VBox.setVgrow(rows, Priority.ALWAYS);
        Button kinds = Controls.button("through-kinds", "through.kinds", null, "choice");
        kinds.setOnAction(event -> Controls.openMenu(kinds, kindItems()));
        parts.setOnAction(event -> Controls.openMenu(parts, partItems()));
        hearEach = session.preferences().isOn("through-hear", true);
        ToggleButton hear = Controls.chip("through-hear", Words.say("through.hearEach"), hearEach, on -> {
            hearEach = on;
            session.preferences().keep("through-hear", on);
            rows.requestFocus();
        });
        Controls.tip(hear, Words.say("through.hearEachTip"));
        HBox head = new HBox(10, heading, Controls.filler(), hear, parts, kinds);
        head.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(head, rows);
        session.frames().follow(() -> {
            showPart();
            readWhenSeen();
        }, session.results());
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
            model.read(this::show);
        } else {
            session.selection().suggest(List.of());
        }
    }

    /** Fills the list, and stays at the place where the person is, or goes on from it when it was mended. */
    private void show(ReadThrough.Found found) {
        Doubt here = rows.getSelectionModel().getSelectedItem();
        int at = rows.getSelectionModel().getSelectedIndex();
        refreshing = true;
        model.show(found);
        refreshing = !goesOn;
        goesOn = false;
        OptionalInt same = here == null ? OptionalInt.empty() : IntStream.range(0, model.doubts().size()).filter(i -> model.doubts().get(i).kind() == here.kind()
                && model.doubts().get(i).note().id() == here.note().id()).findFirst();
        select(same.orElse(at));
        refreshing = false;
        byKeys = false;
        tryWay(rows.getSelectionModel().getSelectedItem(), 0);
    }

    private List<MenuItem> kindItems() {
        List<MenuItem> items = new ArrayList<>(Arrays.stream(DoubtKind.values()).map(kind -> {
            CheckMenuItem item = new CheckMenuItem(Words.say("through.kind", kind.title(), model.counts().getOrDefault(kind, 0)));
            item.setId("through-kind-" + kind.text());
            item.setSelected(model.kinds().contains(kind));
            item.setOnAction(event -> model.look(kind, item.isSelected()));
            return (MenuItem) item;
        }).toList());
        MenuItem again = Controls.menuItem("through-again", Words.say("through.again"), model::readLeftAgain);
        again.setDisable(model.leftCount() == 0);
        items.add(again);
        return items;
    }

    private List<MenuItem> partItems() {
        List<MenuItem> items = new ArrayList<>();
        items.add(Controls.menuItem("through-part-all", Words.say("through.allParts"), () -> lookAt(OptionalInt.empty())));
        session.song().parts().forEach(part -> items.add(Controls.menuItem("through-part-" + part.id(), part.name(), () -> lookAt(OptionalInt.of(part.id())))));
        return items;
    }

    private void lookAt(OptionalInt part) {
        looked = part;
        showPart();
        model.lookAt(part);
    }

    /** The name of the part that is looked at, as it is now; of one that was taken away all parts are looked at. */
    private void showPart() {
        Optional<Part> part = looked.isEmpty() ? Optional.empty() : session.song().find(looked.getAsInt());
        parts.setText(part.map(Part::name).orElse(Words.say("through.allParts")));
        if (looked.isPresent() && part.isEmpty()) {
            looked = OptionalInt.empty();
            model.lookAt(looked);
        }
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
            tryWay(doubt, 0);
            if (byKeys && hearEach) {
                hear(doubt, false);
            }
        }
    }

    /** Shows in the ladder what a way out would make of a place, when the ladder is there. */
    private void tryWay(Doubt doubt, int number) {
        boolean here = doubt != null && session.selection().notes().get().equals(Set.of(doubt.note().id()));
        List<Mend> mends = here ? model.mends(doubt) : List.of();
        if (number < mends.size()) {
            model.suggest(doubt, mends.get(number));
        } else {
            session.selection().suggest(List.of());
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
        model.leave(List.of(doubt), Words.say("through.left", doubt.sentence().of(DoubtCell.spelling(session, doubt)::pitchText)));
        select(at);
    }

    private void leaveAllLike(Doubt doubt) {
        int at = model.doubts().indexOf(doubt);
        List<Doubt> all = model.likeIt(doubt);
        int before = (int) model.doubts().subList(0, at).stream().filter(other -> ThroughModel.isLike(other, doubt)).count();
        model.leave(all, Words.say("through.leftAll", doubt.kind().title(), all.size()));
        select(at - before);
    }

    private void typed(KeyEvent event) {
        Doubt doubt = rows.getSelectionModel().getSelectedItem();
        if (event.isShortcutDown() || event.isAltDown()) {
            return;
        }
        int at = rows.getSelectionModel().getSelectedIndex();
        byKeys = true;
        switch (event.getCode()) {
            case N -> select(at + 1);
            case P -> select(Math.max(0, at - 1));
            case DIGIT1, DIGIT2, DIGIT3 -> {
                if (doubt != null) {
                    mend(doubt, event.getCode().ordinal() - KeyCode.DIGIT1.ordinal());
                }
            }
            case L -> {
                if (doubt != null && event.isShiftDown()) {
                    leaveAllLike(doubt);
                } else if (doubt != null) {
                    leave(doubt);
                }
            }
            case H -> {
                if (doubt != null) {
                    hear(doubt, event.isShiftDown());
                }
            }
            default -> {
                byKeys = false;
                return;
            }
        }
        byKeys = goesOn;
        event.consume();
    }

    /** The bar before, the bar itself, and the one after. */
    private void hear(Doubt doubt, boolean inFront) {
        TimeMap time = session.song().time();
        int bar = time.barOf(doubt.tick());
        long from = time.barStart(Math.max(1, bar - 1));
        long to = time.barStart(bar + 2);
        if (inFront) {
            sound.playInFront(doubt.part(), from, to);
        } else {
            sound.playBetween(from, to);
        }
    }
}
