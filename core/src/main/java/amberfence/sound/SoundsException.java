package amberfence.sound;

import java.io.IOException;

/** A file of sounds that cannot be used. The message is one sentence. */
public final class SoundsException extends IOException {
    private static final long serialVersionUID = 1L;

    /** @param message one sentence, which says which file and why */
    public SoundsException(String message, Throwable cause) {
        super(message, cause);
    }
}
