package amberfence.song;

import java.util.function.LongUnaryOperator;

/**
 * Whatever can stand in a part's list of steps. The interface lives here, nearly empty, so that a part can hold its steps
 * without knowing what they do; the one family of treatments is {@code amberfence.step.Step}.
 */
public interface Treatment {
    /** The same treatment for a copy of the line whose notes got new identities. */
    default Treatment renamed(LongUnaryOperator renaming) {
        return this;
    }
}
