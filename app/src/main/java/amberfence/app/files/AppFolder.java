package amberfence.app.files;

import amberfence.format.Leftovers;
import amberfence.format.WholeFile;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import net.harawata.appdirs.AppDirsFactory;

/** The folder in which the application keeps what is its own: the list of recent files and the unsaved work. */
public final class AppFolder {
    private static final int MOST_RECENT = 8;
    private static final int MOST_FOLDERS = 32;
    private final Path folder;

    public AppFolder(Path folder) {
        this.folder = folder;
    }

    /** Where the platform keeps such things. */
    public static AppFolder usual() {
        String system = System.getProperty("os.name").toLowerCase(Locale.ROOT);
        String name = system.contains("win") || system.contains("mac") ? "Amber Fence" : "amber-fence";
        return new AppFolder(Path.of(AppDirsFactory.getInstance().getUserDataDir(name, null, null, true)));
    }

    /** Where unsaved work is kept. */
    public Path unsaved() {
        return folder.resolve("unsaved");
    }

    /** Where it is kept how the person likes the window. */
    public Path preferences() {
        return folder.resolve("preferences.json");
    }

    /** Where one's own recipes lie, each a text file. */
    public Path recipes() {
        return folder.resolve("recipes");
    }

    /** Where it is written what went wrong. */
    public Path log() {
        return folder.resolve("log");
    }

    /** Where the files lie that stand on the clipboard or are dragged out. */
    public Path clips() {
        return folder.resolve("clips");
    }

    /** Scales of one's own, kept for every song, as lines of semitones and a name. */
    public List<String> ownScales() {
        return lines("scales.txt");
    }

    public void keepOwnScales(List<String> lines) throws IOException {
        create(folder);
        WholeFile.write(folder.resolve("scales.txt"), String.join("\n", lines).getBytes(StandardCharsets.UTF_8));
    }

    void create(Path wanted) throws IOException {
        Files.createDirectories(wanted);
    }

    /** Clears away what runs left that were killed: here, and in the folders that were written to lately. */
    void sweep() {
        Leftovers.sweep(folder);
        lines("folders.txt").stream().map(AppFolder::path).flatMap(Optional::stream).forEach(Leftovers::sweep);
    }

    /** Remembers a folder that is going to be written to, so that the next start can clear up there. */
    void writesTo(Path target) {
        Path into = target.toAbsolutePath().getParent();
        if (into != null && !into.equals(folder)) {
            keepFirst("folders.txt", into.toString(), MOST_FOLDERS);
        }
    }

    private List<String> lines(String name) {
        try {
            return Files.readAllLines(folder.resolve(name));
        } catch (IOException e) {
            return List.of();
        }
    }

    /** Not being able to is no reason to trouble anyone. */
    private synchronized void keepFirst(String name, String line, int most) {
        List<String> all = new ArrayList<>(lines(name));
        if (!all.isEmpty() && all.get(0).equals(line)) {
            return;
        }
        all.remove(line);
        all.add(0, line);
        try {
            create(folder);
            WholeFile.write(folder.resolve(name), String.join("\n", all.subList(0, Math.min(most, all.size()))).concat("\n")
                    .getBytes(StandardCharsets.UTF_8));
        } catch (IOException e) {
            System.getLogger("amberfence").log(System.Logger.Level.DEBUG, name + " not kept", e);
        }
    }

    private static Optional<Path> path(String text) {
        try {
            return Optional.of(Path.of(text));
        } catch (InvalidPathException e) {
            return Optional.empty();
        }
    }

    /** Recently used files that still exist, the latest first. */
    public List<Path> recent() {
        return lines("recent.txt").stream().map(AppFolder::path).flatMap(Optional::stream).filter(Files::exists).toList();
    }

    /** Puts a file first in the list. */
    void remember(Path file) {
        keepFirst("recent.txt", file.toAbsolutePath().toString(), MOST_RECENT);
    }
}
