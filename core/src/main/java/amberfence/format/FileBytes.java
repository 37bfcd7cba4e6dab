package amberfence.format;

import amberfence.words.Texts;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;

/** Reads files of a size that can be worked with. */
public final class FileBytes {
    /** No MIDI file of notes comes near this; what is larger is something else. */
    public static final long MOST_MIDI = 64L << 20;
    /** A project holds its MIDI file in letters, and a line for each number. */
    public static final long MOST_PROJECT = 256L << 20;

    private FileBytes() {
    }

    /**
     * All bytes of a plain file.
     *
     * @param most how many there may be
     * @throws UnreadableFileException says in a sentence why it cannot be read
     */
    public static byte[] read(Path file, long most) throws UnreadableFileException {
        if (Files.isDirectory(file)) {
            throw new UnreadableFileException(Texts.say("%s is a folder, not a file", file));
        }
        try {
            long size = Files.size(file);
            if (size > most) {
                throw new UnreadableFileException(Texts.say("%s has %s MB; files of this kind are read up to %s MB",
                        file.getFileName(), (size >> 20), (most >> 20)));
            }
            if (!Files.isRegularFile(file)) {
                throw new UnreadableFileException(Texts.say("%s is no plain file, but a pipe, a socket or a device", file));
            }
            return Files.readAllBytes(file);
        } catch (NoSuchFileException e) {
            throw new UnreadableFileException(Texts.say("%s does not exist", file));
        } catch (IOException e) {
            throw new UnreadableFileException(FileTrouble.unreadable(file, e));
        }
    }
}
