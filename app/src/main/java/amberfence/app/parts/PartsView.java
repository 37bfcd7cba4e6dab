package amberfence.app.parts;

import amberfence.app.session.Results;
import amberfence.app.session.Session;
import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.song.Part;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** All parts of the song. Up and down go from card to card. */
public final class PartsView extends VBox {
    private final Session session;
    private final VBox cards = new VBox(9);
    private final Map<Integer, PartCard> byId = new HashMap<>();

    public PartsView(Session session) {
        super(8);
        this.session = session;
        setId("parts");
        ScrollPane scroll = new ScrollPane(cards);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().addAll(Controls.heading("parts.heading"), scroll);
        session.results().addListener((property, old, now) -> update());
        session.selectedPart().addListener((property, old, now) -> update());
        update();
    }

    private void update() {
        Results results = session.results().get();
        List<Part> parts = results.song().parts();
        boolean sameCards = parts.stream().map(Part::id).toList()
                .equals(cards.getChildren().stream().filter(PartCard.class::isInstance)
                        .map(card -> ((PartCard) card).partId()).toList());
        if (!sameCards || parts.isEmpty()) {
            cards.getChildren().clear();
            byId.clear();
            for (Part part : parts) {
                PartCard card = new PartCard(session, part.id());
                card.setOnKeyPressed(event -> {
                    if (event.getCode() == KeyCode.UP || event.getCode() == KeyCode.DOWN) {
                        go(part.id(), event.getCode() == KeyCode.UP ? -1 : 1);
                        event.consume();
                    }
                });
                byId.put(part.id(), card);
                cards.getChildren().add(card);
            }
            if (parts.isEmpty()) {
                var empty = Controls.label(Words.say("parts.none"), "soft");
                empty.setWrapText(true);
                cards.getChildren().add(empty);
            }
        }
        byId.values().forEach(card -> card.update(results));
    }

    private void go(int from, int places) {
        List<Integer> order = session.results().get().song().parts().stream().map(Part::id).toList();
        int to = Math.max(0, Math.min(order.size() - 1, order.indexOf(from) + places));
        session.selectPart(order.get(to));
        byId.get(order.get(to)).requestFocus();
    }
}
