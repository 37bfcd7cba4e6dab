package amberfence.format.project;

import java.io.IOException;
import java.nio.file.Path;

/** Somebody else has written to a project's file since it was opened here. */
public final class ChangedOnDiskException extends IOException {
    private static final long serialVersionUID = 1L;

    ChangedOnDiskException(Path file) {
        super(file.getFileName() + " was changed on the disk by another program or window");
    }
}
