package amberfence.format;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.charset.StandardCharsets;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Files that stand beside their target while it is written. Their short names tell the process that writes them, and they
 * are locked while it lives, so that what a process left that was killed can be told from what another one is writing.
 */
public final class Leftovers {
    static final String PREFIX = ".amber-fence-";
    private static final Pattern NAME = Pattern.compile(Pattern.quote(PREFIX) + "(\\d+)-\\d+\\.(part|copy|into)");

    private Leftovers() {
    }

    /** The n-th name of this process in a folder. */
    static Path name(Path folder, int n) {
        return folder.resolve(PREFIX + ProcessHandle.current().pid() + "-" + n + ".part");
    }

    /** Locks a file for as long as it is open; where the system cannot, the number of the process has to do. */
    static void lock(FileChannel channel) {
        try {
            channel.tryLock();
        } catch (IOException | OverlappingFileLockException e) {
            // Some network drives cannot lock.
        }
    }

    /**
     * Copies a file that is whole and on the disk into one that has to stay itself, because it has other names or another
     * owner. The copy is told first, so that one which is broken off is ended by {@link #sweep}.
     */
    static void copyInto(Path target, Path whole) throws IOException {
        String stem = whole.getFileName().toString().replaceFirst("\\.part$", "");
        Path told = whole.resolveSibling(stem + ".into");
        Path copy = whole.resolveSibling(stem + ".copy");
        try {
            try (FileChannel channel = FileChannel.open(told, StandardOpenOption.CREATE_NEW, StandardOpenOption.WRITE)) {
                channel.write(StandardCharsets.UTF_8.encode(target.getFileName().toString()));
                channel.force(true);
            }
            Files.move(whole, copy, StandardCopyOption.ATOMIC_MOVE);
            pour(copy, target);
        } finally {
            Files.deleteIfExists(copy);
            Files.deleteIfExists(told);
        }
    }

    private static void pour(Path from, Path into) throws IOException {
        try (FileChannel in = FileChannel.open(from, StandardOpenOption.READ);
                FileChannel out = FileChannel.open(into, StandardOpenOption.WRITE, StandardOpenOption.TRUNCATE_EXISTING)) {
            long done = 0;
            while (done < in.size()) {
                done += in.transferTo(done, in.size() - done, out);
            }
            out.force(true);
        }
    }

    /** Clears away what processes left in a folder that ended while they wrote; a copy that was broken off is ended. */
    public static void sweep(Path folder) {
        try (DirectoryStream<Path> left = Files.newDirectoryStream(folder, PREFIX + "*")) {
            for (Path file : left) {
                Matcher name = NAME.matcher(file.getFileName().toString());
                if (name.matches() && isAbandoned(file, Long.parseLong(name.group(1)))) {
                    clear(file, name.group(2));
                }
            }
        } catch (IOException | RuntimeException e) {
            // Clearing up must never be what keeps somebody from saving.
        }
    }

    private static void clear(Path file, String kind) throws IOException {
        Path told = file.resolveSibling(file.getFileName().toString().replaceFirst("\\.copy$", ".into"));
        if (kind.equals("copy") && Files.exists(told)) {
            Path target = file.resolveSibling(Files.readString(told)).normalize();
            if (target.getParent().equals(file.getParent()) && Files.isRegularFile(target)) {
                pour(file, target);
            }
            Files.deleteIfExists(told);
        }
        if (!kind.equals("into") || !Files.exists(file.resolveSibling(file.getFileName().toString().replaceFirst("\\.into$", ".copy")))) {
            Files.deleteIfExists(file);
        }
    }

    /** The process is gone here, and none on another machine that shares the folder holds the file. */
    private static boolean isAbandoned(Path file, long process) throws IOException {
        return ProcessHandle.of(process).isEmpty() && !isLocked(file);
    }

    /** Whether a living process holds a file. */
    public static boolean isLocked(Path file) throws IOException {
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.WRITE); FileLock lock = channel.tryLock()) {
            return lock == null;
        } catch (OverlappingFileLockException e) {
            return true;
        }
    }
}
