package amberfence.app.workspace;

import amberfence.app.sheets.Sheet;
import java.util.HashMap;
import java.util.Map;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;

/**
 * What lies over the desk: at most one page in its place, and at most one sheet on top of either. Sheets are made anew each
 * time and gone when they are put away; pages stay.
 */
final class Navigator {
    private final StackPane window;
    private final Node desk;
    private final Runnable home;
    private final Map<Class<?>, Region> pages = new HashMap<>();
    private Node focusBefore;

    /** @param home puts the focus to where the work is */
    Navigator(StackPane window, Node desk, Runnable home) {
        this.window = window;
        this.desk = desk;
        this.home = home;
        window.getChildren().add(desk);
    }

    /** Lays a sheet over everything, in the place of one that is there. */
    void show(Sheet sheet) {
        closeSheet();
        focusBefore = window.getScene() == null ? null : window.getScene().getFocusOwner();
        desk.setDisable(true);
        desk.getStyleClass().add("veiled");
        window.getChildren().add(sheet);
        // What scrolls is there only once it was styled, and may ask for the focus.
        sheet.applyCss();
        sheet.layout();
        sheet.requestFocus();
    }

    /** Puts the sheet away; what had the focus before has it again. */
    void closeSheet() {
        window.getChildren().removeIf(Sheet.class::isInstance);
        desk.setDisable(false);
        desk.getStyleClass().remove("veiled");
        if (focusBefore != null) {
            focusBefore.requestFocus();
            focusBefore = null;
        }
    }

    boolean isSheetOpen() {
        return window.getChildren().stream().anyMatch(Sheet.class::isInstance);
    }

    /** A page, made when it is first asked for. */
    <P extends Region> P page(Class<P> kind, Supplier<P> make) {
        return kind.cast(pages.computeIfAbsent(kind, same -> {
            P page = make.get();
            page.setVisible(false);
            window.getChildren().add(1, page);
            return page;
        }));
    }

    /** Shows a page in the place of the desk; what to begin with is done when it was not open yet. */
    void open(Region page, Runnable begin) {
        if (!page.isVisible()) {
            pages.values().forEach(other -> other.setVisible(other == page));
            desk.setVisible(false);
            begin.run();
        }
    }

    /** Back to the desk. */
    void closePage() {
        pages.values().forEach(page -> page.setVisible(false));
        desk.setVisible(true);
        home.run();
    }

    boolean isPageOpen() {
        return !desk.isVisible();
    }
}
