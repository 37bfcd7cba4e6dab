package amberfence.format;

/** A file from which nothing can be saved. The message is one sentence for the person who chose the file. */
public final class UnreadableFileException extends Exception {
    private static final long serialVersionUID = 1L;

    public UnreadableFileException(String message) {
        super(message);
    }
}
