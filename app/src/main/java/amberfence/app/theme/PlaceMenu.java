package amberfence.app.theme;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;

/** The menu of a place, opened by the right button. It is made when it first opens: a menu costs as much as a window. */
public final class PlaceMenu {
    private ContextMenu menu;

    /** Opens at a point of the screen with these items. */
    public void open(Node owner, List<MenuItem> items, double screenX, double screenY) {
        if (menu == null) {
            menu = Controls.menu(items);
        }
        menu.getItems().setAll(items);
        menu.show(owner, screenX, screenY);
    }

    public void close() {
        if (menu != null) {
            menu.hide();
        }
    }
}
