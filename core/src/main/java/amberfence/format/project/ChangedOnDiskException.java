package amberfence.format.project;

import amberfence.words.Texts;
import java.io.IOException;
import java.nio.file.Path;

/** Somebody else has written to a project's file since it was opened here. */
public final class ChangedOnDiskException extends IOException {
    private static final long serialVersionUID = 1L;

    ChangedOnDiskException(Path file) {
        super(Texts.say("%s was changed on the disk by another program or window", file.getFileName()));
    }
}
