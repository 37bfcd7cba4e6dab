package amberfence.app.fence;

import amberfence.app.session.Session;
import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.reading.KeyCandidate;
import amberfence.reading.KeyFamily;
import amberfence.song.KeySpan;
import amberfence.theory.Scale;
import java.util.List;
import java.util.Locale;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.geometry.Pos;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.text.TextAlignment;
import javafx.util.StringConverter;

/** The page on which the fence is chosen. Whatever is chosen here is only tried on until "Done". */
public final class FencePage extends BorderPane {
    private static final int MOST_CANDIDATES = 5;

    private final Session session;
    private final FenceModel model;
    private final Runnable close;
    private final ClockView clock;
    private final HBox spans = new HBox(4);
    private final TextField search = new TextField();
    private final ListView<Scale> scales = new ListView<>();
    private final Label scaleCount = Controls.label("", "soft", "small");
    private final ComboBox<KeyFamily> family = new ComboBox<>();
    private final VBox candidates = new VBox(8);
    private final Label candidatesOf = Controls.label("", "soft", "small");
    private final VBox allowed = new VBox();
    private final Label status = Controls.label("");
    private final SimpleBooleanProperty nothingTried = new SimpleBooleanProperty(true);
    private boolean updating;

    public FencePage(Session session, Runnable close) {
        this.session = session;
        this.close = close;
        this.model = new FenceModel(session);
        this.clock = new ClockView(model::toggle, model::turn);
        setId("fence-page");
        getStyleClass().add("page");
        setTop(head());
        setCenter(body());
        status.setId("fence-status");
        HBox foot = new HBox(status);
        foot.getStyleClass().add("foot");
        setBottom(foot);
        model.fence().addListener((property, old, now) -> {
            if (now != null) {
                update();
            }
        });
        model.span().addListener((property, old, now) -> {
            if (model.fence().get() != null) {
                update();
                findKeys();
            }
        });
        addEventHandler(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.ESCAPE) {
                model.putBack();
                close.run();
                event.consume();
            }
        });
    }

    /** Shows the song's fence as it is now. */
    public void begin() {
        model.begin();
        search.clear();
        fillScales();
        findKeys();
        clock.requestFocus();
    }

    private HBox head() {
        var back = Controls.button("put-back", "fence.putBack", event -> model.putBack());
        var done = Controls.button("fence-done", "fence.done", event -> {
            model.keep();
            close.run();
        }, "ink");
        HBox head = new HBox(16, Controls.label(Words.say("fence.title"), "title"),
                Controls.label(Words.say("fence.subtitle"), "soft"), Controls.filler(),
                Controls.disabledWhen(back, nothingTried, "fence.nothingTried"), done);
        head.getStyleClass().add("head");
        head.setAlignment(Pos.CENTER_LEFT);
        return head;
    }

    private VBox body() {
        HBox columns = new HBox(26, clockColumn(), scaleColumn(), candidateColumn());
        VBox.setVgrow(columns, Priority.ALWAYS);
        VBox body = new VBox(8, Controls.heading("fence.along"), spans, columns);
        body.setStyle("-fx-padding: 14 24 8 24;");
        return body;
    }

    private VBox clockColumn() {
        Label hint = Controls.label(Words.say("fence.hint"), "soft", "small");
        hint.setWrapText(true);
        hint.setTextAlignment(TextAlignment.CENTER);
        VBox column = new VBox(4, clock, hint);
        column.setAlignment(Pos.TOP_CENTER);
        HBox.setHgrow(column, Priority.ALWAYS);
        return column;
    }

    private VBox scaleColumn() {
        search.setId("scale-search");
        search.setPromptText(Words.say("fence.search"));
        search.textProperty().addListener((property, old, now) -> fillScales());
        search.setOnAction(event -> {
            if (!scales.getItems().isEmpty()) {
                scales.getSelectionModel().select(0);
            }
        });
        scales.setId("scales");
        scales.setCellFactory(list -> new ScaleCell(model));
        scales.getSelectionModel().selectedItemProperty().addListener((property, old, now) -> {
            if (now != null && !updating) {
                model.tryOn(model.key().withScale(now));
            }
        });
        VBox.setVgrow(scales, Priority.ALWAYS);
        VBox column = new VBox(8, Controls.heading("fence.scales"), search, scales, scaleCount);
        column.setMinWidth(280);
        column.setPrefWidth(280);
        return column;
    }

    private VBox candidateColumn() {
        family.setId("family");
        family.getItems().setAll(KeyFamily.values());
        family.setValue(KeyFamily.MODES);
        family.setConverter(new StringConverter<>() {
            @Override
            public String toString(KeyFamily value) {
                return Words.say("family." + value.name().toLowerCase(Locale.ROOT));
            }

            @Override
            public KeyFamily fromString(String text) {
                throw new UnsupportedOperationException("families are not typed");
            }
        });
        family.valueProperty().addListener((property, old, now) -> findKeys());
        HBox head = new HBox(8, Controls.heading("fence.find"), Controls.filler(), candidatesOf);
        head.setAlignment(Pos.CENTER_LEFT);
        VBox column = new VBox(8, head, family, candidates, Controls.heading("fence.allowed"), allowed);
        family.setMaxWidth(Double.MAX_VALUE);
        column.setMinWidth(340);
        column.setPrefWidth(340);
        return column;
    }

    private void update() {
        updating = true;
        clock.show(model.fence().get(), model.key(), model.counts());
        updateSpans();
        scales.refresh();
        scales.getItems().stream().filter(scale -> scale.equals(model.key().scale())).findFirst()
                .ifPresentOrElse(scales.getSelectionModel()::select, scales.getSelectionModel()::clearSelection);
        candidates.getChildren().forEach(node -> ((CandidateCard) node).mark(model.key()));
        allowed.getChildren().setAll(new AllowedChips(session, model.fence().get(), model.key().spelling(), model::tryOn));
        boolean trying = session.tryOn().get() != null;
        nothingTried.set(!trying);
        status.setText(Words.say(trying ? "fence.trying" : "fence.is", model.key().text(),
                Words.count("notesOutside", model.outside()), model.bars(model.span().get())));
        updating = false;
    }

    private void updateSpans() {
        spans.getChildren().clear();
        List<KeySpan> all = model.fence().get().keys().spans();
        int lastBar = session.song().lastBar();
        for (int i = 0; i < all.size(); i++) {
            int index = i;
            int to = i + 1 < all.size() ? all.get(i + 1).fromBar() : Math.max(lastBar + 1, all.get(i).fromBar() + 1);
            ToggleButton card = new ToggleButton();
            card.setId("span-" + i);
            card.getStyleClass().setAll("card", i == model.span().get() ? "chosen" : "plain");
            HBox content = new HBox(8, Controls.label(all.get(i).key().text(), "name"), Controls.filler(),
                    Controls.label(model.bars(i), "soft", "small"));
            content.setAlignment(Pos.CENTER_LEFT);
            content.prefWidthProperty().bind(card.widthProperty().subtract(26));
            card.setGraphic(content);
            card.setOnAction(event -> model.span().set(index));
            card.setMinWidth(150);
            card.setMaxWidth(Double.MAX_VALUE);
            card.prefWidthProperty().bind(spans.widthProperty().multiply((to - all.get(i).fromBar()) / (double) lastBar));
            HBox.setHgrow(card, Priority.SOMETIMES);
            spans.getChildren().add(card);
        }
    }

    private void fillScales() {
        updating = true;
        List<Scale> found = model.search(search.getText());
        scales.getItems().setAll(found);
        scaleCount.setText(found.isEmpty() ? Words.say("fence.noScale") : Words.count("fence.scaleCount", found.size()));
        found.stream().filter(scale -> scale.equals(model.key().scale())).findFirst().ifPresent(scale -> {
            scales.getSelectionModel().select(scale);
            scales.scrollTo(Math.max(0, found.indexOf(scale) - 1));
        });
        updating = false;
    }

    private void findKeys() {
        List<KeyCandidate> found = model.candidates(family.getValue());
        candidates.getChildren().clear();
        found.stream().limit(MOST_CANDIDATES).forEach(candidate ->
                candidates.getChildren().add(new CandidateCard(candidate, "fence.tryOn", () -> model.tryOn(candidate.key()))));
        candidatesOf.setText(found.isEmpty() ? Words.say("fence.noKey")
                : Words.say("fence.findOf", model.bars(model.span().get())));
        candidates.getChildren().forEach(node -> ((CandidateCard) node).mark(model.key()));
    }
}
