package amberfence.song;

import amberfence.notes.NoteIdentity;
import amberfence.step.StepSlot;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.LongUnaryOperator;

/**
 * New identities for a copy of a line and its steps. What is decided about made notes goes along: their identities follow
 * from those of the notes and slots that they came from.
 */
final class Renaming implements LongUnaryOperator {
    /** Of more notes from one source, in one slot, nobody has decided anything yet. */
    private static final int MOST_FROM_ONE = 64;
    private final Map<Long, Long> notes;
    private final Map<Long, Long> slots = new HashMap<>();
    private Map<Long, Long> made;

    /** @param notes the new identity of each note that gets one */
    Renaming(Map<Long, Long> notes, List<StepSlot> steps, LongUnaryOperator newSlot) {
        this.notes = notes;
        steps.forEach(slot -> slots.put(slot.id(), newSlot.applyAsLong(slot.id())));
    }

    @Override
    public long applyAsLong(long id) {
        if (NoteIdentity.isOwn(id)) {
            return notes.getOrDefault(id, id);
        }
        if (made == null) {
            made = new HashMap<>();
            notes.forEach((from, to) -> slots.forEach((slot, newSlot) -> {
                for (int which = 0; which < MOST_FROM_ONE; which++) {
                    made.put(NoteIdentity.derived(from, slot, which), NoteIdentity.derived(to, newSlot, which));
                }
            }));
        }
        return made.getOrDefault(id, id);
    }
}
