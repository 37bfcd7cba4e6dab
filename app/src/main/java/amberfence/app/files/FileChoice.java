package amberfence.app.files;

import java.nio.file.Path;
import java.util.Optional;

/** How the person chooses files; tests choose for themselves. */
public interface FileChoice {
    /** A MIDI file or project to open. */
    Optional<Path> toOpen();

    /** A SoundFont 2 or DLS file to play with. */
    default Optional<Path> toPlayWith() {
        return toOpen();
    }

    /** Where to save, with a name to begin with and the kind of file. */
    Optional<Path> toSave(String suggestion, Kind kind);

    /** Kinds of files with their ending. */
    enum Kind {
        PROJECT("amber"), MIDI("mid"), CHANGES("csv"), CHORDS("txt"), CHORD_PRO("cho"), SOUND("wav");

        private final String ending;

        Kind(String ending) {
            this.ending = ending;
        }

        public String ending() {
            return ending;
        }
    }
}
