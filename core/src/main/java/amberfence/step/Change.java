package amberfence.step;

import amberfence.song.Note;

/** One difference between the line before a step and after it, with its reason. */
public sealed interface Change {
    Reason reason();

    /** The note that the change is about: the one before where there was one. */
    Note note();

    /** A note that became another; its identity stays. */
    record Moved(Note before, Note after, Reason reason) implements Change {
        public Moved {
            if (before.id() != after.id() || before.equals(after)) {
                throw new IllegalArgumentException("a moved note keeps its identity and differs, not "
                        + before + " to " + after);
            }
        }

        @Override
        public Note note() {
            return before;
        }
    }

    /** A note that a step made. Its identity is below 0 until the part is settled. */
    record Added(Note after, Reason reason) implements Change {
        @Override
        public Note note() {
            return after;
        }
    }

    /** A note that is no longer there. */
    record Removed(Note before, Reason reason) implements Change {
        @Override
        public Note note() {
            return before;
        }
    }
}
