package amberfence.song;

import java.util.function.LongUnaryOperator;

/**
 * A choice of notes to which a step is limited. Like {@link Treatment} it lives here nearly empty, so that a part can
 * hold it without knowing how notes are chosen; the one family is {@code amberfence.step.NoteChoice}.
 */
public interface Limit {
    /** The same choice for a copy of the line whose notes got new identities. */
    Limit renamed(LongUnaryOperator renaming);
}
