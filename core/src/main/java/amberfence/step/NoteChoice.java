package amberfence.step;

import amberfence.notes.Line;
import amberfence.notes.NoteSet;
import java.util.Optional;
import java.util.function.LongUnaryOperator;

/** Chooses notes of a line: by a rule, which adapts when the notes change, or a fixed set of them. */
public interface NoteChoice {
    /** The chosen notes of a line in its surroundings. */
    NoteSet choose(Line line, Surroundings around);

    /** Whether it may choose other notes when the chords around are others. */
    boolean answersToChords();

    /** The notes, for a choice that names them; nothing for a rule. */
    default Optional<NoteSet> fixed() {
        return Optional.empty();
    }

    /** What it chooses, in a few words; a rule as it is read again. */
    String text();

    /** The same choice for a copy of the line whose notes got new identities. A rule names no notes, so it stays as it is. */
    default NoteChoice renamed(LongUnaryOperator renaming) {
        return this;
    }
}
