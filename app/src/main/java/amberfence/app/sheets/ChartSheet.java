package amberfence.app.sheets;

import amberfence.app.files.SongFiles;
import amberfence.app.progression.ChordCommands;
import amberfence.app.session.Session;
import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.format.sheet.ChordChart;
import amberfence.notes.ChordSpan;
import amberfence.notes.TimeMap;
import amberfence.theory.MusicTextException;
import java.util.ArrayList;
import java.util.List;
import javafx.application.Platform;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.layout.VBox;

/** Takes a chord chart as text; what cannot be read is told while it is typed. */
public final class ChartSheet {
    private ChartSheet() {
    }

    public static Sheet of(Session session, ChordCommands commands, SongFiles files, Runnable close) {
        TextArea text = new TextArea();
        text.setId("chart-text");
        text.setPromptText(Words.say("chart.prompt"));
        text.setPrefRowCount(7);
        Label found = Controls.paragraph(Words.say("chart.hint"), "soft");
        found.setId("chart-found");
        List<ChordSpan> spans = new ArrayList<>();
        SimpleBooleanProperty nothing = new SimpleBooleanProperty(true);
        TimeMap time = session.song().time();
        int bar = time.barOf(session.transport().playhead().get());
        text.textProperty().addListener((property, old, now) -> {
            spans.clear();
            try {
                spans.addAll(ChordChart.read(now, time, bar, () -> 1, session.results().get().fence()
                        .keyAt(session.transport().playhead().get())));
                found.setText(Words.say("chart.found", Words.count("chordCount", spans.size()), bar));
            } catch (MusicTextException e) {
                found.setText(now.isBlank() ? Words.say("chart.hint") : e.getMessage());
            }
            nothing.set(spans.isEmpty());
        });
        Button put = Controls.button("chart-put", "chart.put", event -> {
            close.run();
            commands.put(Words.say("chart.name"), List.copyOf(spans));
        }, "primary");
        Button file = Controls.button("chart-file", "chart.file", event -> files.chart(text::setText));
        Platform.runLater(text::requestFocus);
        return new Sheet("chart-sheet", Words.say("chart.title"), Words.say("chart.subtitle", bar), new VBox(10, text, Sheet.answer(found)), 560,
                close, file, Controls.button("chart-cancel", "sheet.cancel", event -> close.run()),
                Controls.disabledWhen(put, nothing, "chart.nothing"));
    }
}
