package amberfence.step;

/** The thread that applies a step was asked to stop; what it had made is of no use to anybody. */
public final class StoppedException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    StoppedException() {
        super("stopped", null, false, false);
    }
}
