package amberfence.app.sheets;

import amberfence.analysis.DoubtKind;
import amberfence.app.files.SongFiles;
import amberfence.app.session.Session;
import amberfence.app.theme.Controls;
import amberfence.app.through.SongReading;
import amberfence.app.words.Words;
import amberfence.format.leadsheet.LeadSheetFormat;
import amberfence.format.midi.MidiFormat;
import amberfence.format.musicxml.MusicXmlFormat;
import amberfence.format.sheet.SheetFormat;
import amberfence.song.Part;
import amberfence.song.Song;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import javafx.application.Platform;
import javafx.beans.Observable;
import javafx.beans.binding.Bindings;
import javafx.beans.binding.BooleanBinding;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** What to export: which parts, in which type of MIDI file, or the table of changes. */
public final class ExportSheet {
    private ExportSheet() {
    }

    /** @param readThrough goes to the places that may be wrong */
    public static Sheet of(Session session, SongFiles files, Runnable close, Runnable readThrough) {
        Song song = session.song();
        VBox list = new VBox(6);
        List<CheckBox> boxes = new ArrayList<>();
        for (Part part : song.parts()) {
            CheckBox box = new CheckBox();
            box.setId("export-part-" + part.id());
            box.setUserData(part.id());
            box.setSelected(true);
            box.setAccessibleText(part.name());
            boxes.add(box);
            HBox row = new HBox(10, box, Controls.nameLabel(part.name()), Controls.filler(), Controls.label(
                    changed(session, part), "soft", "small"));
            row.setAlignment(Pos.CENTER_LEFT);
            row.getStyleClass().add("card");
            row.setStyle("-fx-padding: 6 12 6 12;");
            row.setOnMouseClicked(event -> {
                if (event.getTarget() != box) {
                    box.setSelected(!box.isSelected());
                }
            });
            list.getChildren().add(row);
        }
        ScrollPane scroll = new ScrollPane(list);
        scroll.setFitToWidth(true);
        scroll.setPrefHeight(Math.min(340, 46 * Math.max(2, boxes.size())));
        ToggleButton together = new ToggleButton(Words.say("export.asRead"));
        ToggleButton single = new ToggleButton(Words.say("export.oneTrack"));
        together.setId("export-as-read");
        single.setId("export-one-track");
        together.setSelected(true);
        HBox type = new HBox(12, Controls.label(Words.say("export.type"), "soft"), Controls.either(together, single));
        type.setAlignment(Pos.CENTER_LEFT);
        Button only = Controls.button("export-only", "export.only", event -> boxes.forEach(box ->
                box.setSelected(box.getUserData().equals(session.selection().part().get()))), "quiet");
        Button all = Controls.button("export-all", "export.all", event -> boxes.forEach(box -> box.setSelected(true)), "quiet");
        VBox content = new VBox(10, new HBox(4, all, only), scroll, type, unread(session, () -> {
            close.run();
            readThrough.run();
        }));
        BooleanBinding none = Bindings.createBooleanBinding(() -> boxes.stream().noneMatch(CheckBox::isSelected),
                boxes.stream().map(CheckBox::selectedProperty).toArray(Observable[]::new));
        Button write = Controls.button("export-write", "export.write", event -> {
            close.run();
            files.export(chosen(boxes), single.isSelected() ? MidiFormat.ONE_TRACK : MidiFormat.AS_READ);
        }, "primary");
        Button notation = Controls.button("export-notation", "export.notation", null);
        notation.setOnAction(event -> Controls.openMenu(notation, List.of(
                item("export-score", "export.score", close, () -> files.export(chosen(boxes), MusicXmlFormat.PLAIN)),
                item("export-score-packed", "export.scorePacked", close, () -> files.export(chosen(boxes), MusicXmlFormat.COMPRESSED)),
                item("export-lead-sheet", "export.leadSheet", close, () -> files.export(chosen(boxes), new LeadSheetFormat(true, false))),
                item("export-lead-sheet-numerals", "export.leadSheetNumerals", close, () -> files.export(chosen(boxes), new LeadSheetFormat(true, true))),
                item("export-lead-sheet-chords", "export.leadSheetChords", close, () -> files.export(chosen(boxes), new LeadSheetFormat(false, true))))));
        Button table = Controls.button("export-tables", "export.tables", null);
        table.setOnAction(event -> Controls.openMenu(table, List.of(
                item("export-changes", "export.changes", close, () -> files.export(SheetFormat.CHANGES)),
                item("export-notes", "export.notes", close, () -> files.export(SheetFormat.NOTES)))));
        Button sheetOfChords = Controls.button("export-chords", "export.chords", null);
        sheetOfChords.setOnAction(event -> Controls.openMenu(sheetOfChords, List.of(
                item("export-chart", "export.chart", close, () -> files.export(SheetFormat.SYMBOLS)),
                item("export-numerals", "export.numerals", close, () -> files.export(SheetFormat.NUMERALS)),
                item("export-chordpro", "export.chordPro", close, () -> files.export(SheetFormat.CHORD_PRO)))));
        Node chords = Controls.disabledWhen(sheetOfChords, new SimpleBooleanProperty(song.progression().isEmpty()),
                "export.noChords");
        Sheet sheet = new Sheet("export-sheet", Words.say("export.title"), Words.say("export.subtitle"), content, 620, close,
                Controls.button("export-cancel", "sheet.cancel", event -> close.run()), Controls.disabledWhen(notation, none, "export.nothing"), chords, table,
                Controls.disabledWhen(write, none, "export.nothing"));
        Platform.runLater(write::requestFocus);
        return sheet;
    }

    /** Identities of the parts that are ticked. */
    private static Set<Integer> chosen(List<CheckBox> boxes) {
        Set<Integer> parts = new TreeSet<>();
        boxes.stream().filter(CheckBox::isSelected).forEach(box -> parts.add((Integer) box.getUserData()));
        return parts;
    }

    /** How many places may be wrong that nobody has read, with the way to them; it never stands in the way of exporting. */
    private static Node unread(Session session, Runnable readThrough) {
        Label words = Controls.label(Words.say("export.reading"), "soft");
        words.setId("export-unread");
        Button read = Controls.button("export-read-through", "export.readThrough", event -> readThrough.run(), "quiet");
        read.setVisible(false);
        HBox row = new HBox(10, words, read);
        row.setAlignment(Pos.CENTER_LEFT);
        row.setMinHeight(28);
        SongReading.ask(session, "places to read before exporting", DoubtKind.usual(), found -> {
            int count = found.open().size();
            words.setText(count == 0 ? Words.say("export.allRead") : Words.count("export.unread", count));
            read.setVisible(count > 0);
        });
        return row;
    }

    private static MenuItem item(String id, String words, Runnable close, Runnable write) {
        return Controls.menuItem(id, Words.say(words), () -> {
            close.run();
            write.run();
        });
    }

    private static String changed(Session session, Part part) {
        int changes = session.results().get().part(part.id()).stages().stream()
                .mapToInt(stage -> stage.outcome().changes().size()).sum();
        return changes == 0 ? Words.say("export.asItWas") : Words.count("export.changed", changes);
    }
}
