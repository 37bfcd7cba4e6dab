package amberfence.cli;

/** A command that cannot be done, with its exit code and a message for the person who typed it. */
final class CommandFailure extends RuntimeException {
    static final int NOT_WRITTEN = 1;
    static final int WRONG_COMMAND = 2;
    static final int UNREADABLE = 3;
    private static final long serialVersionUID = 1L;
    private final int exitCode;

    CommandFailure(int exitCode, String message) {
        super(message);
        this.exitCode = exitCode;
    }

    int exitCode() {
        return exitCode;
    }
}
