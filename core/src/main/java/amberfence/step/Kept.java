package amberfence.step;

import amberfence.song.Note;

/** A note that a step would have changed and left as it was, on purpose. */
public record Kept(Note note, Reason reason) {
}
