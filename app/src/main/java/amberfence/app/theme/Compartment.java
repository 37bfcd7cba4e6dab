package amberfence.app.theme;

import javafx.scene.layout.Region;

/**
 * Holds one thing that is always as large as the space it has: what changes in there is laid out in there, and never has the
 * window around it measured and laid out anew. Hidden with what it holds.
 */
public final class Compartment extends Region {
    private final Region content;

    public Compartment(Region content) {
        this.content = content;
        // Only what is not managed by its parent may be laid out by itself.
        content.setManaged(false);
        visibleProperty().bind(content.visibleProperty());
        getChildren().add(content);
    }

    @Override
    protected void layoutChildren() {
        content.resizeRelocate(0, 0, getWidth(), getHeight());
    }

    @Override
    protected double computeMinWidth(double height) {
        return content.minWidth(height);
    }

    @Override
    protected double computeMinHeight(double width) {
        return content.minHeight(width);
    }

    @Override
    protected double computePrefWidth(double height) {
        return content.prefWidth(height);
    }

    @Override
    protected double computePrefHeight(double width) {
        return content.prefHeight(width);
    }
}
