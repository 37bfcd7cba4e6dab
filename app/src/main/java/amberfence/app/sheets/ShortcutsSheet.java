package amberfence.app.sheets;

import amberfence.app.keys.Shortcut;
import amberfence.app.theme.Controls;
import amberfence.app.words.Words;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

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
        for (int i = 0; i < COLUMNS; i++) {
            ColumnConstraints keys = new ColumnConstraints();
            keys.setMinWidth(Region.USE_PREF_SIZE);
            ColumnConstraints words = new ColumnConstraints();
            words.setHgrow(Priority.ALWAYS);
            grid.getColumnConstraints().addAll(keys, words);
        }
        int rows = (all.length + COLUMNS - 1) / COLUMNS;
        for (int i = 0; i < all.length; i++) {
            int column = i / rows * 2;
            Label keys = Controls.label(all[i].keys(), "key-caps");
            keys.setMinWidth(Region.USE_PREF_SIZE);
            HBox place = new HBox(keys);
            place.setAlignment(Pos.CENTER_LEFT);
            grid.add(place, column, i % rows);
            grid.add(Controls.paragraph(all[i].words(), "plain"), column + 1, i % rows);
        }
        return new Sheet("shortcuts-sheet", Words.say("shortcuts.title"), Words.say("shortcuts.subtitle"), grid, 800, close,
                Controls.button("shortcuts-close", "sheet.close", event -> close.run(), "ink"));
    }
}
