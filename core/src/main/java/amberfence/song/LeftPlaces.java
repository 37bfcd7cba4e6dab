package amberfence.song;

import amberfence.notes.Note;
import java.util.Collection;
import java.util.HashMap;
import java.util.Map;

/**
 * Places that somebody has read and left as they are, each with its note as it was then: a note that has changed since is no
 * longer left.
 *
 * @param places what may be wrong, in one word, and the note's identity, with the note as it was
 */
public record LeftPlaces(Map<LeftPlaces.What, Note> places) {
    public static final LeftPlaces NONE = new LeftPlaces(Map.of());

    /**
     * What was left.
     *
     * @param kind what may be wrong, in one word
     * @param note identity of the note
     */
    public record What(String kind, long note) {
    }

    public LeftPlaces {
        places = Map.copyOf(places);
    }

    /** Whether a note, as it is now, was left. */
    public boolean contains(String kind, Note note) {
        return note.equals(places.get(new What(kind, note.id())));
    }

    /** With more notes left in one respect. */
    public LeftPlaces with(String kind, Collection<Note> notes) {
        Map<What, Note> more = new HashMap<>(places);
        notes.forEach(note -> more.put(new What(kind, note.id()), note));
        return new LeftPlaces(more);
    }
}
