package amberfence.step;

import amberfence.notes.Note;

/**
 * A note that a step would have changed and left as it was, on purpose; or one that it would have made, and did not.
 *
 * @param isUnmade whether the note is one that would have been made
 */
public record Kept(Note note, Reason reason, boolean isUnmade) {
    public Kept(Note note, Reason reason) {
        this(note, reason, false);
    }
}
