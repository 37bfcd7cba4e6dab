package amberfence.app.sheets;

import amberfence.app.keys.Shortcut;
import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;

/** Every key and what it does, from the one table of them. */
public final class ShortcutsSheet {
    private static final int COLUMNS = 2;

    private ShortcutsSheet() {
    }

    public static Sheet of(Runnable close) {
        GridPane grid = new GridPane();
        grid.setHgap(18);
        grid.setVgap(0.5);
        Shortcut[] all = Shortcut.values();
        int rows = (all.length + COLUMNS - 1) / COLUMNS;
        for (int i = 0; i < all.length; i++) {
            int column = i / rows * 2;
            grid.add(new HBox(Controls.label(all[i].keys(), "key-caps")), column, i % rows);
            grid.add(Controls.label(all[i].words(), "plain"), column + 1, i % rows);
        }
        return new Sheet("shortcuts-sheet", Words.say("shortcuts.title"), Words.say("shortcuts.subtitle"), grid, 800, close,
                Controls.button("shortcuts-close", "sheet.close", event -> close.run(), "ink"));
    }
}
