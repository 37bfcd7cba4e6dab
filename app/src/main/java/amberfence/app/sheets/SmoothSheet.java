package amberfence.app.sheets;

import amberfence.app.progression.ChordCommands;
import amberfence.app.session.Session;
import amberfence.app.theme.Choice;
import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.edit.ProgressionEdits;
import amberfence.notes.ChordSpan;
import amberfence.notes.Progression;
import amberfence.song.Song;
import amberfence.theory.SmoothVoicings;
import amberfence.theory.VoicingRules;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** The settings of the smoothest voicings, and how far the voices would go with them. */
public final class SmoothSheet {
    private final Session session;
    private final Label preview = Controls.paragraph("", "soft");
    private final TextField lowest = new TextField();
    private final TextField highest = new TextField();
    private final TextField pedal = new TextField();
    private final CheckBox bass = new CheckBox(Words.say("smooth.bass"));
    private final CheckBox first = new CheckBox(Words.say("smooth.first"));
    private final CheckBox last = new CheckBox(Words.say("smooth.last"));
    private final CheckBox selected = new CheckBox(Words.say("smooth.selected"));
    private final ComboBox<Integer> voices;
    private final SimpleBooleanProperty unreadable = new SimpleBooleanProperty();

    private SmoothSheet(Session session) {
        this.session = session;
        lowest.setText(session.spelling().pitchText(VoicingRules.USUAL.lowest()));
        highest.setText(session.spelling().pitchText(VoicingRules.USUAL.highest()));
        lowest.setId("smooth-lowest");
        highest.setId("smooth-highest");
        pedal.setId("smooth-pedal");
        pedal.setPromptText(Words.say("smooth.noPedal"));
        bass.setId("smooth-bass");
        first.setId("smooth-first");
        last.setId("smooth-last");
        selected.setId("smooth-selected");
        preview.setId("smooth-preview");
        voices = Choice.of("smooth-voices", List.of(0, 3, 4, 5, 6), 0,
                count -> count == 0 ? Words.say("smooth.asMany") : Integer.toString(count), count -> update());
        for (TextField field : List.of(lowest, highest, pedal)) {
            field.setPrefColumnCount(4);
            field.textProperty().addListener((property, old, now) -> update());
        }
        for (CheckBox box : List.of(bass, first, last, selected)) {
            box.selectedProperty().addListener((property, old, now) -> update());
        }
        update();
    }

    public static Sheet of(Session session, ChordCommands commands, Runnable close) {
        SmoothSheet sheet = new SmoothSheet(session);
        GridPane grid = new GridPane();
        grid.setHgap(12);
        grid.setVgap(8);
        grid.addRow(0, Controls.label(Words.say("smooth.voices"), "soft"), sheet.voices);
        grid.addRow(1, Controls.label(Words.say("smooth.range"), "soft"), new HBox(6, sheet.lowest, sheet.highest));
        grid.addRow(2, Controls.label(Words.say("smooth.pedal"), "soft"), sheet.pedal);
        VBox content = new VBox(10, grid, sheet.bass, sheet.first, sheet.last, sheet.selected, sheet.preview);
        Button apply = Controls.button("smooth-apply", "smooth.apply", event -> {
            close.run();
            commands.smooth(sheet.rules(), sheet.fixed());
        }, "primary");
        apply.setDefaultButton(true);
        return new Sheet("smooth-sheet", Words.say("smooth.title"), Words.say("smooth.subtitle"), content, 440, close,
                Controls.button("smooth-cancel", "sheet.cancel", event -> close.run()),
                Controls.disabledWhen(apply, sheet.unreadable, "smooth.unreadable"));
    }

    private VoicingRules rules() {
        Optional<Integer> held = pedal.getText().isBlank() ? Optional.empty()
                : Optional.of(session.spelling().readPitch(pedal.getText()));
        return VoicingRules.USUAL.withVoices(voices.getValue()).withBassFixed(bass.isSelected()).withPedal(held)
                .withRange(session.spelling().readPitch(lowest.getText()), session.spelling().readPitch(highest.getText()));
    }

    private Set<Long> fixed() {
        List<ChordSpan> spans = session.song().progression().spans();
        Set<Long> fixed = new HashSet<>(selected.isSelected() ? session.selection().chords().get() : Set.of());
        if (first.isSelected() && !spans.isEmpty()) {
            fixed.add(spans.get(0).id());
        }
        if (last.isSelected() && !spans.isEmpty()) {
            fixed.add(spans.get(spans.size() - 1).id());
        }
        return fixed;
    }

    private void update() {
        Progression progression = session.song().progression();
        unreadable.set(true);
        try {
            VoicingRules rules = rules();
            Set<Long> fixed = fixed();
            Song song = session.song();
            preview.setText(Words.say("once.working"));
            session.computations().ask("smooth", progression.spans().size() * ChordCommands.SMOOTHING,
                    () -> SmoothVoicings.motion(ProgressionEdits.smooth(song, rules, fixed).progression().voicings()), motion -> {
                        preview.setText(Words.say("smooth.preview", motion, SmoothVoicings.motion(progression.voicings())));
                        unreadable.set(progression.isEmpty());
                    }, this::refused);
        } catch (IllegalArgumentException e) {
            session.computations().stop("smooth");
            preview.setText(e.getMessage());
        }
    }

    private void refused(Throwable cause) {
        if (cause instanceof IllegalArgumentException) {
            preview.setText(cause.getMessage());
        } else {
            session.computations().trouble().accept(Words.say("session.failed"), cause);
        }
    }
}
