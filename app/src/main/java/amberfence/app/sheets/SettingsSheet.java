package amberfence.app.sheets;

import amberfence.app.session.Preferences;
import amberfence.app.theme.Choice;
import amberfence.app.theme.Controls;
import amberfence.app.theme.Theme;
import amberfence.app.words.Words;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;

/** How the window is: its theme, how large everything in it is, and where work is kept. */
public final class SettingsSheet {
    private static final List<Integer> SCALES = List.of(0, 100, 125, 150, 175, 200);
    private static final double PATH = 300;

    private SettingsSheet() {
    }

    /**
     * @param theme takes another theme
     * @param sound what opens the choice of what is heard, under itself
     * @param unsaved where unsaved work is kept
     */
    public static Sheet of(Preferences preferences, Theme now, Consumer<Theme> theme, Node sound, Path unsaved, Runnable close) {
        GridPane grid = new GridPane();
        grid.setHgap(16);
        grid.setVgap(10);
        grid.addRow(0, words("settings.theme"), Choice.of("settings-theme", List.of(Theme.values()), now,
                some -> Words.say("settings." + some.name().toLowerCase(Locale.ROOT)), theme));
        int kept = (int) preferences.number("interface-scale", 0);
        grid.addRow(1, words("settings.scale"), Choice.of("settings-scale", SCALES, SCALES.contains(kept) ? kept : 0,
                some -> some == 0 ? Words.say("settings.scaleSystem") : Words.say("settings.percent", some),
                some -> preferences.keep("interface-scale", Integer.toString(some))));
        Label later = Controls.label(Words.say("settings.scaleLater"), "soft", "small");
        later.setWrapText(true);
        grid.add(later, 1, 2);
        grid.addRow(3, words("settings.sound"), sound);
        TextField folder = new TextField(unsaved.toString());
        folder.setId("settings-unsaved");
        folder.setEditable(false);
        folder.setPrefWidth(PATH);
        Controls.tip(folder, unsaved.toString());
        grid.addRow(4, words("settings.unsaved"), folder);
        return new Sheet("settings-sheet", Words.say("settings.title"), Words.say("settings.subtitle"), grid, 520, close,
                Controls.button("settings-close", "sheet.close", event -> close.run(), "ink"));
    }

    private static Label words(String name) {
        Label label = Controls.label(Words.say(name), "soft");
        label.setMinWidth(Label.USE_PREF_SIZE);
        return label;
    }
}
