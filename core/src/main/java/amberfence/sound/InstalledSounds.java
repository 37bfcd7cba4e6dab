package amberfence.sound;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** SoundFont 2 and DLS files that are installed on the machine, in the folders where systems keep them. */
final class InstalledSounds {
    /** All of a file comes into memory; what is larger is only taken when somebody chooses it. */
    private static final long MOST_BYTES = 160L << 20;
    private static final long FEWEST_BYTES = 1 << 20;

    private InstalledSounds() {
    }

    /** Where this machine keeps them. */
    static List<Path> folders() {
        return folders(System.getProperty("os.name"), Path.of(System.getProperty("user.home")));
    }

    /** Where a system keeps them, a person's own folders first (freedesktop.org and Debian keep to these; from memory for the others). */
    static List<Path> folders(String system, Path home) {
        String name = system.toLowerCase(Locale.ROOT);
        if (name.contains("windows")) {
            return List.of(home.resolve("SoundFonts"), Path.of("C:/soundfonts"));
        } else if (name.contains("mac")) {
            return List.of(home.resolve("Library/Audio/Sounds/Banks"), Path.of("/Library/Audio/Sounds/Banks"));
        }
        return List.of(home.resolve(".local/share/soundfonts"), home.resolve(".local/share/sounds/sf2"), Path.of("/usr/local/share/soundfonts"),
                Path.of("/usr/local/share/sounds/sf2"), Path.of("/usr/share/soundfonts"), Path.of("/usr/share/sounds/sf2"));
    }

    /** The one to play with by itself: of the first folder that has any, one that is called a default, else the largest. */
    static Optional<Path> find(List<Path> folders) {
        for (Path folder : folders) {
            Optional<Path> found = best(folder);
            if (found.isPresent()) {
                return found.map(InstalledSounds::itself);
            }
        }
        return Optional.empty();
    }

    /** The file behind a name that stands for it, for that is the name that says something. */
    private static Path itself(Path file) {
        try {
            return file.toRealPath();
        } catch (IOException e) {
            return file;
        }
    }

    private record Sized(Path file, long bytes) {
        private boolean isDefault() {
            return file.getFileName().toString().toLowerCase(Locale.ROOT).startsWith("default");
        }
    }

    private static Optional<Path> best(Path folder) {
        List<Sized> files = new ArrayList<>();
        try (Stream<Path> all = Files.list(folder)) {
            for (Path file : all.filter(some -> some.toString().toLowerCase(Locale.ROOT).matches(".*\\.(sf2|dls)")).toList()) {
                files.add(new Sized(file, Files.size(file)));
            }
        } catch (IOException e) {
            // A folder that is not there, or that nobody may look into, holds none.
            return Optional.empty();
        }
        return files.stream().filter(file -> file.bytes >= FEWEST_BYTES && file.bytes <= MOST_BYTES)
                .max(Comparator.comparing(Sized::isDefault).thenComparingLong(Sized::bytes).thenComparing(Sized::file)).map(Sized::file);
    }
}
