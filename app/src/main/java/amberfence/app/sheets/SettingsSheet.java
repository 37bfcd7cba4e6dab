package amberfence.app.sheets;

import amberfence.app.session.Motion;
import amberfence.app.session.Preferences;
import amberfence.app.session.Session;
import amberfence.app.sound.KeyboardInput;
import amberfence.app.sound.SoundMenu;
import amberfence.app.theme.Choice;
import amberfence.app.theme.Controls;
import amberfence.app.theme.Theme;
import amberfence.app.words.Words;
import amberfence.words.Languages;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;

/** How the window is: its theme, how large everything in it is, and where work is kept. */
public final class SettingsSheet {
    private static final List<Integer> SCALES = List.of(0, 100, 125, 150, 175, 200);
    private static final String SYSTEM = "";
    private static final double PATH = 300;

    private SettingsSheet() {
    }

    /**
     * @param theme takes another theme
     * @param sound what can be heard
     * @param keyboard what plays the keys
     * @param unsaved where unsaved work is kept
     */
    public static Sheet of(Session session, Theme now, Consumer<Theme> theme, SoundMenu sound, KeyboardInput keyboard, Path unsaved,
                           Runnable close) {
        Preferences preferences = session.preferences();
        GridPane grid = new GridPane();
        grid.setHgap(16);
        grid.setVgap(10);
        grid.addRow(0, Controls.rowLabel("settings.theme"), Choice.of("settings-theme", List.of(Theme.values()), now,
                some -> Words.say("settings." + some.name().toLowerCase(Locale.ROOT)), theme));
        grid.addRow(1, Controls.rowLabel("settings.middleC"), Choice.of("settings-middle-c", List.of(3, 4, 5), session.middleC(),
                octave -> Words.say("settings.octave", octave), session::setMiddleC));
        int kept = (int) preferences.number(Preferences.INTERFACE_SCALE, 0);
        grid.addRow(2, Controls.rowLabel("settings.scale"), Choice.of("settings-scale", SCALES, SCALES.contains(kept) ? kept : 0,
                some -> some == 0 ? Words.say("settings.scaleSystem") : Words.say("settings.percent", some),
                some -> preferences.keep(Preferences.INTERFACE_SCALE, Integer.toString(some))));
        grid.addRow(3, Controls.rowLabel("settings.language"), Choice.of("settings-language", languages(), preferences.text(Preferences.INTERFACE_LANGUAGE, SYSTEM),
                SettingsSheet::language, some -> preferences.keep(Preferences.INTERFACE_LANGUAGE, some)));
        grid.add(Controls.paragraph(Words.say("settings.scaleLater"), "soft", "small"), 1, 4);
        grid.addRow(5, Controls.rowLabel("settings.motion"), Choice.of("settings-motion", List.of(Motion.values()),
                preferences.choice(Motion.KEPT, Motion.GLIDING), some -> Words.say("settings.motion." + some.name().toLowerCase(Locale.ROOT)),
                some -> preferences.choose(Motion.KEPT, some)));
        Label sounds = Controls.label("", "soft", "small");
        sounds.setId("settings-sounds-now");
        session.computations().ask("sounds that play", sound.soundsNow(), sounds::setText);
        HBox bank = new HBox(8, opening("settings-sounds", sound::sounds), sounds);
        bank.setAlignment(Pos.CENTER_LEFT);
        grid.addRow(6, Controls.rowLabel("settings.sounds"), bank);
        Label plays = Controls.label(orNone(sound.deviceNow()), "soft", "small");
        plays.setId("settings-device-now");
        HBox device = new HBox(8, opening("settings-devices", sound::devices), plays);
        device.setAlignment(Pos.CENTER_LEFT);
        grid.addRow(7, Controls.rowLabel("settings.devices"), device);
        Label played = Controls.label("", "soft", "small");
        played.textProperty().bind(keyboard.name().map(SettingsSheet::orNone));
        HBox input = new HBox(8, opening("settings-keyboard", keyboard::items), played);
        input.setAlignment(Pos.CENTER_LEFT);
        grid.addRow(8, Controls.rowLabel("settings.keyboard"), input);
        TextField folder = new TextField(unsaved.toString());
        folder.setId("settings-unsaved");
        folder.setEditable(false);
        folder.setPrefWidth(PATH);
        Controls.tip(folder, unsaved.toString());
        grid.addRow(9, Controls.rowLabel("settings.unsaved"), folder);
        return new Sheet("settings-sheet", Words.say("settings.title"), Words.say("settings.subtitle"), grid, 520, close,
                Controls.button("settings-close", "sheet.close", event -> close.run(), "ink"));
    }

    private static List<String> languages() {
        List<String> languages = new ArrayList<>(Languages.ALL);
        languages.add(0, SYSTEM);
        return languages;
    }

    /** A language is called as those who speak it call it. */
    private static String language(String code) {
        Locale language = new Locale(code);
        return code.equals(SYSTEM) ? Words.say("settings.languageSystem") : language.getDisplayLanguage(language);
    }

    private static String orNone(String device) {
        return device.isEmpty() ? Words.say("settings.noDevice") : device;
    }

    /** A button that opens what there is to choose from, which may be nothing. */
    private static Button opening(String id, Supplier<List<MenuItem>> items) {
        Button choose = Controls.button(id, "settings.choose", null, "choice");
        choose.setOnAction(event -> {
            List<MenuItem> found = items.get();
            MenuItem none = Controls.menuItem(id + "-none", Words.say("settings.nothingFound"), () -> { });
            none.setDisable(true);
            Controls.openMenu(choose, found.isEmpty() ? List.of(none) : found);
        });
        return choose;
    }
}
