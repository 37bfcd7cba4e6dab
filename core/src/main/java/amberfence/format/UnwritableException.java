package amberfence.format;

import java.io.IOException;

/** A place where no file can be written. The message is the reason, to stand after a colon. */
public final class UnwritableException extends IOException {
    private static final long serialVersionUID = 1L;

    public UnwritableException(String reason) {
        super(reason);
    }
}
