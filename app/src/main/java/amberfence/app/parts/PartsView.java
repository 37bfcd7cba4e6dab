package amberfence.app.parts;

import amberfence.app.hands.NoteClipboard;
import amberfence.app.session.Results;
import amberfence.app.session.Session;
import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import amberfence.notes.Role;
import amberfence.song.Part;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.MenuItem;
import javafx.scene.input.KeyCode;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** All parts of the song. Up and down go from card to card. */
public final class PartsView extends VBox {
    /** While a card that is dragged lies over it. */
    private static final PseudoClass TARGET = PseudoClass.getPseudoClass("target");
    private final Session session;
    private final NoteClipboard clipboard;
    private final Button add;
    /** Only the cards that are in view are made: a song may have thousands of parts. */
    private final ListView<Integer> cards = new ListView<>();
    private final Label empty = Controls.paragraph(Words.say("parts.none"), "soft");
    private final TakesView takes;
    private final Map<Integer, PartCard> byId = new HashMap<>();

    /**
     * @param clipboard turns a part that is dragged out into a file
     * @param compare opens the page on which takes are compared
     */
    public PartsView(Session session, NoteClipboard clipboard, Runnable compare) {
        super(5);
        this.session = session;
        this.clipboard = clipboard;
        setId("parts");
        cards.setId("part-cards");
        cards.setFocusTraversable(false);
        cards.setCellFactory(list -> new PartCell(this::cardOf));
        VBox.setVgrow(cards, Priority.ALWAYS);
        add = Controls.button("add-part", "parts.add", null, "quiet");
        add.setOnAction(event -> Controls.openMenu(add, newParts()));
        Controls.tip(add, Words.say("parts.addTip"));
        HBox head = new HBox(4, Controls.heading("parts.heading"), Controls.filler(), add);
        head.setAlignment(Pos.CENTER_LEFT);
        empty.managedProperty().bind(empty.visibleProperty());
        takes = new TakesView(session, compare);
        getChildren().addAll(head, empty, cards);
        session.frames().follow(this::update, session.results(), session.selection().part());
        update();
    }

    /** The card of a part, or none when the part is gone. */
    private PartCard cardOf(int part) {
        return session.results().get().song().find(part).isEmpty() ? null : byId.computeIfAbsent(part, this::card);
    }

    private PartCard card(int id) {
        PartCard card = new PartCard(session, id);
        card.setOnKeyPressed(event -> {
            if (event.getCode() == KeyCode.UP || event.getCode() == KeyCode.DOWN) {
                go(id, event.getCode() == KeyCode.UP ? -1 : 1);
                event.consume();
            }
        });
        card.setOnDragDetected(event -> clipboard.draggedOut(id).ifPresent(file -> card
                .startDragAndDrop(TransferMode.COPY).setContent(NoteClipboard.content(file))));
        card.setOnDragOver(event -> {
            if (event.getGestureSource() instanceof PartCard other && other != card) {
                event.acceptTransferModes(TransferMode.COPY);
                event.consume();
            }
        });
        card.setOnDragEntered(event -> card.pseudoClassStateChanged(TARGET, event.getGestureSource() instanceof PartCard other && other != card));
        card.setOnDragExited(event -> card.pseudoClassStateChanged(TARGET, false));
        card.setOnDragDropped(event -> {
            if (event.getGestureSource() instanceof PartCard other) {
                moveTo(other.partId(), id);
                event.setDropCompleted(true);
                event.consume();
            }
        });
        update(card, session.results().get());
        return card;
    }

    /** Puts a part into the place of another, in the list and so in files. */
    private void moveTo(int part, int place) {
        List<Integer> order = session.song().parts().stream().map(Part::id).toList();
        if (order.contains(part) && order.contains(place)) {
            session.edit(Words.say("edit.order"), song -> song.withPartMoved(part, order.indexOf(place) - order.indexOf(part)));
        }
    }

    private void update() {
        Results results = session.results().get();
        List<Integer> parts = results.song().parts().stream().map(Part::id).toList();
        byId.keySet().retainAll(Set.copyOf(parts));
        byId.values().forEach(card -> update(card, results));
        empty.setVisible(parts.isEmpty());
        if (!parts.equals(cards.getItems())) {
            cards.getItems().setAll(parts);
        }
    }

    private void update(PartCard card, Results results) {
        card.update(results);
        card.hold(Integer.valueOf(card.partId()).equals(session.selection().part().get()) ? takes : null);
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
        session.selection().selectPart(parts.get(parts.size() - 1).id());
        session.say(Words.say("parts.drawHint"));
    }

    private void go(int from, int places) {
        List<Integer> order = session.results().get().song().parts().stream().map(Part::id).toList();
        int to = Math.max(0, Math.min(order.size() - 1, order.indexOf(from) + places));
        session.selection().selectPart(order.get(to));
        if (byId.get(order.get(to)) == null || byId.get(order.get(to)).getScene() == null) {
            cards.scrollTo(to);
            cards.layout();
        }
        PartCard card = byId.get(order.get(to));
        if (card != null) {
            card.requestFocus();
        }
    }
}
