package amberfence.app.parts;

import amberfence.app.hands.NoteClipboard;
import amberfence.app.session.Results;
import amberfence.app.session.Session;
import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.song.Part;
import amberfence.song.Role;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import javafx.scene.control.Button;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** All parts of the song. Up and down go from card to card. */
public final class PartsView extends VBox {
    private final Session session;
    private final NoteClipboard clipboard;
    private final Button add;
    private final VBox cards = new VBox(9);
    private final Map<Integer, PartCard> byId = new HashMap<>();

    /**
     * @param clipboard turns a part that is dragged out into a file
     * @param compare opens the page on which takes are compared
     */
    public PartsView(Session session, NoteClipboard clipboard, Runnable compare) {
        super(8);
        this.session = session;
        this.clipboard = clipboard;
        setId("parts");
        ScrollPane scroll = new ScrollPane(cards);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        add = Controls.button("add-part", "parts.add", null, "dashed");
        add.setMaxWidth(Double.MAX_VALUE);
        add.setOnAction(event -> Controls.openMenu(add, newParts()));
        Controls.tip(add, Words.say("parts.addTip"));
        getChildren().addAll(Controls.heading("parts.heading"), scroll, new TakesView(session, compare));
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
                card.setOnDragDetected(event -> clipboard.draggedOut(part.id()).ifPresent(file -> card
                        .startDragAndDrop(TransferMode.COPY).setContent(NoteClipboard.content(file))));
                byId.put(part.id(), card);
                cards.getChildren().add(card);
            }
            if (parts.isEmpty()) {
                var empty = Controls.label(Words.say("parts.none"), "soft");
                empty.setWrapText(true);
                cards.getChildren().add(empty);
            }
            cards.getChildren().add(add);
        }
        byId.values().forEach(card -> card.update(results));
    }

    private List<MenuItem> newParts() {
        List<MenuItem> items = new ArrayList<>();
        for (Role role : Role.values()) {
            String word = Words.say("role." + role.name().toLowerCase(Locale.ROOT));
            items.add(Controls.menuItem("add-part-" + role.name().toLowerCase(Locale.ROOT), word,
                    () -> PartsView.addPart(session, role)));
        }
        return items;
    }

    /** Adds an empty part and selects it. */
    public static void addPart(Session session, Role role) {
        String word = Words.say("role." + role.name().toLowerCase(Locale.ROOT));
        session.edit(Words.say("edit.partAdd", word), song -> song.plusEmptyPart(
                word.substring(0, 1).toUpperCase(Locale.ROOT) + word.substring(1), role));
        List<Part> parts = session.song().parts();
        session.selectPart(parts.get(parts.size() - 1).id());
        session.message().set(Words.say("parts.drawHint"));
    }

    private void go(int from, int places) {
        List<Integer> order = session.results().get().song().parts().stream().map(Part::id).toList();
        int to = Math.max(0, Math.min(order.size() - 1, order.indexOf(from) + places));
        session.selectPart(order.get(to));
        byId.get(order.get(to)).requestFocus();
    }
}
