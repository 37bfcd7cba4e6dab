package amberfence.edit;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.NoteSet;
import amberfence.notes.Role;
import amberfence.result.PartResult;
import amberfence.result.SongResults;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.Outcome;
import amberfence.step.Step;
import amberfence.step.Surroundings;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Edits by hand in a song. They change the notes before the steps. The original that came from a file is never edited: a
 * take with the same notes and steps is made first, under the name that is given.
 */
public final class HandEdits {
    private final String takeName;

    /** @param takeName the name of the take that is made when the original would be edited */
    public HandEdits(String takeName) {
        this.takeName = takeName;
    }

    /** Applies an edit to the notes of a part; an edit that changes nothing gives the song itself. */
    public Song edit(Song song, int partId, LineEdit edit) {
        long[] next = {song.nextId()};
        Line before = song.part(partId).line();
        Line after = edit.apply(before, () -> next[0]++);
        return after.equals(before) ? song : put(song.withNextId(next[0]), partId, after);
    }

    private Song put(Song song, int partId, Line line) {
        Song free = song.part(partId).isOriginalKept() ? song.plusTakeCopy(partId, takeName) : song;
        return free.withPart(partId, part -> part.withTake(take -> take.withLine(line)));
    }

    /** What the steps make of a part, as a take of its own: the notes that they made are the part's own from then on. */
    public Song settle(Song song, int partId, Line result) {
        long[] next = {song.nextId()};
        Line own = result.withoutMade(() -> next[0]++);
        return song.withPart(partId, part -> part.plusTake(takeName, own)).withNextId(next[0]);
    }

    /** The surroundings of a part whose notes were chosen by hand, so that drums are meant as well. */
    public static Surroundings meant(Song song, Part part) {
        Surroundings around = SongResults.of(song).surroundings(part);
        return part.isDrums() ? around.withRole(Role.FIGURE) : around;
    }

    /** What a step makes of some notes of a part, as a command: the notes themselves change. */
    public record Done(Song song, Outcome outcome) {
    }

    /**
     * Applies a step once to some notes of a part. What is chosen by hand is meant, drums as well; notes that the step makes
     * are the part's own from then on.
     */
    public Done command(Song song, int partId, Step step, NoteSet notes) {
        Part part = song.part(partId);
        Outcome outcome = step.tried(part.line(), meant(song, part).withNotes(notes, NoteSet.NONE));
        if (outcome.changes().isEmpty()) {
            return new Done(song, outcome);
        }
        long[] next = {song.nextId()};
        Line own = outcome.out().withoutMade(() -> next[0]++);
        return new Done(put(song.withNextId(next[0]), partId, own), outcome);
    }

    /**
     * Moves notes so that they are heard at other pitches. Where steps are on, the note behind is moved by as much; if
     * the steps then make another pitch of it, it is put on the wanted pitch itself; if that does not help, it is moved
     * by as much.
     *
     * @param wanted by identity the pitch at which each note is to be heard, 0–127
     */
    public Song hearAt(Song song, int partId, Map<Long, Integer> wanted) {
        Map<Long, Integer> heard = PartResult.of(song, song.part(partId)).line().pitches();
        Map<Long, Integer> along = new HashMap<>();
        Map<Long, Integer> against = new HashMap<>();
        for (Note note : song.part(partId).line().notes()) {
            if (wanted.containsKey(note.id())) {
                int by = wanted.get(note.id()) - heard.getOrDefault(note.id(), note.pitch());
                along.put(note.id(), Math.max(0, Math.min(127, note.pitch() + by)));
                against.put(note.id(), Math.max(0, Math.min(127, note.pitch() - by)));
            }
        }
        // As far as it is to go; to where it is to go, where a step decides by the pitch; or the other way, behind a mirror.
        Map<Long, Integer> pitches = new HashMap<>(along);
        Song edited = edit(song, partId, LineEdit.pitches(pitches));
        Set<Long> missed = missed(edited, partId, wanted);
        for (Map<Long, Integer> attempt : List.of(wanted, against, along)) {
            if (missed.isEmpty()) {
                break;
            }
            missed.forEach(id -> pitches.put(id, attempt.get(id)));
            edited = edit(song, partId, LineEdit.pitches(pitches));
            missed = missed(edited, partId, wanted);
        }
        return edited;
    }

    private static Set<Long> missed(Song song, int partId, Map<Long, Integer> wanted) {
        Map<Long, Integer> heard = PartResult.of(song, song.part(partId)).line().pitches();
        Set<Long> missed = new HashSet<>();
        wanted.forEach((id, pitch) -> {
            if (heard.containsKey(id) && !heard.get(id).equals(pitch)) {
                missed.add(id);
            }
        });
        return missed;
    }
}
