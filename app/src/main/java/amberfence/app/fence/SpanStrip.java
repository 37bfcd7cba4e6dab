package amberfence.app.fence;

import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.notes.KeySpan;
import java.util.BitSet;
import java.util.List;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Rectangle;

/** The keys along the song: which one is worked at, where it begins, where another one begins, and where notes are outside. */
final class SpanStrip extends VBox {
    private static final double MARKS = 10;
    private final FenceModel model;
    private final Runnable findAlong;
    private final HBox cards = new HBox(4);
    private final Pane marks = new Pane();
    private final HBox tools = new HBox(8);
    private int bars = 1;

    /** @param findAlong looks for keys along the song */
    SpanStrip(FenceModel model, Runnable findAlong) {
        super(4);
        this.model = model;
        this.findAlong = findAlong;
        marks.setMinHeight(MARKS);
        marks.setPrefHeight(MARKS);
        tools.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(tools, cards, marks);
        marks.widthProperty().addListener((property, old, now) -> showMarks());
    }

    void update() {
        bars = model.session().song().lastBar();
        showTools();
        showCards();
        showMarks();
    }

    private int lastBar() {
        return bars;
    }

    private void showTools() {
        int index = model.span().get();
        int from = model.keys().spans().get(index).fromBar();
        TextField begins = new TextField(Integer.toString(from));
        begins.setId("span-from");
        begins.setAccessibleText(Words.say("fence.from"));
        begins.setPrefColumnCount(3);
        begins.setDisable(index == 0);
        Controls.tip(begins, Words.say("fence.fromTip"));
        begins.setOnAction(event -> {
            if (begins.getText().strip().matches("[0-9]{1,6}")) {
                model.moveTo(Integer.parseInt(begins.getText().strip()));
            } else {
                begins.setText(Integer.toString(from));
            }
        });
        int half = from + Math.max(1, (model.keys().lastBar(index, lastBar()) - from + 1) / 2);
        Button more = Controls.button("span-add", null, event -> model.split(half));
        more.setText(Words.say("fence.addKey", half));
        Button remove = Controls.button("span-remove", "fence.removeKey", event -> model.remove());
        Button find = Controls.button("find-along", "fence.findAlong", event -> findAlong.run());
        Controls.tip(find, Words.say("fence.findAlongTip"));
        tools.getChildren().setAll(Controls.heading("fence.along"), Controls.filler(),
                Controls.label(Words.say("fence.from"), "soft"),
                begins, more, Controls.disabledWhen(remove, new SimpleBooleanProperty(index == 0), "fence.firstStays"), find);
    }

    private void showCards() {
        cards.getChildren().clear();
        List<KeySpan> all = model.keys().spans();
        for (int i = 0; i < all.size(); i++) {
            int index = i;
            int to = i + 1 < all.size() ? all.get(i + 1).fromBar() : Math.max(lastBar() + 1, all.get(i).fromBar() + 1);
            ToggleButton card = new ToggleButton();
            card.setId("span-" + i);
            card.getStyleClass().setAll("card", i == model.span().get() ? "chosen" : "plain");
            Label name = Controls.label(all.get(i).key().text(), "name");
            name.setMinWidth(0);
            HBox content = new HBox(8, name, Controls.filler(), Controls.label(model.bars(i), "soft", "small"));
            content.setAlignment(Pos.CENTER_LEFT);
            content.prefWidthProperty().bind(card.widthProperty().subtract(26));
            card.setGraphic(content);
            card.setOnAction(event -> model.span().set(index));
            card.setAccessibleText(all.get(i).key().text() + ", " + model.bars(i));
            card.setMinWidth(60);
            card.setMaxWidth(Double.MAX_VALUE);
            card.prefWidthProperty().bind(cards.widthProperty().multiply(
                    Math.max(1, to - all.get(i).fromBar()) / (double) Math.max(1, lastBar())));
            HBox.setHgrow(card, Priority.SOMETIMES);
            cards.getChildren().add(card);
        }
    }

    /** A mark for each outside note, at most as many as there are pixels. */
    private void showMarks() {
        marks.getChildren().clear();
        if (model.fence().get() == null) {
            return;
        }
        int width = (int) marks.getWidth();
        if (width < 1) {
            return;
        }
        model.askOutsidePlaces(Math.max(1, lastBar()), width, this::showMarks);
    }

    private void showMarks(BitSet places) {
        marks.getChildren().clear();
        for (int x = places.nextSetBit(0); x >= 0; x = places.nextSetBit(x + 3)) {
            Rectangle mark = new Rectangle(x, 1, 4, MARKS - 2);
            mark.getStyleClass().add("outside-mark");
            marks.getChildren().add(mark);
        }
    }
}
