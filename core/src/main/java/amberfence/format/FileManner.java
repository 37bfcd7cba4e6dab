package amberfence.format;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.FileAttribute;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFileAttributes;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

/**
 * How a file stands on the disk besides its content, so that the one that takes its place stands there likewise.
 *
 * @param attributes owner, group and mode; empty for a file that is new, or where the system has no such things
 * @param links how many names the file has
 */
record FileManner(Optional<PosixFileAttributes> attributes, int links) {
    private static final Set<PosixFilePermission> WRITING = EnumSet.of(PosixFilePermission.OWNER_WRITE,
            PosixFilePermission.GROUP_WRITE, PosixFilePermission.OTHERS_WRITE);

    static FileManner of(Path file) throws IOException {
        PosixFileAttributeView view = Files.getFileAttributeView(file, PosixFileAttributeView.class);
        if (view == null || !Files.exists(file)) {
            return new FileManner(Optional.empty(), 1);
        }
        return new FileManner(Optional.of(view.readAttributes()), ((Number) Files.getAttribute(file, "unix:nlink")).intValue());
    }

    /** Whether a file is there that nobody may write to. Whoever may do everything is asked not to, too. */
    static boolean isProtected(Path file) throws IOException {
        if (!Files.exists(file)) {
            return false;
        }
        PosixFileAttributeView view = Files.getFileAttributeView(file, PosixFileAttributeView.class);
        return !Files.isWritable(file)
                || view != null && view.readAttributes().permissions().stream().noneMatch(WRITING::contains);
    }

    /** A file that is not there yet, at no moment more open than the one whose place it will take. */
    FileChannel create(Path beside) throws IOException {
        Set<StandardOpenOption> options = EnumSet.of(StandardOpenOption.CREATE_NEW, StandardOpenOption.WRITE);
        FileAttribute<?>[] mode = attributes.map(old -> new FileAttribute<?>[] {
            PosixFilePermissions.asFileAttribute(EnumSet.of(PosixFilePermission.OWNER_READ, PosixFilePermission.OWNER_WRITE))})
                .orElse(new FileAttribute<?>[0]);
        return FileChannel.open(beside, options, mode);
    }

    /** Makes another file stand as this one does; false where that cannot be, so that the old one must be written into. */
    boolean give(Path other) throws IOException {
        if (attributes.isEmpty()) {
            return true;
        }
        if (links > 1) {
            return false;
        }
        PosixFileAttributeView view = Files.getFileAttributeView(other, PosixFileAttributeView.class);
        PosixFileAttributes wanted = attributes.get();
        PosixFileAttributes has = view.readAttributes();
        try {
            if (!has.group().equals(wanted.group())) {
                view.setGroup(wanted.group());
            }
            if (!has.owner().equals(wanted.owner())) {
                view.setOwner(wanted.owner());
            }
        } catch (IOException e) {
            return false;
        }
        view.setPermissions(wanted.permissions());
        return true;
    }
}
