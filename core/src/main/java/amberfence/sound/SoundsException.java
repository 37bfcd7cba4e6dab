package amberfence.sound;

import java.io.IOException;
import java.nio.file.Path;

/** A file of sounds that cannot be used. The message is one sentence. */
public final class SoundsException extends IOException {
    private static final long serialVersionUID = 1L;

    SoundsException(Path file, String why, Throwable cause) {
        super(file + " " + why, cause);
    }
}
