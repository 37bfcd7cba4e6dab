package amberfence.step;

import amberfence.notes.Note;
import amberfence.words.Texts;
import java.util.List;
import java.util.Optional;

/**
 * One difference between the line before a step and after it: notes before, notes after, and the reason. A note that became
 * another keeps its identity; one that is no longer there has nothing after it; one that was made stands beside the note that
 * it came from, if it came from one, which is on both sides then.
 */
public record Change(List<Note> before, List<Note> after, Reason reason) {
    public Change {
        before = List.copyOf(before);
        after = List.copyOf(after);
        if (before.equals(after)) {
            throw new IllegalArgumentException(Texts.say("a change changes something, not %s to %s", before, after));
        }
    }

    /** A note became another. */
    public static Change moved(Note before, Note after, Reason reason) {
        if (before.id() != after.id()) {
            throw new IllegalArgumentException(Texts.say("a moved note keeps its identity, not %s to %s", before, after));
        }
        return new Change(List.of(before), List.of(after), reason);
    }

    /** A note is no longer there. */
    public static Change removed(Note before, Reason reason) {
        return new Change(List.of(before), List.of(), reason);
    }

    /** A note was made. */
    public static Change made(Optional<Note> source, Note made, Reason reason) {
        return source.isEmpty() ? new Change(List.of(), List.of(made), reason)
                : new Change(List.of(source.get()), List.of(source.get(), made), reason);
    }

    /** Whether a note was made and all before it stays. */
    public boolean isMade() {
        return after.size() > before.size();
    }

    public boolean isRemoved() {
        return after.isEmpty();
    }

    /** The note from which one was made. */
    public Optional<Note> source() {
        return isMade() ? before.stream().findFirst() : Optional.empty();
    }

    /** The note that the change is about, by whose identity it can be left: the one before, or the one that was made. */
    public Note note() {
        return isMade() ? after.get(after.size() - 1) : before.get(0);
    }

    /** What is there now of the note that the change is about. */
    public Optional<Note> now() {
        return after.isEmpty() ? Optional.empty() : Optional.of(after.get(after.size() - 1));
    }
}
