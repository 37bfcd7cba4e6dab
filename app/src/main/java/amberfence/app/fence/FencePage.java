package amberfence.app.fence;

import amberfence.app.files.ScaleCollection;
import amberfence.app.session.Session;
import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.text.TextAlignment;

/** The page on which the fence is chosen. Whatever is chosen here is only tried on until "Done". */
public final class FencePage extends BorderPane {
    private final FenceModel model;
    private final Runnable close;
    private final ClockView clock;
    private final SpanStrip spans;
    private final ScaleColumn scales;
    private final KeyColumn keys;
    private final Label status = Controls.label("");
    private final SimpleBooleanProperty nothingTried = new SimpleBooleanProperty(true);

    /** @param collection one's own scales for every song */
    public FencePage(Session session, ScaleCollection collection, Runnable close) {
        this.close = close;
        this.model = new FenceModel(session, collection);
        this.clock = new ClockView(model::toggle, model::turn);
        this.scales = new ScaleColumn(model);
        this.keys = new KeyColumn(model);
        this.spans = new SpanStrip(model, keys::findAlong);
        setId("fence-page");
        getStyleClass().add("page");
        setTop(head());
        setCenter(body());
        status.setId("fence-status");
        HBox foot = new HBox(status);
        foot.getStyleClass().add("foot");
        setBottom(foot);
        model.fence().addListener((property, old, now) -> update());
        model.span().addListener((property, old, now) -> {
            update();
            if (model.fence().get() != null) {
                keys.find();
            }
        });
        session.message().addListener((property, old, now) -> {
            if (isVisible() && !now.isEmpty()) {
                status.setText(now);
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

    /** Shows the song's fence as it is now, at one of its keys. */
    public void begin(int span) {
        model.begin(span);
        scales.begin();
        keys.begin();
        update();
        clock.requestFocus();
    }

    private HBox head() {
        var back = Controls.button("put-back", "fence.putBack", event -> model.putBack());
        var done = Controls.button("fence-done", "fence.done", event -> {
            model.keep();
            close.run();
        }, "ink");
        Label subtitle = Controls.label(Words.say("fence.subtitle"), "soft");
        subtitle.setMinWidth(0);
        Controls.tip(subtitle, subtitle::getText);
        HBox head = new HBox(16, Controls.label(Words.say("fence.title"), "title"), subtitle, Controls.filler(),
                Controls.disabledWhen(back, nothingTried, "fence.nothingTried"), done);
        head.getStyleClass().add("head");
        head.setAlignment(Pos.CENTER_LEFT);
        return head;
    }

    private VBox body() {
        HBox columns = new HBox(26, clockColumn(), scales, keys);
        VBox.setVgrow(columns, Priority.ALWAYS);
        VBox body = new VBox(6, spans, columns);
        body.setStyle("-fx-padding: 10 24 8 24;");
        return body;
    }

    private VBox clockColumn() {
        Label hint = Controls.paragraph(Words.say("fence.hint"), "soft", "small");
        hint.setTextAlignment(TextAlignment.CENTER);
        ClockRoom room = new ClockRoom(clock);
        VBox.setVgrow(room, Priority.ALWAYS);
        VBox column = new VBox(4, room, hint);
        column.setAlignment(Pos.TOP_CENTER);
        HBox.setHgrow(column, Priority.ALWAYS);
        return column;
    }

    private void update() {
        if (model.fence().get() == null || model.span().get() >= model.keys().spans().size()) {
            return;
        }
        clock.show(model.fence().get(), model.key(), model.counts());
        spans.update();
        scales.update();
        keys.update();
        boolean trying = model.session().tryOn().get() != null;
        nothingTried.set(!trying);
        status.setText(Words.say(trying ? "fence.trying" : "fence.is", model.key().text(),
                Words.count("notesOutside", model.outside()), model.bars(model.span().get())));
    }
}
