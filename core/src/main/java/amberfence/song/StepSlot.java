package amberfence.song;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.function.LongUnaryOperator;

/**
 * One place in a part's list of steps.
 *
 * @param id identity within the song
 * @param on whether the step counts towards the result
 * @param treatment the step with its settings
 * @param limit the notes to which the step is limited, if it is
 * @param left notes that stay as they are, decided by hand
 */
public record StepSlot(long id, boolean on, Treatment treatment, Optional<Limit> limit, NoteSet left) {
    /** A step that is on, for all notes. */
    public static StepSlot of(long id, Treatment treatment) {
        return new StepSlot(id, true, treatment, Optional.empty(), NoteSet.NONE);
    }

    public StepSlot withId(long newId) {
        return new StepSlot(newId, on, treatment, limit, left);
    }

    public StepSlot withOn(boolean newOn) {
        return new StepSlot(id, newOn, treatment, limit, left);
    }

    public StepSlot withTreatment(Treatment newTreatment) {
        return new StepSlot(id, on, newTreatment, limit, left);
    }

    public StepSlot withLimit(Optional<Limit> newLimit) {
        return new StepSlot(id, on, treatment, newLimit, left);
    }

    public StepSlot withLeft(NoteSet newLeft) {
        return new StepSlot(id, on, treatment, limit, newLeft);
    }

    /** The same step with some notes left alone, or changed again. */
    public StepSlot withLeft(Collection<Long> notes, boolean leave) {
        return withLeft(left.with(notes, leave));
    }

    /** The same step with one note left alone, or changed again. */
    public StepSlot withLeft(long note, boolean leave) {
        return withLeft(List.of(note), leave);
    }

    /** The same step for a copy of the line whose notes got new identities. */
    public StepSlot renamed(LongUnaryOperator renaming) {
        return new StepSlot(id, on, treatment.renamed(renaming), limit.map(choice -> choice.renamed(renaming)), left.renamed(renaming));
    }
}
