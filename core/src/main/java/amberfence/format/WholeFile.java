package amberfence.format;

import amberfence.words.Texts;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.channels.Channels;
import java.nio.channels.FileChannel;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;

/**
 * The only way in which the application puts files on the disk: whole or not at all. What is written stands beside the
 * target first, is flushed, and is then moved over it; when anything fails, what stood there before still stands there.
 * The file keeps its mode, its owner and its hard links; a new one gets the mode that the system gives to new files.
 *
 * <p>A write that is killed leaves a file whose name begins with {@value Leftovers#PREFIX}; see {@link Leftovers}.
 */
public final class WholeFile {
    private static final int BUFFER = 1 << 16;

    /** What is to stand in a file, for content that is too long to be held in memory. */
    @FunctionalInterface
    public interface Content {
        /** Writes all of it, and tells whether it is to be kept; what was given up leaves no trace. */
        boolean writeTo(OutputStream out) throws IOException;
    }

    private WholeFile() {
    }

    /** Writes the bytes. */
    public static void write(Path target, byte[] content) throws IOException {
        write(target, out -> {
            out.write(content);
            return true;
        });
    }

    /**
     * Writes content piece by piece.
     *
     * @return whether the target was replaced; false when the content was given up
     * @throws UnwritableException when the target is nothing that a file may take the place of; nothing was written then
     */
    public static boolean write(Path target, Content content) throws IOException {
        Path real = check(target);
        Path folder = real.getParent();
        Leftovers.sweep(folder);
        FileManner manner = FileManner.of(real);
        Beginning begun = begin(folder, manner);
        Path beside = begun.path();
        try {
            boolean whole;
            try (FileChannel channel = begun.channel()) {
                Leftovers.lock(channel);
                OutputStream out = new BufferedOutputStream(Channels.newOutputStream(channel), BUFFER);
                whole = content.writeTo(out);
                out.flush();
                channel.force(true);
            }
            if (whole) {
                replace(beside, real, manner);
                sync(folder);
            }
            return whole;
        } finally {
            Files.deleteIfExists(beside);
        }
    }

    private record Beginning(Path path, FileChannel channel) {
    }

    private static Beginning begin(Path folder, FileManner manner) throws IOException {
        for (int n = 0;; n++) {
            Path path = Leftovers.name(folder, n);
            try {
                return new Beginning(path, manner.create(path));
            } catch (FileAlreadyExistsException e) {
                // Another thread of this process is writing here; the next name.
            }
        }
    }

    private static void replace(Path beside, Path real, FileManner manner) throws IOException {
        if (!manner.give(beside)) {
            Leftovers.copyInto(real, beside);
            return;
        }
        try {
            Files.move(beside, real, StandardCopyOption.ATOMIC_MOVE);
        } catch (AtomicMoveNotSupportedException e) {
            Files.move(beside, real, StandardCopyOption.REPLACE_EXISTING);
        }
    }

    /** The new name is on the disk only once its folder is; some systems cannot do that, and need not. */
    private static void sync(Path folder) {
        try (FileChannel channel = FileChannel.open(folder, StandardOpenOption.READ)) {
            channel.force(true);
        } catch (IOException e) {
            // A folder cannot be opened on every system.
        }
    }

    /**
     * Whether a file can be written there, found out before any work is done for it.
     *
     * @return the file that is meant, links followed
     * @throws UnwritableException says why not
     */
    public static Path check(Path target) throws IOException {
        Path real = followed(target.toAbsolutePath());
        Path folder = real.getParent();
        if (Files.isDirectory(real) || folder == null || real.getFileName() == null) {
            throw new UnwritableException(Texts.say("it is a folder"));
        }
        if (!Files.isDirectory(folder)) {
            throw new UnwritableException(Texts.say("the folder %s does not exist", folder));
        }
        if (Files.exists(real) && !Files.isRegularFile(real)) {
            throw new UnwritableException(Texts.say("it is no plain file, but a pipe, a socket or a device"));
        }
        if (FileManner.isProtected(real)) {
            throw new UnwritableException(Texts.say("it is protected from writing"));
        }
        if (!Files.isWritable(folder)) {
            throw new UnwritableException(Texts.say("the folder %s may not be written to", folder));
        }
        return real;
    }

    private static Path followed(Path link) throws IOException {
        Path path = link;
        for (int steps = 0; Files.isSymbolicLink(path); steps++) {
            if (steps > 40) {
                throw new UnwritableException(Texts.say("its links go round in a circle"));
            }
            path = path.resolveSibling(Files.readSymbolicLink(path)).normalize();
        }
        return Files.exists(path, LinkOption.NOFOLLOW_LINKS) && path.getParent() != null
                ? path.getParent().toRealPath().resolve(path.getFileName()) : path;
    }
}
