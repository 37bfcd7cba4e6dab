package amberfence.format.project;

import amberfence.format.FileState;
import amberfence.format.WholeFile;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.NotDirectoryException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The last versions of a project that saving replaced, in the folder {@value #FOLDER} beside it. Each is a project file of
 * its own, numbered in the order of saving, so that a clock that was set back changes nothing.
 */
public final class SavedVersions {
    public static final int MOST = 5;
    static final String FOLDER = ".amber-fence-versions";
    private static final int LONGEST_NAME = 180;
    private final Path folder;
    private final String stem;
    private final Pattern pattern;

    private SavedVersions(Path folder, String stem) {
        this.folder = folder;
        this.stem = stem;
        this.pattern = Pattern.compile(Pattern.quote(stem) + "\\.(\\d{1,9})\\.amber");
    }

    /** The kept versions of the project in a file. */
    public static SavedVersions of(Path file) {
        Path absolute = file.toAbsolutePath();
        String name = absolute.getFileName().toString();
        byte[] bytes = name.getBytes(StandardCharsets.UTF_8);
        // A long name leaves no room for a number; its first letters and a digest tell it as well.
        String stem = bytes.length <= LONGEST_NAME ? name : name.substring(0, 40) + "~" + FileState.of(bytes).digest().substring(0, 16);
        return new SavedVersions(absolute.resolveSibling(FOLDER), stem);
    }

    /** All that are kept, the latest first. */
    public List<Path> files() throws IOException {
        List<Path> found = new ArrayList<>();
        try (DirectoryStream<Path> all = Files.newDirectoryStream(folder)) {
            all.forEach(file -> {
                if (number(file) >= 0) {
                    found.add(file);
                }
            });
        } catch (NoSuchFileException | NotDirectoryException e) {
            return List.of();
        }
        found.sort(Comparator.comparingInt(this::number).reversed());
        return found;
    }

    /** The number of a version, counted from 1; −1 for any other file. */
    private int number(Path file) {
        Matcher matcher = pattern.matcher(file.getFileName().toString());
        return matcher.matches() ? Integer.parseInt(matcher.group(1)) : -1;
    }

    /** Keeps a version; the oldest of too many goes. */
    void keep(byte[] content) throws IOException {
        List<Path> before = files();
        int next = before.isEmpty() ? 1 : number(before.get(0)) + 1;
        Files.createDirectories(folder);
        WholeFile.write(folder.resolve(stem + "." + next + ".amber"), content);
        for (Path old : before.subList(Math.min(before.size(), MOST - 1), before.size())) {
            Files.deleteIfExists(old);
        }
    }
}
