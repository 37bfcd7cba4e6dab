package amberfence.step;

import java.util.Collection;
import java.util.List;

/** A step in which single notes can be left alone by hand. */
public interface LeavesByHand extends Step {
    /** The same step with some notes left alone, or changed again. */
    LeavesByHand withLeft(Collection<Long> noteIds, boolean left);

    /** The same step with one note left alone, or changed again. */
    default LeavesByHand withLeft(long noteId, boolean left) {
        return withLeft(List.of(noteId), left);
    }
}
