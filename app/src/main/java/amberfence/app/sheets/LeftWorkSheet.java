package amberfence.app.sheets;

import amberfence.app.files.UnsavedOffer;
import amberfence.app.theme.Controls;
import amberfence.app.theme.LineOutline;
import amberfence.app.words.Words;
import amberfence.song.Part;
import amberfence.song.Song;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** Offers work that was not saved when windows ended: to take, to look at first, or to throw away. */
public final class LeftWorkSheet {
    private static final double TALLEST = 380;
    private static final double CARD = 120;
    private final UnsavedOffer offer;
    private final Runnable close;
    private final VBox rows = new VBox(10);
    private final ScrollPane scroll = new ScrollPane(rows);
    private final Label trouble = Controls.paragraph("", "alarm");

    private LeftWorkSheet(UnsavedOffer offer, Runnable close) {
        this.offer = offer;
        this.close = close;
    }

    /** @param close puts the sheet away; what is not decided is offered again at the next start */
    public static Sheet of(UnsavedOffer offer, Runnable close) {
        return new LeftWorkSheet(offer, close).sheet();
    }

    private Sheet sheet() {
        trouble.setId("offer-trouble");
        trouble.managedProperty().bind(trouble.textProperty().isNotEmpty());
        offer.setTrouble(sentence -> {
            trouble.setText(sentence);
            fill();
        });
        fill();
        scroll.setFitToWidth(true);
        return new Sheet("left-work-sheet", Words.say("offer.title"), Words.say("offer.subtitle"), new VBox(10, trouble, scroll), 640,
                close, Controls.button("offer-later", "offer.later", event -> close.run()));
    }

    private void fill() {
        List<UnsavedOffer.Item> items = offer.items();
        rows.getChildren().clear();
        for (int i = 0; i < items.size(); i++) {
            rows.getChildren().add(row(items.get(i), i));
        }
        scroll.setPrefViewportHeight(Math.min(TALLEST, CARD * items.size()));
        if (items.isEmpty() && trouble.getText().isEmpty()) {
            close.run();
        }
    }

    private Node row(UnsavedOffer.Item item, int index) {
        Label title = Controls.label(item.title(), "strong");
        Label about = Controls.paragraph(item.about(), "soft");
        VBox seen = new VBox(4);
        seen.setId("offer-seen-" + index);
        VBox texts = new VBox(2, title, about, seen);
        HBox.setHgrow(texts, Priority.ALWAYS);
        HBox buttons = new HBox(8,
                Controls.button("offer-throw-" + index, "offer.throwAway", event -> {
                    item.throwAway();
                    fill();
                }),
                Controls.button("offer-look-" + index, "offer.look", event -> item.look(song -> look(song, seen))),
                Controls.button("offer-take-" + index, "offer.take", event -> item.take(close), "primary"));
        buttons.setAlignment(Pos.CENTER_RIGHT);
        VBox row = new VBox(8, texts, buttons);
        row.getStyleClass().add("card");
        return row;
    }

    private void look(Song song, VBox seen) {
        show(song, seen);
        scroll.setPrefViewportHeight(TALLEST);
    }

    /** What is in the song: its parts, each with its outline. */
    private static void show(Song song, VBox seen) {
        seen.getChildren().setAll(Controls.label(Words.say("offer.seen", Words.count("partCount", song.parts().size()),
                Words.count("barCount", song.lastBar()), Words.count("chordCount", song.progression().spans().size())), "soft"));
        for (Part part : song.parts().stream().limit(8).toList()) {
            Label name = Controls.label(part.name());
            name.setMinWidth(150);
            name.setMaxWidth(150);
            Label notes = Controls.label(Words.count("noteCount", part.line().size()), "soft");
            notes.setMinWidth(80);
            LineOutline outline = new LineOutline(220, 20);
            outline.show(part.line(), song.end());
            HBox line = new HBox(10, name, notes, outline);
            line.setAlignment(Pos.CENTER_LEFT);
            seen.getChildren().add(line);
        }
    }
}
