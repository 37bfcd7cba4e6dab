package amberfence.sound;

import java.io.IOException;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;

/** Whose sounds a synthesizer plays with. */
public sealed interface Sounds {
    /** Those of a file that is installed on this machine; the plain ones where there is none. */
    Sounds INSTALLED = new Installed(InstalledSounds.folders());
    /** Those that Java has built in. */
    Sounds PLAIN = new Plain();

    /** @param folders where files of sounds are looked for */
    record Installed(List<Path> folders) implements Sounds {
        public Installed {
            folders = List.copyOf(folders);
        }

        @Override
        public Optional<Path> file() {
            return InstalledSounds.find(folders);
        }

        @Override
        public String text() {
            return "installed";
        }
    }

    /** Those that Java has built in. */
    record Plain() implements Sounds {
        @Override
        public Optional<Path> file() {
            return Optional.empty();
        }

        @Override
        public String text() {
            return "plain";
        }
    }

    /** @param chosen a SoundFont 2 or DLS file */
    record OfFile(Path chosen) implements Sounds {
        @Override
        public Optional<Path> file() {
            return Optional.of(chosen);
        }

        @Override
        public String text() {
            return chosen.toString();
        }
    }

    /** Something that is done with the sounds of a file, or with the plain ones. */
    interface Use<T> {
        T with(Optional<Path> file) throws IOException;
    }

    /**
     * Reads what {@link #text} wrote: {@code installed}, {@code plain} or the name of a file.
     *
     * @throws InvalidPathException when no file can be called so
     */
    static Sounds parse(String text) {
        return text.equals(INSTALLED.text()) ? INSTALLED : text.equals(PLAIN.text()) ? PLAIN : new OfFile(Path.of(text));
    }

    /** The file of sounds, if it is one. Looks at the disk. */
    Optional<Path> file();

    String text();

    /**
     * Does something with them. A file that somebody chose is used or refused; in place of one that is only found, and is
     * damaged, the plain ones do.
     *
     * @param trouble is told in a sentence when the plain ones do
     * @throws SoundsException when the file that was chosen cannot be used
     */
    default <T> T use(Use<T> use, Consumer<String> trouble) throws IOException {
        try {
            return use.with(file());
        } catch (SoundsException e) {
            if (!(this instanceof Installed)) {
                throw e;
            }
            trouble.accept(e.getMessage());
            return use.with(Optional.empty());
        }
    }
}
