package amberfence.app.theme;

import javafx.geometry.HPos;
import javafx.geometry.VPos;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ListCell;
import javafx.scene.control.SkinBase;
import javafx.scene.control.skin.ComboBoxListViewSkin;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;

/**
 * What a choice looks like until somebody comes to it: the words that hold, and the arrow. The usual skin makes the whole list,
 * with its cells and bars, before anybody opens it; a form of ten choices would have two hundred nodes for nothing. That skin
 * comes with the mouse or the focus.
 */
final class RestingSkin<T> extends SkinBase<ComboBox<T>> {
    private final Shown<T> shown = new Shown<>();
    private final Region arrow = new Region();
    private final StackPane arrowButton = new StackPane(arrow);

    /** Looks as the chosen cell of the list does. */
    private static final class Shown<T> extends ListCell<T> {
        void show(T value, String words) {
            updateItem(value, value == null);
            setText(words);
        }
    }

    private RestingSkin(ComboBox<T> box) {
        super(box);
        arrow.getStyleClass().add("arrow");
        arrowButton.getStyleClass().add("arrow-button");
        arrow.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        shown.setMouseTransparent(true);
        getChildren().setAll(shown, arrowButton);
        registerChangeListener(box.valueProperty(), change -> update());
        update();
    }

    /** Lets a choice rest until somebody comes. Its width must be given by what it lies in: at rest it does not know its longest words. */
    static <T> void rest(ComboBox<T> box) {
        box.setSkin(new RestingSkin<>(box));
        box.addEventFilter(MouseEvent.MOUSE_ENTERED, event -> wake(box));
        box.focusedProperty().addListener(change -> wake(box));
        box.showingProperty().addListener(change -> wake(box));
    }

    private static <T> void wake(ComboBox<T> box) {
        if (box.getSkin() instanceof RestingSkin<?>) {
            box.setSkin(new ComboBoxListViewSkin<>(box));
        }
    }

    private void update() {
        T value = getSkinnable().getValue();
        shown.show(value, value == null ? "" : getSkinnable().getConverter().toString(value));
    }

    private double arrowWidth() {
        return snapSpaceX(arrowButton.snappedLeftInset()) + snapSizeX(arrow.prefWidth(-1)) + snapSpaceX(arrowButton.snappedRightInset());
    }

    @Override
    protected double computeMinWidth(double height, double top, double right, double bottom, double left) {
        return 50;
    }

    @Override
    protected double computePrefWidth(double height, double top, double right, double bottom, double left) {
        return left + shown.prefWidth(height) + arrowWidth() + right;
    }

    @Override
    protected double computePrefHeight(double width, double top, double right, double bottom, double left) {
        return top + shown.prefHeight(width) + bottom;
    }

    /** Beside a label of two lines it does not grow, as it does not with the usual skin. */
    @Override
    protected double computeMaxHeight(double width, double top, double right, double bottom, double left) {
        return getSkinnable().prefHeight(width);
    }

    @Override
    protected void layoutChildren(double x, double y, double width, double height) {
        double arrowWidth = arrowWidth();
        shown.resizeRelocate(x, y, width - arrowWidth, height);
        arrowButton.resize(arrowWidth, height);
        positionInArea(arrowButton, x + width - arrowWidth, y, arrowWidth, height, 0, HPos.CENTER, VPos.CENTER);
    }
}
