package amberfence.edit;

import amberfence.analysis.Doubt;
import amberfence.analysis.DoubtKind;
import amberfence.analysis.Mend;
import amberfence.analysis.ReadThrough;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.NoteSet;
import amberfence.song.Part;
import amberfence.song.Song;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Does what a place that was found offers. */
public final class Mending {
    private Mending() {
    }

    /** A song with one way out taken, in the notes that a part holds itself; the same when one of them is no longer there. */
    public static Song mended(Song song, int partId, Mend mend) {
        if (song.find(partId).filter(part -> concerned(part.line(), mend).isPresent()).isEmpty()) {
            return song;
        } else if (mend instanceof Mend.Allow allow) {
            return song.withFence(song.fence().withAllowed(List.of(allow.note()), true));
        } else if (mend instanceof Mend.KeyHere here) {
            return song.withFence(song.fence().withKeys(song.fence().keys().with(here.fromBar(), here.toBar(), here.key())));
        } else if (mend instanceof Mend.ChordIs is) {
            return song.withProgression(song.progression().with(List.of(is.chord().id()), read -> is.chord()));
        }
        return song.withPart(partId, part -> part.withTake(take -> take.withLine(mended(take.line(), mend))));
    }

    /** How the notes of a line would be that one way out changes; none where it only takes away, or changes no note. */
    public static List<Note> after(Line line, Mend mend) {
        return concerned(line, mend).map(before -> {
            Set<Note> old = new HashSet<>(before.notes());
            return mended(before, mend).notes().stream().filter(note -> !old.contains(note)).toList();
        }).orElse(List.of());
    }

    /** The notes of a line that a way out is about, when all are there; there may be thousands. */
    private static Optional<Line> concerned(Line line, Mend mend) {
        List<Note> found = NoteSet.of(mend.notes()).in(line);
        return found.size() < mend.notes().size() ? Optional.empty() : Optional.of(Line.of(found));
    }

    private static Line mended(Line line, Mend mend) {
        if (mend instanceof Mend.TakeAway away) {
            return without(line, away.note());
        } else if (mend instanceof Mend.Join join) {
            long end = Math.max(line.note(join.first()).orElseThrow().end(), line.note(join.second()).orElseThrow().end());
            return without(line, join.second()).with(NoteSet.of(List.of(join.first())), note -> note.withLength(end - note.start()));
        }
        return mend instanceof Mend.Allow || mend.notes().isEmpty() ? line : line.with(NoteSet.of(mend.notes()), note -> changed(note, mend));
    }

    private static Line without(Line line, long id) {
        return line.without(NoteSet.of(List.of(id)));
    }

    private static Note changed(Note note, Mend mend) {
        if (mend instanceof Mend.ToPitch to) {
            return note.withPitch(to.pitch());
        } else if (mend instanceof Mend.WholeChord chord) {
            return note.withPitch(chord.pitches().get(note.id()));
        } else if (mend instanceof Mend.BeginAt begin) {
            return note.withStart(begin.start());
        }
        long end = ((Mend.EndAt) mend).end();
        return end > note.start() ? note.withLength(end - note.start()) : note;
    }

    /** The first way out of every place of some kinds, in the parts with some identities. A note is mended once. */
    public static Song firsts(Song song, Set<DoubtKind> kinds, Set<Integer> parts) {
        Set<Long> done = new HashSet<>();
        Song mended = song;
        for (Doubt doubt : ReadThrough.of(song, own(song.parts()), kinds)) {
            if (!doubt.mends().isEmpty() && parts.contains(doubt.part()) && Collections.disjoint(done, doubt.mends().get(0).notes())) {
                done.addAll(doubt.mends().get(0).notes());
                mended = mended(mended, doubt.part(), doubt.mends().get(0));
            }
        }
        return mended;
    }

    /** What every part plays before its steps. */
    public static Map<Integer, Line> own(List<Part> parts) {
        Map<Integer, Line> lines = new HashMap<>();
        parts.forEach(part -> lines.put(part.id(), part.line()));
        return lines;
    }
}
