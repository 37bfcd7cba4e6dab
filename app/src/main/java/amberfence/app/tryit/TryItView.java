package amberfence.app.tryit;

import amberfence.app.hands.NoteCommands;
import amberfence.app.session.Session;
import amberfence.app.sound.KeyboardInput;
import amberfence.app.sound.Recorder;
import amberfence.app.sound.SoundDesk;
import amberfence.app.theme.Choice;
import amberfence.app.theme.Controls;
import amberfence.app.theme.Icons;
import amberfence.app.theme.Named;
import amberfence.app.words.GridWords;
import amberfence.app.words.Words;
import amberfence.format.FileBytes;
import amberfence.format.UnreadableFileException;
import amberfence.format.midi.MidiReader;
import amberfence.notes.Grid;
import amberfence.notes.Line;
import amberfence.notes.LineText;
import amberfence.notes.TimeMap;
import amberfence.song.Song;
import amberfence.sound.LiveKeys;
import amberfence.sound.Outside;
import amberfence.sound.Performance;
import amberfence.sound.Recording;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The panel for playing along: a keyboard, what its keys do, and recording. */
public final class TryItView extends VBox {
    /** What the simulated keyboard plays: a run with outside notes in it. */
    private static final String PERFORMANCE = "C4 C#4 D4 E4 F4 F#4 G4:2 A4 Bb4 B4 C5:3 [C4 E4 G4]:4";
    private static final int LATEST = 300;
    private static final int MIDDLE_C = 60;
    private static final double THROUGH = 150;

    private final Session session;
    private final SoundDesk desk;
    private final Recorder recorder;
    private final Supplier<Optional<Path>> performanceFile;
    private final OneByOne oneByOne;
    private final PianoView piano;
    private final BankControls bank;
    private final PadGrid pads;
    private final Label state = Controls.label("", "soft", "small");
    private final Label through = Controls.label("", "soft", "small");
    private final KeyboardInput keyboard;
    private Optional<Performance> performance = Optional.empty();

    /** @param performanceFile lets a person choose a MIDI file that plays the keys */
    public TryItView(Session session, SoundDesk desk, Recorder recorder, NoteCommands commands, KeyboardInput keyboard,
                     Supplier<Optional<Path>> performanceFile) {
        super(4);
        this.session = session;
        this.desk = desk;
        this.recorder = recorder;
        this.performanceFile = performanceFile;
        this.keyboard = keyboard;
        this.oneByOne = new OneByOne(session, desk, commands);
        this.piano = new PianoView(desk::keys);
        this.pads = new PadGrid(session, desk::keys);
        this.bank = new BankControls(session, desk::keys, pads, state::setText);
        setId("tryit");
        state.setId("tryit-state");
        state.setMinWidth(0);
        state.setText(keyboard.name().get());
        keyboard.name().addListener((property, old, now) -> state.setText(now));
        fill();
        setVisible(false);
        visibleProperty().addListener((property, old, now) -> shown(now));
        recorder.recording().addListener((property, old, now) -> state.setText(now ? Words.say("tryit.recording") : ""));
    }

    private void shown(boolean now) {
        piano.setLive(now);
        if (now) {
            session.frames().soon(piano::requestFocus);
        } else {
            oneByOne.on().set(false);
            bank.endLearning();
            desk.keys().releaseAll();
        }
    }

    private void fill() {
        desk.keys().setMode(session.preferences().choice("keys-mode", desk.keys().mode()));
        desk.keys().setOutside(session.preferences().choice("keys-outside", desk.keys().outside()));
        ComboBox<LiveKeys.Mode> mode = Choice.of("tryit-mode", List.of(LiveKeys.Mode.values()), desk.keys().mode(),
                some -> word("playMode.", some), some -> {
                    desk.keys().setMode(some);
                    session.preferences().choose("keys-mode", some);
                    showBank(some == LiveKeys.Mode.CHORDS);
                });
        Named.choice(mode, Words.say("named.tryit-mode"));
        ComboBox<Outside> outside = Choice.of("tryit-outside", List.of(Outside.values()), desk.keys().outside(),
                some -> word("playOutside.", some), some -> {
                    desk.keys().setOutside(some);
                    session.preferences().choose("keys-outside", some);
                });
        Named.choice(outside, Words.say("named.tryit-outside"));
        desk.keysThroughSteps().set(session.preferences().isOn("keys-through", false));
        ToggleButton throughSteps = Controls.chip("keys-through", Words.say("tryit.through"), desk.keysThroughSteps().get(), on -> {
            desk.keysThroughSteps().set(on);
            session.preferences().keep("keys-through", on);
            tellThrough();
            if (on) {
                session.say(Words.say("tryit.throughSaid", desk.throughWords()));
            }
        });
        throughSteps.setMinWidth(USE_PREF_SIZE);
        Controls.tip(throughSteps, Words.say("tryit.throughTip"));
        // The steps decide what outside keys sound; what they are stands in the place of that choice.
        outside.visibleProperty().bind(desk.keysThroughSteps().not());
        outside.managedProperty().bind(outside.visibleProperty());
        through.visibleProperty().bind(desk.keysThroughSteps());
        through.managedProperty().bind(through.visibleProperty());
        through.setId("keys-through-words");
        through.setMinWidth(0);
        Controls.tip(through, through::getText);
        session.results().addListener((property, old, now) -> tellThrough());
        session.selection().part().addListener((property, old, now) -> tellThrough());
        tellThrough();
        through.setPrefWidth(THROUGH);
        FlowPane first = new FlowPane(6, 4, mode, outside, throughSteps, through);
        first.getChildren().addAll(octaveRow());
        first.getChildren().add(state);
        getChildren().addAll(first, piano, pads, bank, recordRow());
        showBank(desk.keys().mode() == LiveKeys.Mode.CHORDS);
    }

    private void tellThrough() {
        through.setText(desk.keysThroughSteps().get() ? desk.throughWords() : "");
    }

    private static String word(String family, Enum<?> value) {
        return Words.say(family + value.name().toLowerCase(Locale.ROOT));
    }

    private static HBox row(Node... nodes) {
        HBox row = new HBox(5, nodes);
        row.setAlignment(Pos.CENTER_LEFT);
        for (Node node : nodes) {
            HBox.setHgrow(node, Priority.SOMETIMES);
        }
        return row;
    }

    private HBox octaveRow() {
        Button lower = Controls.button("piano-lower", null, event -> piano.shift(-1), "small-step");
        lower.setText("‹");
        lower.setAccessibleText(Words.say("tryit.lower"));
        Button higher = Controls.button("piano-higher", null, event -> piano.shift(1), "small-step");
        higher.setText("›");
        higher.setAccessibleText(Words.say("tryit.higher"));
        Button from = Controls.button("tryit-input", "tryit.input", null, "choice");
        from.setOnAction(event -> Controls.openMenu(from, inputs()));
        Button simulated = Controls.button("tryit-simulated", "tryit.simulated", event -> simulate(), "choice");
        Controls.tip(simulated, Words.say("tryit.simulatedTip"));
        return row(lower, higher, from, simulated);
    }

    private List<MenuItem> inputs() {
        List<MenuItem> items = new ArrayList<>(keyboard.items());
        items.add(1, Controls.menuItem("input-file", Words.say("tryit.file"), this::playFile));
        return items;
    }

    /** Plays a short performance as a keyboard would, or ends it. */
    private void simulate() {
        if (performance.filter(Performance::isPlaying).isPresent()) {
            performance.get().stop();
            return;
        }
        Song song = session.song();
        perform(LineText.parse(PERFORMANCE, song.time().ticksPerQuarter() / 2, 0, 1), song.time());
    }

    private void perform(Line line, TimeMap time) {
        performance = Optional.of(new Performance(line, time, desk.keys()::receive, desk::nanos));
        performance.get().start();
    }

    /** Lets the first part of a MIDI file play the keys, as somebody might who played it. */
    private void playFile() {
        performanceFile.get().ifPresent(file -> {
            try {
                Song song = MidiReader.read(FileBytes.read(file, FileBytes.MOST_MIDI), file.getFileName().toString()).song();
                song.parts().stream().filter(part -> !part.isDrums()).findFirst().ifPresentOrElse(
                        part -> perform(part.line(), song.time()), () -> session.say(Words.say("tryit.nothingPlayed")));
            } catch (UnreadableFileException e) {
                session.say(e.getMessage());
            }
        });
    }

    private void showBank(boolean shown) {
        for (Node node : List.of(bank, pads)) {
            node.setVisible(shown);
            node.setManaged(shown);
        }
        piano.showFrom(shown ? bank.begin() : MIDDLE_C);
        if (!shown) {
            bank.endLearning();
        }
    }

    private FlowPane recordRow() {
        ToggleButton record = new ToggleButton(Words.say("tryit.record"));
        record.setId("record");
        record.setGraphic(Icons.RECORD.node());
        record.getStyleClass().add("record");
        record.setMinWidth(USE_PREF_SIZE);
        record.setOnAction(event -> {
            recorder.toggle();
            record.setSelected(recorder.recording().get());
        });
        recorder.recording().addListener((property, old, now) -> record.setSelected(now));
        Button minute = Controls.button("keep-minute", "tryit.keepMinute", event -> recorder.keepLastMinute(), "choice");
        Controls.tip(minute, Words.say("tryit.keepMinuteTip"));

        ComboBox<String> what = Choice.of("record-what", List.of("heard", "pressed", "both"), "heard",
                some -> Words.say("tryit.what." + some), some -> recorder.setWhat(switch (some) {
                    case "heard" -> EnumSet.of(Recording.What.HEARD);
                    case "pressed" -> EnumSet.of(Recording.What.PRESSED);
                    default -> EnumSet.allOf(Recording.What.class);
                }));
        Named.choice(what, Words.say("named.record-what"));
        List<Optional<Grid>> grids = new ArrayList<>(List.of(Optional.empty()));
        GridWords.all().forEach(grid -> grids.add(Optional.of(grid)));
        ComboBox<Optional<Grid>> tidy = Choice.of("record-tidy", grids, Optional.empty(),
                some -> some.map(GridWords::of).orElse(Words.say("tryit.untidy")), recorder::setTidy);
        Named.choice(tidy, Words.say("named.record-tidy"));
        List<Integer> delays = new ArrayList<>();
        for (int millis = 0; millis <= LATEST; millis += 10) {
            delays.add(millis);
        }
        ComboBox<Integer> latency = Choice.of("record-latency", delays, 0, some -> Words.say("tryit.latency", some),
                recorder::setLatency);
        Named.choice(latency, Words.say("named.record-latency"));
        for (ComboBox<?> box : List.of(what, tidy, latency)) {
            box.setPrefWidth(112);
        }
        FlowPane row = new FlowPane(5, 4, record, minute);
        row.getChildren().addAll(oneByOne());
        row.getChildren().addAll(what, tidy, latency, Controls.chip("record-over", Words.say("tryit.overdub"), false,
                recorder::setOverdub));
        return row;
    }

    /** What is played goes into the part, one after another, while nothing plays. */
    private List<Node> oneByOne() {
        ToggleButton put = Controls.chip("one-by-one", Words.say("oneByOne.on"), false, on -> {
            oneByOne.on().set(on);
            piano.requestFocus();
        });
        Controls.tip(put, Words.say("oneByOne.tip"));
        oneByOne.on().addListener((property, old, now) -> put.setSelected(now));
        List<Node> buttons = new ArrayList<>(List.of(put));
        buttons.add(step("one-back", "oneByOne.backKey", "oneByOne.backKeyTip", oneByOne::back));
        buttons.add(step("one-rest", "oneByOne.restKey", "oneByOne.restKeyTip", oneByOne::rest));
        buttons.add(step("one-hold", "oneByOne.holdKey", "oneByOne.holdKeyTip", oneByOne::holdOn));
        piano.addEventHandler(KeyEvent.KEY_PRESSED, event -> {
            if (oneByOne.on().get() && typed(event.getCode())) {
                event.consume();
            }
        });
        return buttons;
    }

    private Button step(String id, String words, String tip, Runnable action) {
        Button button = Controls.button(id, words, event -> action.run(), "tiny-choice");
        Controls.tip(button, Words.say(tip));
        button.visibleProperty().bind(oneByOne.on());
        button.managedProperty().bind(oneByOne.on());
        return button;
    }

    private boolean typed(KeyCode code) {
        switch (code) {
            case LEFT, BACK_SPACE -> oneByOne.back();
            case RIGHT -> oneByOne.rest();
            case ENTER -> oneByOne.holdOn();
            default -> {
                return false;
            }
        }
        return true;
    }
}
