package amberfence.app.head;

import amberfence.app.fence.SmallClock;
import amberfence.app.session.Session;
import amberfence.app.sound.SoundDesk;
import amberfence.app.sound.SoundMenu;
import amberfence.app.theme.Controls;
import amberfence.app.theme.Icons;
import amberfence.app.words.TimeWords;
import amberfence.app.words.Words;
import amberfence.notes.KeyPlan;
import amberfence.song.Song;
import amberfence.theory.Key;
import java.util.List;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.OverrunStyle;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** The head of the workspace. */
public final class HeadView extends HBox {
    /** The title has always as much room, so that nothing shifts with it. */
    private static final double TITLE = 164;
    private static final double NARROW = 1050;
    private static final double PLACE = 54;
    private final Session session;
    private final Label title = Controls.label("", "title");
    private final Label saved = Controls.label("", "soft", "small");
    private final SmallClock clock = new SmallClock();
    private final Label keyName = Controls.label("", "name");
    private final Label keyDegrees = Controls.label("", "soft", "small");
    private final Label place = Controls.label("", "name");
    private final Button time;
    private Button history;
    private final ToggleButton after = new ToggleButton(Words.say("head.after"));
    private final ToggleButton before = new ToggleButton(Words.say("head.before"));
    private final SimpleBooleanProperty noUndo = new SimpleBooleanProperty();
    private final SimpleBooleanProperty noRedo = new SimpleBooleanProperty();

    /**
     * @param songMenu what can be done with the song as a whole
     * @param soundMenu what can be played, and on what
     */
    public HeadView(Session session, SoundDesk desk, SoundMenu soundMenu, Node songMenu, Runnable openFence, Runnable openTime, Runnable openHistory, Runnable importFile,
                    Runnable exportFile) {
        super(12);
        this.session = session;
        getStyleClass().add("head");
        setAlignment(Pos.CENTER_LEFT);
        time = Controls.button("time-chip", null, event -> openTime.run(), "choice");
        title.setId("song-title");
        Controls.tip(title, title::getText);
        saved.setId("saved-state");
        VBox name = new VBox(-3, title, saved);
        name.setAlignment(Pos.CENTER_LEFT);
        name.setMinWidth(TITLE);
        name.setPrefWidth(TITLE);
        name.setMaxWidth(TITLE);
        setMinWidth(0);
        Button importing = Controls.button("import", "head.import", event -> importFile.run());
        importing.setMinWidth(USE_PREF_SIZE);
        Button exporting = Controls.button("export", "head.export", event -> exportFile.run(), "primary");
        exporting.setMinWidth(USE_PREF_SIZE);
        getChildren().addAll(name, songMenu, fenceChip(openFence), new TransportView(session, desk, soundMenu), transport(), beforeAfter(), Controls.filler(),
                undoRedo(openHistory), importing, exporting);
        // Where it is narrow, what is in the menu of the song as well goes first.
        widthProperty().addListener((property, old, now) -> {
            boolean narrow = now.doubleValue() < NARROW;
            for (Node node : List.of(keyDegrees, importing, history)) {
                node.setVisible(!narrow);
                node.setManaged(!narrow);
            }
            name.setMinWidth(narrow ? TITLE - 50 : TITLE);
            name.setPrefWidth(name.getMinWidth());
            name.setMaxWidth(name.getMinWidth());
            setSpacing(narrow ? 5 : 12);
            getStyleClass().setAll(narrow ? List.of("head", "narrow") : List.of("head"));
        });
        session.frames().follow(this::update, session.results(), session.file());
        session.transport().playhead().addListener((property, old, now) -> updatePlace());
        update();
    }

    private Node fenceChip(Runnable openFence) {
        VBox texts = new VBox(-2, keyName, keyDegrees);
        texts.setAlignment(Pos.CENTER_LEFT);
        keyName.setId("fence-key");
        HBox content = new HBox(8, clock, texts);
        content.setAlignment(Pos.CENTER_LEFT);
        Button chip = Controls.button("fence-chip", null, event -> openFence.run());
        chip.getStyleClass().setAll("fence-chip");
        chip.setGraphic(content);
        chip.setAccessibleText(Words.say("head.fence"));
        Controls.tip(chip, Words.say("head.fence"));
        return chip;
    }

    private Node transport() {
        place.setId("place");
        place.setMinWidth(PLACE);
        Controls.tip(place, Words.say("head.place"));
        Controls.tip(time, Words.say("head.timeTip"));
        time.setMinWidth(USE_PREF_SIZE);
        HBox box = new HBox(6, place, time);
        box.setAlignment(Pos.CENTER_LEFT);
        return box;
    }

    private Node beforeAfter() {
        after.setId("after");
        before.setId("before");
        after.setSelected(true);
        HBox either = Controls.either(after, before);
        before.selectedProperty().addListener((property, old, now) -> session.transport().showBefore(now));
        session.transport().showingBefore().addListener((property, old, now) -> (now ? before : after).setSelected(true));
        Controls.tip(either, Words.say("head.beforeTip"));
        either.setAlignment(Pos.CENTER);
        return either;
    }

    private Node undoRedo(Runnable openHistory) {
        Button undo = Controls.iconButton("undo", Icons.UNDO, "head.undo",
                () -> Words.say("head.undoWhat", session.undoName().orElse("")), event -> session.undo());
        Button redo = Controls.iconButton("redo", Icons.REDO, "head.redo",
                () -> Words.say("head.redoWhat", session.redoName().orElse("")), event -> session.redo());
        history = Controls.iconButton("history", Icons.HISTORY, "head.history", event -> openHistory.run());
        HBox box = new HBox(2, Controls.disabledWhen(undo, noUndo, "head.nothingToUndo"),
                Controls.disabledWhen(redo, noRedo, "head.nothingToRedo"), history);
        box.setAlignment(Pos.CENTER);
        return box;
    }

    private void update() {
        Song song = session.results().get().song();
        Controls.showName(title, song.title(), OverrunStyle.ELLIPSIS);
        saved.setText(Words.say(session.isChanged() ? "head.changed" : session.file().get() == null ? "head.unsaved"
                : "head.saved"));
        KeyPlan keys = song.fence().keys();
        Key key = keys.at(song.time().barOf(session.transport().playhead().get()));
        clock.show(key);
        keyName.setText(key.text());
        keyDegrees.setText(key.scale().degreesText() + " · " + bars(song));
        noUndo.set(session.undoName().isEmpty());
        noRedo.set(session.redoName().isEmpty());
        updatePlace();
    }

    private String bars(Song song) {
        KeyPlan keys = song.fence().keys();
        int index = keys.indexAt(song.time().barOf(session.transport().playhead().get()));
        return Words.bars(keys.spans().get(index).fromBar(), keys.lastBar(index, song.lastBar()));
    }

    private void updatePlace() {
        Song song = session.results().get().song();
        long tick = session.transport().playhead().get();
        var position = song.time().position(tick);
        place.setText(position.bar() + " : " + position.beat());
        time.setText(TimeWords.of(song.time(), tick));
    }
}
