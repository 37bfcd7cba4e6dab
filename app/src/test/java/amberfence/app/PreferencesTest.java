package amberfence.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberfence.app.files.AppFolder;
import amberfence.app.files.PreferencesFile;
import amberfence.app.session.Preferences;
import amberfence.app.theme.Theme;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** How a person left the window is how it opens again. */
class PreferencesTest extends WindowTest {
    private Preferences nextStart() {
        Preferences next = new Preferences();
        new PreferencesFile(new AppFolder(appFolder), next).load();
        return next;
    }

    @Test
    void whatIsOpenAndTheThemeOutliveTheRun() {
        click("tab-overview");
        interact(() -> workspace.installShortcuts(scene));
        Path file = appFolder.resolve("preferences.json");
        waitUntil(() -> Files.exists(file));
        assertThat(nextStart().text("drawer", "")).isEqualTo("overview");
        interact(() -> {
            session.preferences().choose("theme", Theme.LAMP);
            workspace.leave();
        });
        assertThat(nextStart().choice("theme", Theme.PAPER)).as("kept though the window closed at once").isEqualTo(Theme.LAMP);
        assertThat(workspace.preferredTheme()).isEqualTo(Theme.LAMP);
        click("tab-overview");
        assertThat(((ToggleButton) lookup("#tab-overview").query()).isSelected()).isFalse();
    }

    @Test
    void whatALaterVersionKeptStays() throws Exception {
        Files.createDirectories(appFolder);
        Path file = Files.writeString(appFolder.resolve("preferences.json"), "{\"theme\": \"LAMP\", \"moon\": \"full\"}");
        Preferences preferences = new Preferences();
        PreferencesFile kept = new PreferencesFile(new AppFolder(appFolder), preferences);
        assertThat(kept.load()).isEmpty();
        assertThat(preferences.choice("theme", Theme.PAPER)).isEqualTo(Theme.LAMP);
        interact(() -> preferences.keep("drawer", "overview"));
        interact(kept::close);
        assertThat(Files.readString(file)).contains("\"moon\" : \"full\"", "\"drawer\" : \"overview\"");
    }

    @Test
    void whatCannotBeReadIsSetAsideAndTheWindowBeginsAsUsual() throws Exception {
        Files.createDirectories(appFolder);
        for (String damaged : new String[] {"{", "[1]", "", "\u0000"}) {
            Files.writeString(appFolder.resolve("preferences.json"), damaged);
            Preferences preferences = new Preferences();
            String aside = new PreferencesFile(new AppFolder(appFolder), preferences).load();
            assertThat(Files.readString(Path.of(aside))).isEqualTo(damaged);
            assertThat(preferences.values()).isEqualTo(Map.of());
            assertThat(preferences.choice("theme", Theme.PAPER)).isEqualTo(Theme.PAPER);
        }
    }

    @Test
    void theSettingsAreKept() {
        click("song-menu");
        clickOn("#menu-settings");
        settle();
        choose("settings-theme", 1);
        choose("settings-scale", 3);
        assertThat(((TextField) lookup("#settings-unsaved").query()).getText()).isEqualTo(appFolder.resolve("unsaved").toString());
        click("settings-close");
        interact(() -> workspace.leave());
        assertThat(nextStart().choice("theme", Theme.PAPER)).isEqualTo(Theme.LAMP);
        assertThat(PreferencesFile.kept(new AppFolder(appFolder), "interface-scale")).contains("150");
        assertThat(PreferencesFile.kept(new AppFolder(appFolder.resolve("none")), "interface-scale")).isEmpty();
    }

    @Test
    void theTitleOfTheSongIsChangedAndUndone() {
        click("song-menu");
        clickOn("#menu-title");
        settle();
        push(KeyCode.CONTROL, KeyCode.A).write("Harbour Light").push(KeyCode.ENTER);
        assertThat(text("song-title")).isEqualTo("Harbour Light");
        push(KeyCode.CONTROL, KeyCode.Z);
        assertThat(text("song-title")).isEqualTo("Lantern Ferry");
    }

    @Test
    void aValueThatIsNoneOfTheChoicesIsTheUsualOne() {
        Preferences preferences = new Preferences();
        preferences.take(Map.of("theme", "STRIPES"));
        assertThat(preferences.choice("theme", Theme.PAPER)).isEqualTo(Theme.PAPER);
    }
}
