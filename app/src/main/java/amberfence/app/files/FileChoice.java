package amberfence.app.files;

import amberfence.format.Format;
import java.nio.file.Path;
import java.util.Optional;

/** How the person chooses files; tests choose for themselves. */
public interface FileChoice {
    /** A file with a song to open. */
    Optional<Path> toOpen();

    /** A file with a chart of chords. */
    default Optional<Path> toOpenChart() {
        return toOpen();
    }

    /** A SoundFont 2 or DLS file to play with. */
    default Optional<Path> toPlayWith() {
        return toOpen();
    }

    /** Where to save, with a name to begin with and the kind of file. */
    Optional<Path> toSave(String suggestion, Format format);
}
