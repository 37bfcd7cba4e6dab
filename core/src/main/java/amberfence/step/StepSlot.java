package amberfence.step;

import amberfence.notes.NoteSet;
import java.util.Collection;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.LongUnaryOperator;

/**
 * One place in a part's list of steps.
 *
 * @param id identity within the song
 * @param on whether the step counts towards the result
 * @param meant whether somebody put it to this part by hand, so that it works on drums, too
 * @param step the step with its settings
 * @param limit the notes to which the step is limited, if it is
 * @param left notes that stay as they are, decided by hand
 * @param resolved the way out chosen by hand for a note, by its identity; ways are told by the names of the fixes that a step offers
 */
public record StepSlot(long id, boolean on, boolean meant, Step step, Optional<NoteChoice> limit, NoteSet left, Map<Long, String> resolved) {
    public StepSlot {
        resolved = Collections.unmodifiableMap(new TreeMap<>(resolved));
    }

    /** A step that is on, for all notes; drums are left alone. */
    public static StepSlot of(long id, Step step) {
        return new StepSlot(id, true, false, step, Optional.empty(), NoteSet.NONE, Map.of());
    }

    /** Where in some steps the one of an identity stands; below 0 where it is none of them. */
    public static int place(List<StepSlot> steps, long id) {
        return steps.stream().map(StepSlot::id).toList().indexOf(id);
    }

    public StepSlot withId(long newId) {
        return new StepSlot(newId, on, meant, step, limit, left, resolved);
    }

    public StepSlot withOn(boolean newOn) {
        return new StepSlot(id, newOn, meant, step, limit, left, resolved);
    }

    public StepSlot withMeant(boolean newMeant) {
        return new StepSlot(id, on, newMeant, step, limit, left, resolved);
    }

    public StepSlot withStep(Step newStep) {
        return new StepSlot(id, on, meant, newStep, limit, left, resolved);
    }

    public StepSlot withLimit(Optional<? extends NoteChoice> newLimit) {
        return new StepSlot(id, on, meant, step, newLimit.map(choice -> choice), left, resolved);
    }

    public StepSlot withLeft(NoteSet newLeft) {
        return new StepSlot(id, on, meant, step, limit, newLeft, resolved);
    }

    /** The same step with some notes left alone, or changed again. A note for which a way out was chosen is open again when it is left. */
    public StepSlot withLeft(Collection<Long> notes, boolean leave) {
        if (!leave || resolved.isEmpty()) {
            return withLeft(left.with(notes, leave));
        }
        Map<Long, String> open = new HashMap<>(resolved);
        open.keySet().removeAll(notes);
        return new StepSlot(id, on, meant, step, limit, left.with(notes.stream().filter(note -> !resolved.containsKey(note)).toList(), true),
                open);
    }

    /** The same step with a way out chosen for a note, by the name of the fix. */
    public StepSlot withResolved(long note, String fix) {
        Map<Long, String> more = new HashMap<>(resolved);
        more.put(note, fix);
        return new StepSlot(id, on, meant, step, limit, left, more);
    }

    /** The same step with one note left alone, or changed again. */
    public StepSlot withLeft(long note, boolean leave) {
        return withLeft(List.of(note), leave);
    }

    /** The same step for a copy of the line whose notes got new identities. */
    public StepSlot renamed(LongUnaryOperator renaming) {
        Map<Long, String> renamed = new HashMap<>();
        resolved.forEach((note, fix) -> renamed.put(renaming.applyAsLong(note), fix));
        return new StepSlot(id, on, meant, step, limit.map(choice -> choice.renamed(renaming)), left.renamed(renaming), renamed);
    }
}
