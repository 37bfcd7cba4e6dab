package amberfence.app.compare;

import amberfence.app.compare.CompareModel.View;
import amberfence.app.session.HeardInstead;
import amberfence.app.session.Session;
import amberfence.app.theme.Choice;
import amberfence.app.theme.Controls;
import amberfence.app.theme.Named;
import amberfence.app.words.Words;
import amberfence.reading.Comparison.Difference;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The page on which two versions of a part are looked at: which, how, what differs, and the two taking turns. */
public final class ComparePage extends BorderPane {
    private static final double LIST = 300;
    private final Session session;
    private final CompareModel model;
    private final Runnable close;
    private final CompareCanvas canvas;
    private final Label part = Controls.label("", "soft");
    private final HBox choices = new HBox(8);
    private final Label count = Controls.label("", "heading");
    private final Label bars = Controls.label("", "soft");
    private final ListView<Difference> differences = new ListView<>();
    private final SimpleBooleanProperty noTurns = new SimpleBooleanProperty(true);

    /** @param close takes the page away */
    public ComparePage(Session session, Runnable close) {
        this.session = session;
        this.model = new CompareModel(session);
        this.close = () -> {
            session.transport().hear(Optional.empty());
            close.run();
        };
        this.canvas = new CompareCanvas(model);
        setId("compare-page");
        getStyleClass().add("page");
        count.setId("compare-count");
        bars.setId("compare-bars");
        differences.setId("compare-differences");
        differences.setAccessibleText(Words.say("compare.title"));
        differences.setPrefWidth(LIST);
        differences.setMinWidth(LIST);
        differences.setCellFactory(list -> cell());
        differences.getSelectionModel().selectedItemProperty().addListener((property, old, now) -> chosen(now));
        setTop(head());
        setCenter(body());
        setBottom(foot());
        model.changes().addListener((property, old, now) -> update());
        session.results().addListener((property, old, now) -> {
            if (isVisible() && model.isGone()) {
                this.close.run();
            } else if (isVisible()) {
                model.update();
            }
        });
        session.transport().playhead().addListener((property, old, now) -> {
            if (isVisible() && !model.isGone()) {
                canvas.paint();
            }
        });
        addEventFilter(KeyEvent.KEY_PRESSED, this::keyed);
    }

    /** Begins with the selected part. */
    public void begin() {
        model.begin();
        canvas.requestFocus();
    }

    private HBox head() {
        HBox head = new HBox(16, Controls.label(Words.say("compare.title"), "title"), part, Controls.filler(),
                Controls.button("compare-done", "compare.done", event -> this.close.run(), "ink"));
        head.getStyleClass().add("head");
        head.setAlignment(Pos.CENTER_LEFT);
        return head;
    }

    private VBox body() {
        choices.setAlignment(Pos.CENTER_LEFT);
        VBox list = new VBox(6, count, differences);
        VBox.setVgrow(differences, Priority.ALWAYS);
        HBox.setHgrow(canvas, Priority.ALWAYS);
        HBox sides = new HBox(18, canvas, list);
        VBox.setVgrow(sides, Priority.ALWAYS);
        VBox body = new VBox(12, choices, sides);
        body.setStyle("-fx-padding: 10 24 8 24;");
        return body;
    }

    private HBox foot() {
        Button back = Controls.button("compare-back", null, event -> model.showFrom(model.firstBar() - CompareModel.BARS), "small-step");
        back.setText("‹");
        back.setAccessibleText(Words.say("compare.earlierBars"));
        Button on = Controls.button("compare-on", null, event -> model.showFrom(model.firstBar() + CompareModel.BARS), "small-step");
        on.setText("›");
        on.setAccessibleText(Words.say("compare.laterBars"));
        Button keep = Controls.button("compare-keep", "compare.keep", event -> {
            model.keepTurns();
            this.close.run();
        });
        Label hint = Controls.label(Words.say("compare.hint"), "soft", "small");
        hint.setMinWidth(0);
        Controls.tip(hint, hint::getText);
        bars.setMinWidth(USE_PREF_SIZE);
        HBox foot = new HBox(10, back, bars, on, hint, Controls.filler(),
                Controls.disabledWhen(keep, noTurns, "compare.noTurns"));
        foot.getStyleClass().add("foot");
        foot.setAlignment(Pos.CENTER_LEFT);
        return foot;
    }

    /** Keys for looking, wherever the focus is; an open list has its own. */
    private void keyed(KeyEvent event) {
        boolean open = choices.getChildren().stream().anyMatch(node -> node instanceof ComboBox<?> box && box.isShowing());
        if (open) {
            return;
        }
        switch (event.getCode()) {
            case ESCAPE -> close.run();
            case X -> model.exchange();
            case LEFT -> model.showFrom(model.firstBar() - 1);
            case RIGHT -> model.showFrom(model.firstBar() + 1);
            default -> {
                return;
            }
        }
        event.consume();
    }

    private void update() {
        part.setText(Words.say("compare.part", model.part().name()));
        Controls.rebuild(choices, this::buildChoices);
        count.setText(Words.say("compare.count", Words.count("compare.differences", model.comparison().differences().size()),
                model.comparison().same()).toUpperCase(Locale.ROOT));
        if (!differences.getItems().equals(model.comparison().differences())) {
            differences.getItems().setAll(model.comparison().differences());
            canvas.mark(Optional.empty());
        }
        int last = model.firstBar() + CompareModel.BARS - 1;
        bars.setText(Words.say("compare.bars", model.firstBar(), last));
        noTurns.set(model.view() != View.TURNS);
        if (isVisible()) {
            session.transport().hear(model.heard().map(line -> new HeardInstead(model.part().id(), line)));
        }
        canvas.setAccessibleText(Words.say("compare.picture", model.a().words(model.part()), model.b().words(model.part())));
        canvas.update();
    }

    private void buildChoices() {
        List<Version> all = Version.of(model.part());
        // The names of now: a list that is open keeps its entries while a take goes.
        Map<Version, String> names = new HashMap<>();
        all.forEach(version -> names.put(version, version.words(model.part())));
        choices.getChildren().setAll(swatch("version-a"), Controls.label("A", "name"), Named.choice(Choice.of("compare-a", all, model.a(),
                names::get, version -> model.choose(version, model.b())), Words.say("named.version", "A")), swatch("version-b"),
                Controls.label("B", "name"),
                Named.choice(Choice.of("compare-b", all, model.b(), names::get,
                        version -> model.choose(model.a(), version)), Words.say("named.version", "B")), Controls.filler());
        for (View view : View.values()) {
            String name = view.name().toLowerCase(Locale.ROOT);
            ToggleButton chip = Controls.chip("compare-view-" + name, Words.say("compare.view." + name), view == model.view(),
                    on -> model.look(view));
            chip.setMinWidth(USE_PREF_SIZE);
            choices.getChildren().add(chip);
        }
        if (model.view() == View.TURNS) {
            choices.getChildren().add(Named.choice(Choice.of("compare-turns", List.of(1, 2, 4, 8), model.turns(),
                    some -> Words.say("compare.every", Words.count("form.bars", some)), model::takeTurns), Words.say("named.turns")));
        }
    }

    /** The look of a version's notes, beside its name. */
    private static Region swatch(String style) {
        Region swatch = new Region();
        swatch.getStyleClass().add(style);
        swatch.setMinSize(18, 12);
        swatch.setMaxSize(18, 12);
        return swatch;
    }

    private ListCell<Difference> cell() {
        return new ListCell<>() {
            @Override
            protected void updateItem(Difference item, boolean empty) {
                super.updateItem(item, empty);
                setText(empty || item == null ? "" : DifferenceWords.of(item, model.results().song().time(),
                        model.results().fence().spellingAt(item.either().start())));
            }
        };
    }

    private void chosen(Difference difference) {
        canvas.mark(Optional.ofNullable(difference));
        if (difference != null) {
            int bar = model.results().song().time().barOf(difference.either().start());
            if (bar < model.firstBar() || bar >= model.firstBar() + CompareModel.BARS) {
                model.showFrom(bar - 1);
            }
        }
    }
}
