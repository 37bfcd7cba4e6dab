package amberfence.app.parts;

import java.util.function.IntFunction;
import javafx.scene.control.ListCell;

/** A place for the card of a part in the list of them. */
final class PartCell extends ListCell<Integer> {
    /** How high the list takes a card to be that it has not shown yet, in pixels: a closed one, and the gap below it. */
    private static final double CLOSED = 51;
    private final IntFunction<PartCard> cards;

    /** @param cards the card of a part by its identity, or none when the part is gone */
    PartCell(IntFunction<PartCard> cards) {
        this.cards = cards;
        // As wide as the list: else it would scroll sideways.
        setPrefWidth(0);
    }

    @Override
    protected void updateItem(Integer part, boolean none) {
        super.updateItem(part, none);
        // In a cell that nobody sees the list finds out how high each one is: a card would be styled there, and again in its place.
        boolean seen = getParent() == null || getParent().isVisible();
        setGraphic(none || part == null || !seen ? null : cards.apply(part));
    }

    @Override
    protected double computePrefHeight(double width) {
        if (isEmpty()) {
            // What is left below the last part is one cell, and not a dozen low ones.
            return getListView().getHeight();
        }
        return getGraphic() == null ? CLOSED : super.computePrefHeight(width);
    }
}
