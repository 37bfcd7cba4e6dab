package amberfence.app.files;

import amberfence.format.FileTrouble;
import amberfence.format.Leftovers;
import amberfence.format.UnreadableFileException;
import amberfence.format.WholeFile;
import amberfence.format.project.UnsavedFile;
import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.FileTime;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * Where unsaved work is kept: a file for each song and running window. A window holds a lock while it lives, however it
 * ends, so that work which nobody looks after can be told from work in another window.
 */
final class UnsavedStore {
    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("d MMMM yyyy, HH:mm", Locale.getDefault());
    private static final String ENDING = ".unsaved";
    private static final String LOCK = ".lock";
    /** Where versions before kept the one unsaved song. */
    private static final String OLD_NAME = "unsaved.amber";

    /**
     * Work that was left by a window that is gone.
     *
     * @param about what it tells of itself
     */
    record Left(Path file, UnsavedFile about) {
    }

    /**
     * What was found.
     *
     * @param trouble one sentence for each file that could not be read and was set aside
     */
    record Found(List<Left> left, List<String> trouble) {
    }

    private final AppFolder appFolder;
    private final Path folder;
    private final String window = ProcessHandle.current().pid() + "-" + Long.toString(System.nanoTime() & Long.MAX_VALUE, 36);
    private FileChannel lock;

    UnsavedStore(AppFolder appFolder) {
        this.appFolder = appFolder;
        this.folder = appFolder.unsaved();
    }

    /** The file of one of this window's songs. */
    Path file(long number) {
        return folder.resolve(window + "-" + number + ENDING);
    }

    /** Writes the file of one of this window's songs. */
    synchronized void write(long number, byte[] content) throws IOException {
        appFolder.create(folder);
        if (lock == null) {
            lock = FileChannel.open(folder.resolve(window + LOCK), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
            lock.tryLock();
        }
        WholeFile.write(file(number), content);
    }

    /** Somebody decided about this work, or it is saved. */
    void remove(Path file) throws IOException {
        Files.deleteIfExists(file);
    }

    /** All that windows left which are gone, the latest first. What cannot be read is set aside. */
    Found left() {
        Leftovers.sweep(folder);
        List<Left> left = new ArrayList<>();
        List<String> trouble = new ArrayList<>();
        old().ifPresent(left::add);
        try (DirectoryStream<Path> files = Files.newDirectoryStream(folder, "*" + ENDING)) {
            for (Path file : files) {
                if (!isOwned(file)) {
                    try {
                        left.add(new Left(file, UnsavedFile.readHead(file)));
                    } catch (UnreadableFileException e) {
                        trouble.add(setAside(file, e.getMessage()));
                    }
                }
            }
            sweepLocks();
        } catch (IOException e) {
            // No folder, no unsaved work.
        }
        left.sort(Comparator.comparing((Left some) -> some.about().kept()).reversed());
        return new Found(left, trouble);
    }

    private Optional<Left> old() {
        Path file = folder.resolveSibling(OLD_NAME);
        try {
            FileTime time = Files.getLastModifiedTime(file);
            return Optional.of(new Left(file, new UnsavedFile("", Optional.empty(), Optional.empty(), time.toInstant(), 0)));
        } catch (IOException e) {
            return Optional.empty();
        }
    }

    static boolean isOld(Path file) {
        return file.getFileName().toString().equals(OLD_NAME);
    }

    /** Puts a file where nothing touches it any more, and says so. */
    String setAside(Path file, String why) {
        Path target = folder.resolve("set-aside").resolve(file.getFileName());
        try {
            Files.createDirectories(target.getParent());
            for (int n = 2; Files.exists(target); n++) {
                target = target.resolveSibling(n + "-" + file.getFileName());
            }
            Files.move(file, target);
            return "Unsaved work of an earlier run cannot be opened: " + why + ". It is kept as " + target;
        } catch (IOException e) {
            return "Unsaved work of an earlier run cannot be opened: " + why + ". It lies in " + file + " ("
                    + FileTrouble.reason(e) + ")";
        }
    }

    private boolean isOwned(Path file) {
        String name = file.getFileName().toString();
        String owner = name.substring(0, Math.max(0, name.lastIndexOf('-')));
        return owner.equals(window) || isLocked(folder.resolve(owner + LOCK));
    }

    private static boolean isLocked(Path lock) {
        try {
            return Files.exists(lock) && Leftovers.isLocked(lock);
        } catch (IOException e) {
            String process = lock.getFileName().toString().split("-")[0];
            return process.matches("\\d+") && ProcessHandle.of(Long.parseLong(process)).isPresent();
        }
    }

    private void sweepLocks() throws IOException {
        try (DirectoryStream<Path> locks = Files.newDirectoryStream(folder, "*" + LOCK)) {
            for (Path some : locks) {
                if (!some.getFileName().toString().startsWith(window) && !isLocked(some)) {
                    Files.deleteIfExists(some);
                }
            }
        }
    }

    /** The window is gone; what it left may be offered by the next one. */
    synchronized void close() {
        try {
            if (lock != null) {
                lock.close();
                lock = null;
                Files.deleteIfExists(folder.resolve(window + LOCK));
            }
        } catch (IOException e) {
            System.getLogger("amberfence").log(System.Logger.Level.DEBUG, "lock not removed", e);
        }
    }

    /** When something was kept, as people say it. */
    static String when(Instant then) {
        return WHEN.format(then.atZone(ZoneId.systemDefault()));
    }
}
