package amberfence.step.move;

import amberfence.notes.FenceLine;
import amberfence.notes.Note;
import amberfence.theory.Key;
import amberfence.theory.KeyLadder;
import java.util.HashMap;
import java.util.Map;

/** The ladder of the key in which a note begins; each is made once. */
public final class KeyLadders {
    private final FenceLine fence;
    private final Map<Key, KeyLadder> made = new HashMap<>();

    /** The ladders along a fence. */
    public KeyLadders(FenceLine fence) {
        this.fence = fence;
    }

    /** The ladder at the beginning of a note. */
    public KeyLadder at(Note note) {
        return of(fence.keyAt(note.start()));
    }

    KeyLadder of(Key key) {
        return made.computeIfAbsent(key, KeyLadder::of);
    }
}
