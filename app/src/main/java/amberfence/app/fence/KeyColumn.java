package amberfence.app.fence;

import amberfence.analysis.SongKeys;
import amberfence.app.theme.Choice;
import amberfence.app.theme.Controls;
import amberfence.app.theme.Named;
import amberfence.app.words.Words;
import amberfence.notes.Line;
import amberfence.notes.NoteSet;
import amberfence.notes.TimeMap;
import amberfence.reading.KeyCandidate;
import amberfence.reading.KeyFamily;
import amberfence.reading.KeyFinder;
import amberfence.reading.Modulations;
import amberfence.song.Song;
import java.util.List;
import java.util.Locale;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** Keys that the notes may be in, of all parts, one part or the selection, or along the song; and what is always allowed. */
final class KeyColumn extends VBox {
    private static final double WIDTH = 340;
    private static final double LEAST = 262;
    private static final int MOST = 4;
    private final FenceModel model;
    private final ComboBox<KeyFamily> family;
    private final ComboBox<FenceModel.Source> source;
    private final VBox found = new VBox(8);
    private final Label of = Controls.label("", "soft", "small");
    private final VBox allowed = new VBox(6);

    KeyColumn(FenceModel model) {
        super(8);
        this.model = model;
        family = Named.choice(choice("family", KeyFamily.values(), KeyFamily.MODES, "keyFamily."), Words.say("named.family"));
        source = Named.choice(choice("key-source", FenceModel.Source.values(), FenceModel.Source.ALL_PARTS, "keySource."), Words.say("named.source"));
        HBox head = new HBox(8, Controls.heading("fence.find"), Controls.filler(), of);
        head.setAlignment(Pos.CENTER_LEFT);
        HBox.setHgrow(family, Priority.ALWAYS);
        VBox lower = new VBox(8, found, Controls.heading("fence.allowed"), allowed);
        ScrollPane scroll = Controls.scrolling(lower);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().addAll(head, new HBox(6, source, family), scroll);
        setMinWidth(LEAST);
        setPrefWidth(WIDTH);
    }

    private <T extends Enum<T>> ComboBox<T> choice(String id, T[] values, T chosen, String words) {
        return Choice.of(id, List.of(values), chosen,
                value -> Words.say(words + value.name().toLowerCase(Locale.ROOT)), value -> find());
    }

    /** Begins with the selection when there is one worth asking about. */
    void begin() {
        FenceModel.Source usual = model.selection().size() > 2 ? FenceModel.Source.SELECTION : FenceModel.Source.ALL_PARTS;
        if (source.getValue() == usual) {
            find();
        } else {
            source.setValue(usual);
        }
    }

    void update() {
        found.getChildren().forEach(node -> {
            if (node instanceof CandidateCard card) {
                card.mark(model.key());
            }
        });
        allowed.getChildren().setAll(new AllowedChips(model.session(), model.fence().get(), model.key().spelling(), model::tryOn));
        int byHand = model.fence().get().allowedNotes().ids().size();
        if (byHand > 0) {
            Button clear = Controls.button("allowed-clear", "fence.clearAllowed",
                    event -> model.tryOn(model.fence().get().withAllowedNotes(NoteSet.NONE)), "quiet");
            HBox row = new HBox(8, Controls.label(Words.count("fence.allowedNotes", byHand), "soft"), clear);
            row.setAlignment(Pos.CENTER_LEFT);
            allowed.getChildren().add(row);
        }
    }

    /** Looks for the key of the notes that are chosen. */
    void find() {
        KeyFamily among = family.getValue();
        List<Line> lines = model.asked(source.getValue());
        TimeMap time = model.session().song().time();
        of.setText(Words.say("status.working"));
        model.session().computations().ask("keys found", lines.stream().mapToInt(Line::size).sum(), () -> KeyFinder.find(lines, time, among), this::show);
    }

    private void show(List<KeyCandidate> candidates) {
        found.getChildren().clear();
        candidates.stream().limit(MOST).forEach(candidate -> found.getChildren().add(
                new CandidateCard(candidate, "fence.tryOn", () -> model.tryOn(candidate.key()))));
        of.setText(candidates.isEmpty() ? Words.say("fence.noKey") : source.getValue() == FenceModel.Source.SELECTION
                ? Words.count("noteCount", model.selection().size()) : model.bars(model.span().get()));
        update();
    }

    /** Looks for keys along the song, elsewhere, and shows them with a way to take them all. */
    void findAlong() {
        Song song = model.session().song();
        KeyFamily among = family.getValue();
        of.setText(Words.say("status.working"));
        model.session().computations().ask("keys found", () -> SongKeys.changes(song, among), this::showAlong);
    }

    private void showAlong(List<Modulations.Span> spans) {
        found.getChildren().clear();
        of.setText(spans.isEmpty() ? Words.say("fence.noKey") : Words.count("fence.spanCount", spans.size()));
        for (Modulations.Span span : spans) {
            Label words = Controls.paragraph(span.candidate().evidence().stream()
                    .map(fact -> fact.words(span.candidate().key().spelling())).findFirst().orElse(""), "soft", "small");
            HBox head = new HBox(8, Controls.label(span.candidate().key().text(), "name"), Controls.filler(),
                    Controls.label(Words.bars(span.fromBar(), span.toBar()), "soft", "small"));
            head.setAlignment(Pos.CENTER_LEFT);
            VBox card = new VBox(1, head, words);
            card.getStyleClass().add("card");
            card.setId("found-span-" + spans.indexOf(span));
            found.getChildren().add(card);
        }
        if (!spans.isEmpty()) {
            found.getChildren().add(Controls.button("take-spans", "fence.takeSpans", event -> model.take(spans), "primary"));
        }
    }
}
