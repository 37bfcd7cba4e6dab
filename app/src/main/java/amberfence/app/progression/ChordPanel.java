package amberfence.app.progression;

import amberfence.app.session.Session;
import amberfence.app.theme.Choice;
import amberfence.app.theme.Controls;
import amberfence.app.theme.Named;
import amberfence.app.words.Words;
import amberfence.notes.Progression;
import amberfence.theory.Chord;
import amberfence.theory.ChordKind;
import amberfence.theory.ChordKinds;
import amberfence.theory.Key;
import amberfence.theory.KeyChords;
import amberfence.theory.MusicTextException;
import amberfence.theory.NextChord;
import amberfence.theory.NoteName;
import amberfence.theory.RomanNumeral;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/**
 * Puts chords in at the playhead: typed, from the degrees of the key, borrowed or applied, from suggestions for what may come
 * next, or by a kind whose root is clicked in the ladder.
 */
public final class ChordPanel extends VBox {
    private static final int SUGGESTIONS = 6;
    private static final List<Integer> SIZES = List.of(3, 4, 5, 6, 7);
    private final Session session;
    private final ChordCommands commands;
    private final TextField entry = new TextField();
    private final FlowPane degrees = new FlowPane(3, 3);
    private final FlowPane more = new FlowPane(3, 3);
    private final FlowPane next = new FlowPane(3, 3);
    private final ComboBox<Integer> size;
    private final ComboBox<ChordLength> length;
    private final ToggleButton brush = new ToggleButton(Words.say("chords.brush"));

    public ChordPanel(Session session, ChordCommands commands) {
        super(4);
        this.session = session;
        this.commands = commands;
        setId("chord-panel");
        entry.setId("chord-entry");
        entry.setPromptText(Words.say("chords.prompt"));
        entry.setPrefColumnCount(13);
        entry.getStyleClass().add("compact");
        entry.setOnAction(event -> typed());
        size = Choice.of("chord-size", SIZES, 3, some -> Words.say("chords.size." + some), some -> update());
        Named.choice(size, Words.say("named.chord-size"));
        length = Choice.of("chord-length", List.of(ChordLength.values()), ChordLength.BAR,
                some -> Words.say("chords.length." + some.name().toLowerCase(Locale.ROOT)), some -> { });
        Named.choice(length, Words.say("named.chord-length"));
        ComboBox<ChordKind> kind = Choice.of("chord-kind", ChordKinds.all(), ChordKinds.MAJOR,
                some -> some.suffix().isEmpty() ? Words.say("chords.major") : some.text(), this::brushWith);
        Named.choice(kind, Words.say("named.chord-kind"));
        kind.setPrefWidth(90);
        brush.setId("chord-brush");
        brush.getStyleClass().add("chip-toggle");
        Controls.tip(brush, Words.say("chords.brushTip"));
        brush.setOnAction(event -> session.holdBrush(brush.isSelected() ? Optional.of(kind.getValue()) : Optional.empty()));
        session.chordBrush().addListener((property, old, now) -> brush.setSelected(now.isPresent()));
        HBox first = new HBox(6, entry, length, size, Controls.filler(), kind, brush);
        first.setAlignment(Pos.CENTER_LEFT);
        brush.setMinWidth(USE_PREF_SIZE);
        for (ComboBox<?> box : List.of(length, size, kind)) {
            box.setMinWidth(USE_PREF_SIZE);
        }
        VBox rows = new VBox(3, row("chords.inKey", degrees), row("chords.borrowed", more), row("chords.next", next));
        HBox.setHgrow(rows, Priority.ALWAYS);
        getChildren().addAll(first, new HBox(12, rows, new ChordKeyboard(session)));
        session.transport().playhead().addListener((property, old, now) -> {
            var progression = session.results().get().song().progression();
            if (progression.indexAt(old.longValue()) != progression.indexAt(now.longValue())
                    || !commands.key(old.longValue()).equals(commands.key(now.longValue()))) {
                update();
            }
        });
        session.frames().follow(this::update, session.results(), session.selection().chords());
        visibleProperty().addListener((property, old, now) -> shown(now));
        update();
    }

    private static Node row(String words, FlowPane chips) {
        Label label = Controls.label(Words.say(words), "soft", "small");
        label.setMinWidth(58);
        HBox.setHgrow(chips, Priority.ALWAYS);
        HBox row = new HBox(6, label, chips);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private void brushWith(ChordKind kind) {
        if (brush.isSelected()) {
            session.holdBrush(Optional.of(kind));
        }
    }

    private void typed() {
        try {
            commands.put(commands.read(entry.getText(), session.transport().playhead().get()), length.getValue());
            entry.clear();
            entry.getStyleClass().remove("wrong");
        } catch (MusicTextException e) {
            session.say(e.getMessage());
            if (!entry.getStyleClass().contains("wrong")) {
                entry.getStyleClass().add("wrong");
            }
        }
    }

    private Button chip(String id, String numeral, Chord chord, String tip) {
        Button chip = Controls.button(id, null, event -> commands.put(chord, length.getValue()), "chord-chip");
        chip.setText(numeral);
        chip.setAccessibleText(chord.text());
        Controls.tip(chip, tip);
        return chip;
    }

    private void update() {
        if (!isVisible()) {
            return;
        }
        Key key = commands.key(session.transport().playhead().get());
        KeyChords chords = KeyChords.of(key);
        degrees.getChildren().clear();
        for (int degree = 1; degree <= 7; degree++) {
            Chord chord = chords.on(degree, size.getValue());
            String numeral = RomanNumeral.of(chord, key);
            degrees.getChildren().add(chip("degree-" + degree, numeral, chord, Words.say("chords.chipTip", chord.text(), numeral)));
        }
        more.getChildren().clear();
        chords.borrowed().forEach(chord -> more.getChildren().add(chip("borrowed-" + chord.root().plainText(),
                RomanNumeral.of(chord, key), chord, Words.say("chords.borrowedTip", chord.text()))));
        chords.appliedDominants().forEach(chord -> more.getChildren().add(chip("applied-" + chord.root().plainText(),
                RomanNumeral.of(chord, key), chord, Words.say("chords.appliedTip", chord.text()))));
        suggest(key);
    }

    /** What may follow the chord before the playhead, with the notes that stay. */
    private void suggest(Key key) {
        next.getChildren().clear();
        Progression progression = session.results().get().song().progression();
        int before = progression.indexAt(Math.max(0, session.transport().playhead().get() - 1));
        if (before < 0) {
            next.getChildren().add(Controls.label(Words.say("chords.noneBefore"), "soft", "small"));
            return;
        }
        NextChord.of(progression.spans().get(before).chord(), key).stream().limit(SUGGESTIONS).forEach(some -> {
            String common = some.common().stream().map(NoteName::text).collect(Collectors.joining(" "));
            Button chip = chip("next-" + some.chord().root().plainText() + some.chord().kind().suffix(),
                    some.chord().text() + (common.isEmpty() ? "" : "  · " + common), some.chord(), Words.say("chords.nextTip",
                            some.chord().text(), some.numeral(), common.isEmpty() ? Words.say("chords.noCommon") : common));
            next.getChildren().add(chip);
        });
    }

    private void shown(boolean now) {
        if (now) {
            update();
            session.frames().soon(entry::requestFocus);
        } else {
            session.holdBrush(Optional.empty());
        }
    }
}
