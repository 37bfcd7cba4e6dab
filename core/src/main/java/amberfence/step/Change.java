package amberfence.step;

import amberfence.notes.Note;
import amberfence.words.Texts;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * One difference between the line before a step and after it: notes before, notes after, and the reason. A note that became
 * another keeps its identity; one that is no longer there has nothing after it; one that was made stands beside the note that
 * it came from, if it came from one, which is on both sides then.
 */
public final class Change {
    /** Notes and not lists of them: a long line has very many changes. Nothing where there is no such note. */
    private final Note before;
    private final Note after;
    /** Whether {@link #after} was made beside the one before. */
    private final boolean made;
    private final Reason reason;

    private Change(Note before, Note after, boolean made, Reason reason) {
        this.before = before;
        this.after = after;
        this.made = made;
        this.reason = reason;
    }

    /** A note became another. */
    public static Change moved(Note before, Note after, Reason reason) {
        if (before.id() != after.id()) {
            throw new IllegalArgumentException(Texts.say("a moved note keeps its identity, not %s to %s", before, after));
        }
        if (before.equals(after)) {
            throw new IllegalArgumentException(Texts.say("a change changes something, not %s to %s", before, after));
        }
        return new Change(before, after, false, reason);
    }

    /** A note is no longer there. */
    public static Change removed(Note before, Reason reason) {
        return new Change(before, null, false, reason);
    }

    /** A note was made. */
    public static Change made(Optional<Note> source, Note made, Reason reason) {
        return new Change(source.orElse(null), made, true, reason);
    }

    /** The notes before: one, or none where one was made from nothing. */
    public List<Note> before() {
        return before == null ? List.of() : List.of(before);
    }

    /** The notes after: none where one was removed, and the one before as well where another was made from it. */
    public List<Note> after() {
        if (after == null) {
            return List.of();
        }
        return made && before != null ? List.of(before, after) : List.of(after);
    }

    public Reason reason() {
        return reason;
    }

    /** Whether a note was made and all before it stays. */
    public boolean isMade() {
        return made;
    }

    public boolean isRemoved() {
        return after == null;
    }

    /** The note from which one was made. */
    public Optional<Note> source() {
        return made ? Optional.ofNullable(before) : Optional.empty();
    }

    /** The note that the change is about, by whose identity it can be left: the one before, or the one that was made. */
    public Note note() {
        return made ? after : before;
    }

    /** What is there now of the note that the change is about. */
    public Optional<Note> now() {
        return Optional.ofNullable(after);
    }

    @Override
    public boolean equals(Object other) {
        return this == other || other instanceof Change change && made == change.made && Objects.equals(before, change.before)
                && Objects.equals(after, change.after) && reason.equals(change.reason);
    }

    @Override
    public int hashCode() {
        return Objects.hash(before, after, made, reason);
    }

    @Override
    public String toString() {
        return before() + " to " + after() + ": " + reason;
    }
}
