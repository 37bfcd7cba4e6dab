package amberfence.app.workspace;

import amberfence.app.sheets.Sheet;
import amberfence.app.theme.Controls;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.Scene;
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
        window.sceneProperty().flatMap(Scene::focusOwnerProperty).addListener((property, old, now) -> keepFocus(old, now));
    }

    /**
     * Under a sheet nothing takes the focus. The desk is not disabled for that: everything in it would be styled anew, which
     * is seen as a delay each time that a sheet opens or closes.
     */
    private void keepFocus(Node old, Node now) {
        Sheet open = sheet().orElse(null);
        if (open != null && now != null && !Controls.isInside(now, open)) {
            Node last = old != null && Controls.isInside(old, open) ? old : open;
            Platform.runLater(() -> {
                if (sheet().filter(same -> same == open).isPresent() && !Controls.isInside(window.getScene().getFocusOwner(), open)) {
                    last.requestFocus();
                }
            });
        }
    }

    private Optional<Sheet> sheet() {
        return window.getChildren().stream().filter(Sheet.class::isInstance).map(Sheet.class::cast).findFirst();
    }

    /** Lays a sheet over everything, in the place of one that is there. */
    void show(Sheet sheet) {
        closeSheet();
        focusBefore = window.getScene() == null ? null : window.getScene().getFocusOwner();
        window.getChildren().add(sheet);
        // What scrolls is there only once it was styled, and may ask for the focus.
        sheet.applyCss();
        sheet.layout();
        sheet.requestFocus();
    }

    /** Puts the sheet away; what had the focus before has it again. */
    void closeSheet() {
        window.getChildren().removeIf(Sheet.class::isInstance);
        if (focusBefore != null) {
            focusBefore.requestFocus();
            focusBefore = null;
        }
    }

    boolean isSheetOpen() {
        return sheet().isPresent();
    }

    /** A page, made when it is first asked for. */
    <P extends Region> P page(Class<P> kind, Supplier<P> make) {
        return kind.cast(pages.computeIfAbsent(kind, same -> {
            P page = make.get();
            page.setVisible(false);
            return page;
        }));
    }

    /** Shows a page in the place of the desk; what to begin with is done when it was not open yet. */
    void open(Region page, Runnable begin) {
        if (!page.isVisible()) {
            closePages();
            page.setVisible(true);
            window.getChildren().add(1, page);
            desk.setVisible(false);
            begin.run();
        }
    }

    /** Back to the desk. */
    void closePage() {
        closePages();
        desk.setVisible(true);
        home.run();
    }

    /** What is not to be seen is not in the window either: each node there costs whenever the window is styled anew. */
    private void closePages() {
        pages.values().forEach(page -> page.setVisible(false));
        window.getChildren().removeAll(pages.values());
    }

    boolean isPageOpen() {
        return !desk.isVisible();
    }
}
