package amberfence.app.sheets;

import amberfence.analysis.SongKeys;
import amberfence.app.fence.CandidateCard;
import amberfence.app.files.SongFiles;
import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.edit.ProgressionEdits;
import amberfence.format.Notice;
import amberfence.notes.Fence;
import amberfence.notes.KeyPlan;
import amberfence.reading.KeyCandidate;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.song.SourceFile;
import amberfence.step.fence.BringInside;
import amberfence.theory.Key;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;
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
    private static final int MOST_SPANS = 6;
    private final SongFiles.Found found;
    private final VBox keys = new VBox(8);
    private Key chosen;
    /** The keys that the file itself names along the song. */
    private final Optional<KeyPlan> named;
    /** The keys along the song that can be chosen together: those that the file names, else those that are found where they change. */
    private final Optional<KeyPlan> along;
    /** Whether these are chosen. */
    private boolean isAlong;
    private final VBox alongCard = new VBox(2);
    /** Parts that stay outside. */
    private final Set<Integer> without = new HashSet<>();
    private final CheckBox bring = new CheckBox(Words.say("import.bring"));

    private ImportSheet(SongFiles.Found found) {
        this.found = found;
        bring.setId("import-bring");
        Controls.tip(bring, Words.say("import.bringTip"));
        // A score or a chart says its keys; a MIDI file's signature often says nothing, so that the notes are asked.
        this.named = found.read().writtenKey().map(key -> found.read().song().fence().keys()).filter(plan -> !(found.read().song().origin() instanceof SourceFile));
        this.along = named.or(() -> found.along().map(SongKeys.Along::plan));
        this.isAlong = along.isPresent();
        this.chosen = named.isPresent() ? named.get().first() : found.keys().isEmpty() ? found.read().writtenKey().orElse(Key.parse("C major"))
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
        Song song = found.read().song().withFence(Fence.of(isAlong ? along.orElseThrow() : KeyPlan.of(chosen)));
        var fence = song.fence().along(song.time());
        for (Part part : song.parts()) {
            if (without.contains(part.id())) {
                song = song.minusPart(part.id());
            } else if (!part.isDrums() && fence.countOutside(part.line()) > 0) {
                song = song.plusStep(part.id(), BringInside.USUAL).withPart(part.id(), same -> same.withSteps(same.steps().stream()
                        .map(slot -> slot.withMeant(false).withOn(bring.isSelected())).toList()));
            }
        }
        return song.parts().isEmpty() && !song.progression().isEmpty() ? ProgressionEdits.plusPart(song, Words.say("chords.partName")) : song;
    }

    private String summary(Song song) {
        int notes = song.parts().stream().mapToInt(part -> part.line().size()).sum();
        return Words.say("import.summary", Words.count("partCount", song.parts().size()), Words.count("noteCount", notes),
                Words.count("barCount", song.lastBar()), song.time().metresText(), song.time().temposText());
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
            Label name = Controls.nameLabel(part.name());
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
            int chords = song.progression().spans().size();
            list.getChildren().add(Controls.label(chords == 0 ? Words.say("import.noNotes") : Words.say("import.onlyChords", Words.count("chordCount", chords)), "soft"));
        }
        List<Notice> notices = found.read().notices();
        if (!notices.isEmpty()) {
            list.getChildren().add(Controls.heading("import.noticed"));
            notices.stream().limit(MOST_NOTICES).forEach(notice -> list.getChildren().add(Controls.paragraph(notice.text(), "small", "teal")));
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
        along.ifPresent(plan -> keys.getChildren().add(alongCard(plan)));
        if (named.isEmpty()) {
            found.read().writtenKey().ifPresent(key -> column.getChildren().add(Controls.label(Words.say("import.written", key.text()), "soft", "small")));
        }
        for (KeyCandidate candidate : found.keys().stream().limit(along.isPresent() ? MOST_KEYS - 1 : MOST_KEYS).toList()) {
            keys.getChildren().add(new CandidateCard(candidate, "import.choose", () -> choose(candidate.key())));
        }
        if (along.isPresent()) {
            chooseAlong();
        } else if (found.keys().isEmpty()) {
            keys.getChildren().add(Controls.paragraph(Words.say("import.noKey", chosen.text()), "soft"));
        } else {
            choose(chosen);
        }
        return column;
    }

    /** Keys along the song, each with the bar from which it holds. */
    private Node alongCard(KeyPlan plan) {
        alongCard.setId("import-along");
        alongCard.getStyleClass().add("card");
        alongCard.setStyle("-fx-padding: 7 10 7 12;");
        String text = plan.spans().stream().map(span -> span.fromBar() == 1 ? span.key().text() : Words.say("import.fromBar", span.key().text(), span.fromBar()))
                .limit(MOST_SPANS).collect(Collectors.joining(", ")) + (plan.spans().size() > MOST_SPANS ? " …" : "");
        Label name = Controls.paragraph(text, "name");
        HBox.setHgrow(name, Priority.ALWAYS);
        Button button = Controls.button("import-along-choose", "import.choose", event -> chooseAlong());
        button.setStyle("-fx-padding: 3 9 3 9;");
        VBox facts = new VBox(0);
        if (named.isEmpty()) {
            facts.getChildren().add(Controls.label(Words.count("outside", found.along().orElseThrow().outside()), "small", "teal"));
        }
        facts.getChildren().add(Controls.label(Words.say(named.isPresent() ? "import.own" : "import.along"), "soft", "small"));
        HBox foot = new HBox(8, facts, Controls.filler(), button);
        foot.setAlignment(Pos.BOTTOM_LEFT);
        alongCard.getChildren().addAll(name, foot);
        return alongCard;
    }

    private void chooseAlong() {
        isAlong = true;
        mark(null);
    }

    private void choose(Key key) {
        isAlong = false;
        chosen = key;
        mark(key);
    }

    /** @param key the candidate that is chosen; null when it is none of them */
    private void mark(Key key) {
        alongCard.getStyleClass().remove("chosen");
        if (key == null) {
            alongCard.getStyleClass().add("chosen");
        }
        keys.getChildren().stream().filter(CandidateCard.class::isInstance).forEach(node -> ((CandidateCard) node).mark(key));
    }
}
