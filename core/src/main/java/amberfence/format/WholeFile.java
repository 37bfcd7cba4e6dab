package amberfence.format;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermissions;

/** Puts a file on the disk whole or not at all: written beside the target, flushed, then moved over it. */
public final class WholeFile {
    private WholeFile() {
    }

    /** Writes the bytes; when anything fails, what stood at the target before still stands there. */
    public static void write(Path target, byte[] content) throws IOException {
        Path absolute = target.toAbsolutePath();
        Path real = Files.isSymbolicLink(absolute) ? absolute.toRealPath() : absolute;
        Path beside = Files.createTempFile(real.getParent(), "." + real.getFileName(), ".part");
        try {
            try (FileChannel channel = FileChannel.open(beside, StandardOpenOption.WRITE)) {
                ByteBuffer buffer = ByteBuffer.wrap(content);
                while (buffer.hasRemaining()) {
                    channel.write(buffer);
                }
                channel.force(true);
            }
            keepPermissions(real, beside);
            try {
                Files.move(beside, real, StandardCopyOption.ATOMIC_MOVE);
            } catch (AtomicMoveNotSupportedException e) {
                Files.move(beside, real, StandardCopyOption.REPLACE_EXISTING);
            }
        } finally {
            Files.deleteIfExists(beside);
        }
    }

    /** A temporary file is private; the finished one should be as open as its forerunner, or as any new file. */
    private static void keepPermissions(Path real, Path beside) throws IOException {
        try {
            if (Files.exists(real)) {
                Files.setPosixFilePermissions(beside, Files.getPosixFilePermissions(real));
            } else {
                Files.setPosixFilePermissions(beside,
                        PosixFilePermissions.fromString("rw-r--r--"));
            }
        } catch (UnsupportedOperationException e) {
            // Not a POSIX file system: nothing to keep.
        }
    }
}
