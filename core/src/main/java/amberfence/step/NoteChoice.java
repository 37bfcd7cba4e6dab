package amberfence.step;

import amberfence.song.Limit;
import amberfence.song.Line;
import amberfence.song.StepSlot;
import amberfence.song.NoteSet;
import java.util.Optional;
import java.util.function.LongUnaryOperator;

/** Chooses notes of a line: by a rule, which adapts when the notes change, or a fixed set of them. */
public interface NoteChoice extends Limit {
    /** What limits the step in a place of a part's list. */
    static Optional<NoteChoice> in(StepSlot slot) {
        return slot.limit().map(NoteChoice.class::cast);
    }

    /** The chosen notes of a line in its surroundings. */
    NoteSet choose(Line line, Surroundings around);

    /** Whether it may choose other notes when the chords around are others. */
    boolean answersToChords();

    /** What it chooses, in a few words. */
    String text();

    /** A rule names no notes, so it stays as it is. */
    @Override
    default NoteChoice renamed(LongUnaryOperator renaming) {
        return this;
    }
}
