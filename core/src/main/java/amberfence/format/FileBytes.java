package amberfence.format;

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
            throw new UnreadableFileException(file + " is a folder, not a file");
        }
        try {
            long size = Files.size(file);
            if (size > most) {
                throw new UnreadableFileException(file.getFileName() + " has " + (size >> 20) + " MB; files of this kind are read up to "
                        + (most >> 20) + " MB");
            }
            if (!Files.isRegularFile(file)) {
                throw new UnreadableFileException(file + " is no plain file, but a pipe, a socket or a device");
            }
            return Files.readAllBytes(file);
        } catch (NoSuchFileException e) {
            throw new UnreadableFileException(file + " does not exist");
        } catch (IOException e) {
            throw new UnreadableFileException(FileTrouble.unreadable(file, e));
        }
    }
}
