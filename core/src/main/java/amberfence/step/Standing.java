package amberfence.step;

import amberfence.song.FenceLine;
import amberfence.song.Note;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.theory.PitchClass;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * How one note of a part stands to the fence after the steps.
 *
 * @param before the note of the line
 * @param after what the steps made of it; empty when it was left out
 * @param reason the reason of the last change or of being kept, if there is one
 */
public record Standing(Note before, Optional<Note> after, Kind kind, Optional<Reason> reason) {
    /** In which way a note stands. */
    public enum Kind {
        /** In the scale. */
        INSIDE,
        /** Outside the scale, but its pitch class is always allowed. */
        ALLOWED,
        /** Outside, and left so on purpose. */
        KEPT,
        /** Outside, and no step does anything about it. */
        OUTSIDE,
        /** Outside, and changed by a step. */
        MOVED,
        /** Inside, and changed by a step. */
        CHANGED,
        /** Left out by a step. */
        LEFT_OUT
    }

    /** The standing of every note of a part, in the order of its line. Drums are all inside. */
    public static List<Standing> of(Song song, Part part, PartResult result) {
        Map<Long, Change> changes = new HashMap<>();
        Map<Long, Reason> kept = new HashMap<>();
        for (PartResult.Stage stage : result.stages()) {
            stage.outcome().changes().forEach(change -> changes.put(change.note().id(), change));
            stage.outcome().kept().forEach(note -> kept.put(note.note().id(), note.reason()));
        }
        FenceLine fence = song.fence().along(song.time());
        List<Standing> standings = new ArrayList<>(part.line().size());
        for (Note note : part.line().notes()) {
            Change change = changes.get(note.id());
            if (change instanceof Change.Removed removed) {
                standings.add(new Standing(note, Optional.empty(), Kind.LEFT_OUT, Optional.of(removed.reason())));
            } else if (change instanceof Change.Moved moved && !moved.after().equals(note)) {
                boolean outside = kind(note, part, fence, false) == Kind.OUTSIDE;
                standings.add(new Standing(note, Optional.of(moved.after()), outside ? Kind.MOVED : Kind.CHANGED,
                        Optional.of(moved.reason())));
            } else {
                standings.add(new Standing(note, Optional.of(note), kind(note, part, fence, kept.containsKey(note.id())),
                        Optional.ofNullable(kept.get(note.id()))));
            }
        }
        return standings;
    }

    private static Kind kind(Note note, Part part, FenceLine fence, boolean kept) {
        if (part.isDrums() || fence.keyAt(note.start()).contains(PitchClass.of(note.pitch()))) {
            return Kind.INSIDE;
        }
        return fence.isInside(note) ? Kind.ALLOWED : kept ? Kind.KEPT : Kind.OUTSIDE;
    }
}
