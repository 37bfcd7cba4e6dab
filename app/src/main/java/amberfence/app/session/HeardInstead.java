package amberfence.app.session;

import amberfence.notes.Line;

/** A line that is heard in place of what a part comes to. */
public record HeardInstead(int part, Line line) {
}
