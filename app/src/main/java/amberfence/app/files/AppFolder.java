package amberfence.app.files;

import amberfence.format.WholeFile;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** The folder in which the application keeps what is its own: the list of recent files and the unsaved work. */
public final class AppFolder {
    private static final int MOST_RECENT = 8;
    private final Path folder;

    public AppFolder(Path folder) {
        this.folder = folder;
    }

    /** Where the platform keeps such things. */
    public static AppFolder usual(Map<String, String> environment) {
        String home = System.getProperty("user.home");
        String system = System.getProperty("os.name").toLowerCase(Locale.ROOT);
        if (system.contains("win") && environment.get("APPDATA") != null) {
            return new AppFolder(Path.of(environment.get("APPDATA"), "Amber Fence"));
        } else if (system.contains("mac")) {
            return new AppFolder(Path.of(home, "Library", "Application Support", "Amber Fence"));
        }
        String data = environment.get("XDG_DATA_HOME");
        return new AppFolder(data == null || data.isBlank() ? Path.of(home, ".local", "share", "amber-fence")
                : Path.of(data, "amber-fence"));
    }

    Path autosave() {
        return folder.resolve("unsaved.amber");
    }

    /** Where the files lie that stand on the clipboard or are dragged out. */
    public Path clips() {
        return folder.resolve("clips");
    }

    /** Scales of one's own, kept for every song, as lines of semitones and a name. */
    public List<String> ownScales() {
        try {
            return Files.readAllLines(folder.resolve("scales.txt"));
        } catch (IOException e) {
            return List.of();
        }
    }

    public void keepOwnScales(List<String> lines) throws IOException {
        create();
        WholeFile.write(folder.resolve("scales.txt"), String.join("\n", lines).getBytes(StandardCharsets.UTF_8));
    }

    void create() throws IOException {
        Files.createDirectories(folder);
    }

    /** Recently used files that still exist, the latest first. */
    public List<Path> recent() {
        try {
            return Files.readAllLines(folder.resolve("recent.txt")).stream().map(Path::of).filter(Files::exists).toList();
        } catch (IOException e) {
            return List.of();
        }
    }

    /** Puts a file first in the list. Not being able to is no reason to trouble anyone. */
    void remember(Path file) {
        List<Path> all = new ArrayList<>(recent());
        all.remove(file.toAbsolutePath());
        all.add(0, file.toAbsolutePath());
        try {
            create();
            Files.write(folder.resolve("recent.txt"), all.stream().limit(MOST_RECENT).map(Path::toString).toList());
        } catch (IOException e) {
            System.getLogger("amberfence").log(System.Logger.Level.DEBUG, "recent files not kept", e);
        }
    }
}
