package amberfence.app.workspace;

import amberfence.app.files.SongFiles;
import amberfence.app.keys.Shortcut;
import amberfence.app.theme.Controls;
import amberfence.app.theme.Icons;
import amberfence.app.words.Words;
import amberfence.song.Song;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;

/** What can be done with the song as a whole. */
final class SongMenu {
    private SongMenu() {
    }

    /** The button that opens the menu. */
    static Button of(SongFiles files, Workspace window) {
        return Controls.menuButton("song-menu", Icons.MORE, Words.say("menu.song"), () -> List.of(
                item("menu.new", () -> files.take(Song.empty(Words.say("song.untitled"))), Shortcut.NEW),
                Controls.menuItem("menu-title", Words.say("menu.title"), window::openTitle),
                item("menu.open", files::chooseAndOpen, Shortcut.OPEN), recent(files),
                item("menu.save", files::save, Shortcut.SAVE), item("menu.saveAs", files::saveAs, Shortcut.SAVE_AS),
                versions(files), new SeparatorMenuItem(), item("menu.history", window::openHistory, Shortcut.HISTORY), item("menu.theme", window::toggleTheme, Shortcut.THEME),
                Controls.menuItem("menu-settings", Words.say("menu.settings"), window::openSettings),
                new SeparatorMenuItem(), item("menu.handbook", window::openHandbook, Shortcut.HANDBOOK),
                Controls.menuItem("menu-tour", Words.say("menu.tour"), window::beginTour),
                item("menu.shortcuts", window::openShortcuts, Shortcut.SHORTCUTS)));
    }

    private static MenuItem item(String words, Runnable action, Shortcut shortcut) {
        // The keys are shown only: the scene's own table of keys does the work.
        return Controls.menuItem(words.replace('.', '-'), Words.say("menu.withKeys", Words.say(words), shortcut.keys()), action);
    }

    /** What saving replaced lately; opening one changes no file. */
    private static Menu versions(SongFiles files) {
        Menu versions = new Menu(Words.say("menu.versions"));
        versions.setId("menu-versions");
        for (Path version : files.earlierVersions()) {
            versions.getItems().add(Controls.menuItem("version-" + versions.getItems().size(), SongFiles.savedAt(version),
                    () -> files.openVersion(version)));
        }
        if (versions.getItems().isEmpty()) {
            MenuItem none = new MenuItem(Words.say("menu.noVersions"));
            none.setDisable(true);
            versions.getItems().add(none);
        }
        return versions;
    }

    private static Menu recent(SongFiles files) {
        Menu recent = new Menu(Words.say("menu.recent"));
        for (Path file : files.recent()) {
            MenuItem item = new MenuItem(file.getFileName().toString());
            item.setMnemonicParsing(false);
            item.setOnAction(event -> files.open(file));
            recent.getItems().add(item);
        }
        if (recent.getItems().isEmpty()) {
            MenuItem none = new MenuItem(Words.say("menu.noRecent"));
            none.setDisable(true);
            recent.getItems().add(none);
        }
        return recent;
    }
}
