package amberfence.app.sheets;

import amberfence.app.fence.CandidateCard;
import amberfence.app.files.SongFiles;
import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.format.Notice;
import amberfence.reading.KeyCandidate;
import amberfence.song.Fence;
import amberfence.song.KeyPlan;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.fence.BringInside;
import amberfence.theory.Key;
import java.util.List;
import java.util.HashSet;
import java.util.Locale;
import java.util.Set;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** What an import found: parts, notes, tempo, metre, likely keys, and what was noticed. One key is chosen to begin with. */
public final class ImportSheet {
    private static final int MOST_KEYS = 4;
    private static final int MOST_NOTICES = 200;
    private final SongFiles.Found found;
    private final VBox keys = new VBox(8);
    private Key chosen;
    /** Parts that stay outside. */
    private final Set<Integer> without = new HashSet<>();
    private final CheckBox bring = new CheckBox(Words.say("import.bring"));

    private ImportSheet(SongFiles.Found found) {
        this.found = found;
        bring.setId("import-bring");
        Controls.tip(bring, Words.say("import.bringTip"));
        this.chosen = found.keys().isEmpty() ? found.read().writtenKey().orElse(Key.parse("C major"))
                : found.keys().get(0).key();
    }

    /** @param take takes the song in, with the chosen key; nothing is changed by that */
    public static Sheet of(SongFiles.Found found, Consumer<Song> take, Runnable close) {
        ImportSheet sheet = new ImportSheet(found);
        Song song = found.read().song();
        Button cancel = Controls.button("import-cancel", "sheet.cancel", event -> close.run());
        Button taken = Controls.button("import-take", "import.take", event -> {
            close.run();
            take.accept(sheet.song());
        }, "primary");
        taken.setDefaultButton(true);
        HBox columns = new HBox(26, sheet.partsColumn(song), sheet.keyColumn());
        Sheet shown = new Sheet("import-sheet", song.title(), sheet.summary(song), columns, 860, close, cancel, taken);
        Platform.runLater(taken::requestFocus);
        return shown;
    }

    private Song song() {
        Song song = found.read().song().withFence(Fence.of(KeyPlan.of(chosen)));
        var fence = song.fence().along(song.time());
        for (Part part : song.parts()) {
            if (without.contains(part.id())) {
                song = song.minusPart(part.id());
            } else if (!part.isDrums() && fence.countOutside(part.line()) > 0) {
                song = song.plusStep(part.id(), BringInside.USUAL).withPart(part.id(), same -> same.withSteps(same.steps().stream()
                        .map(slot -> slot.withMeant(false).withOn(bring.isSelected())).toList()));
            }
        }
        return song;
    }

    private String summary(Song song) {
        int notes = song.parts().stream().mapToInt(part -> part.line().size()).sum();
        return Words.say("import.summary", Words.count("partCount", song.parts().size()), Words.count("noteCount", notes),
                Words.count("barCount", song.lastBar()), song.time().metres().get(0).text(),
                String.format(Locale.ROOT, "%.0f", song.time().tempos().get(0).quartersPerMinute()));
    }

    private Node partsColumn(Song song) {
        VBox list = new VBox(6);
        for (Part part : song.parts()) {
            CheckBox in = new CheckBox();
            in.setId("import-part-" + part.id());
            in.setSelected(true);
            in.setAccessibleText(Words.say("import.part", part.name()));
            Controls.tip(in, Words.say("import.part", part.name()));
            in.setOnAction(event -> {
                if (in.isSelected()) {
                    without.remove(part.id());
                } else {
                    without.add(part.id());
                }
            });
            Label name = Controls.label(part.name(), "name");
            name.setMinWidth(40);
            Controls.tip(name, part.name());
            HBox row = new HBox(10, in, name,
                    Controls.label(Words.say("role." + part.role().name().toLowerCase(Locale.ROOT)), "soft", "small"),
                    Controls.filler(), Controls.label(Words.count("noteCount", part.line().size()), "soft", "small"));
            row.setAlignment(Pos.BASELINE_LEFT);
            row.getStyleClass().add("card");
            row.setStyle("-fx-padding: 5 12 5 12;");
            list.getChildren().add(row);
        }
        if (song.parts().isEmpty()) {
            list.getChildren().add(Controls.label(Words.say("import.noNotes"), "soft"));
        }
        List<Notice> notices = found.read().notices();
        if (!notices.isEmpty()) {
            list.getChildren().add(Controls.heading("import.noticed"));
            notices.stream().limit(MOST_NOTICES).forEach(notice -> {
                Label label = Controls.label(notice.text(), "small", "teal");
                label.setWrapText(true);
                list.getChildren().add(label);
            });
        }
        ScrollPane scroll = new ScrollPane(list);
        scroll.setFitToWidth(true);
        scroll.setPrefHeight(380);
        VBox column = new VBox(8, Controls.heading("import.parts"), scroll);
        HBox.setHgrow(column, Priority.ALWAYS);
        return column;
    }

    private Node keyColumn() {
        VBox column = new VBox(8, Controls.heading("import.key"), keys, bring);
        column.setMinWidth(320);
        column.setPrefWidth(360);
        found.read().writtenKey().ifPresent(key -> column.getChildren().add(
                Controls.label(Words.say("import.written", key.text()), "soft", "small")));
        for (KeyCandidate candidate : found.keys().stream().limit(MOST_KEYS).toList()) {
            keys.getChildren().add(new CandidateCard(candidate, "import.choose", () -> choose(candidate.key())));
        }
        if (found.keys().isEmpty()) {
            Label none = Controls.label(Words.say("import.noKey", chosen.text()), "soft");
            none.setWrapText(true);
            keys.getChildren().add(none);
        } else {
            choose(chosen);
        }
        return column;
    }

    private void choose(Key key) {
        chosen = key;
        keys.getChildren().forEach(node -> ((CandidateCard) node).mark(key));
    }
}
