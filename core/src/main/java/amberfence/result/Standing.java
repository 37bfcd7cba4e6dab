package amberfence.result;

import amberfence.notes.FenceLine;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.SharedEnds;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.Reason;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * How one note of a part stands to the fence, and what the steps made of it.
 *
 * @param before the note of the line; of a note that a step made, the note itself
 * @param after what the steps made of it; empty when it was left out
 * @param isAfterInside whether what the steps made of it is inside; of a note that was left out, whether it was
 * @param reason the reason of the last change or of being kept, if there is one
 */
public record Standing(Note before, Optional<Note> after, Kind kind, boolean isAfterInside, Optional<Reason> reason) {
    /** In which way a note stands. */
    public enum Kind {
        /** In the scale. */
        INSIDE,
        /** Outside the scale, but always allowed: its pitch class, or this note by hand. */
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
        LEFT_OUT,
        /** Made by a step: there is no note behind it. */
        MADE
    }

    /**
     * How the notes of a part without steps stood.
     *
     * @param standings one for each note of the line
     */
    public record Stood(Line line, List<Standing> standings) {
        public static final Stood NOWHERE = new Stood(Line.EMPTY, List.of());
    }

    /** The note as it is shown: as it was, or what the steps made of it; where it was when it is left out. */
    public Note shown(boolean asBefore) {
        return asBefore ? before : after.orElse(before);
    }

    /** The standing of every note of a part, in the order of its line, then of those that steps made. Drums are all inside. */
    public static List<Standing> of(Song song, Part part, PartResult result) {
        return of(song, part, result, Stood.NOWHERE);
    }

    /**
     * The same.
     *
     * @param before how the notes of the part stood in the same fence and role, or nowhere: without steps, a note that is still the same
     *               stands as it stood
     */
    public static List<Standing> of(Song song, Part part, PartResult result, Stood before) {
        FenceLine fence = song.fence().along(song.time());
        if (result.stages().isEmpty()) {
            return plain(part, fence, before);
        }
        Map<Long, Reason> reasons = new HashMap<>();
        Map<Long, Reason> kept = new HashMap<>();
        for (PartResult.Stage stage : result.stages()) {
            stage.outcome().changes().forEach(change -> reasons.put(change.note().id(), change.reason()));
            stage.outcome().kept().forEach(note -> kept.put(note.note().id(), note.reason()));
        }
        Map<Long, Note> made = new HashMap<>(2 * result.line().size());
        result.line().notes().forEach(note -> made.put(note.id(), note));
        List<Standing> standings = new ArrayList<>(part.line().size());
        for (Note note : part.line().notes()) {
            Note after = made.remove(note.id());
            standings.add(of(note, after, part, fence, reasons.get(note.id()), kept.get(note.id())));
        }
        result.line().notes().stream().filter(note -> made.containsKey(note.id())).forEach(note -> standings.add(
                new Standing(note, Optional.of(note), Kind.MADE, isInside(note, part, fence), Optional.empty())));
        return standings;
    }

    private static List<Standing> plain(Part part, FenceLine fence, Stood before) {
        Line line = part.line();
        SharedEnds same = line.sharedWith(before.line());
        Standing[] old = before.standings().toArray(Standing[]::new);
        Standing[] standings = old.length == line.size() ? old : Arrays.copyOf(old, line.size());
        if (standings != old) {
            System.arraycopy(old, old.length - same.last(), standings, standings.length - same.last(), same.last());
        }
        for (int i = same.first(); i < standings.length - same.last(); i++) {
            Note note = line.at(i);
            if (standings[i] == null || !standings[i].before.equals(note)) {
                standings[i] = of(note, part, fence);
            }
        }
        return Collections.unmodifiableList(Arrays.asList(standings));
    }

    private static Standing of(Note note, Part part, FenceLine fence) {
        Kind kind = kind(note, part, fence);
        return new Standing(note, Optional.of(note), kind, kind != Kind.OUTSIDE, Optional.empty());
    }

    private static Standing of(Note note, Note after, Part part, FenceLine fence, Reason reason, Reason kept) {
        Kind kind = kind(note, part, fence);
        if (after == null) {
            return new Standing(note, Optional.empty(), Kind.LEFT_OUT, kind != Kind.OUTSIDE, Optional.ofNullable(reason));
        } else if (!after.equals(note)) {
            return new Standing(note, Optional.of(after), kind == Kind.OUTSIDE ? Kind.MOVED : Kind.CHANGED,
                    isInside(after, part, fence), Optional.ofNullable(reason));
        }
        Kind left = kind == Kind.OUTSIDE && kept != null ? Kind.KEPT : kind;
        return new Standing(note, Optional.of(note), left, kind != Kind.OUTSIDE, Optional.ofNullable(kept));
    }

    private static boolean isInside(Note note, Part part, FenceLine fence) {
        return part.isDrums() || fence.isInside(note);
    }

    private static Kind kind(Note note, Part part, FenceLine fence) {
        if (part.isDrums() || fence.isInScale(note)) {
            return Kind.INSIDE;
        }
        return fence.isInside(note) ? Kind.ALLOWED : Kind.OUTSIDE;
    }
}
