package amberfence.edit;

import amberfence.reading.through.Doubt;
import amberfence.reading.through.DoubtKind;
import amberfence.reading.through.Mend;
import amberfence.reading.through.ReadThrough;
import amberfence.song.Line;
import amberfence.song.Note;
import amberfence.song.Part;
import amberfence.song.Song;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Does what a place that was found offers. */
public final class Mending {
    private Mending() {
    }

    /** A song with one way out taken, in the notes that a part holds itself; the same when the note is no longer there. */
    public static Song mended(Song song, int partId, Mend mend) {
        if (song.find(partId).filter(part -> part.line().note(mend.note()).isPresent()).isEmpty()) {
            return song;
        } else if (mend instanceof Mend.Allow) {
            return song.withFence(song.fence().withAllowed(List.of(mend.note()), true));
        }
        return song.withPart(partId, part -> part.withTake(take -> take.withLine(mended(take.line(), mend))));
    }

    private static Line mended(Line line, Mend mend) {
        if (mend instanceof Mend.TakeAway) {
            return Line.of(line.notes().stream().filter(note -> note.id() != mend.note()).toList());
        }
        return line.with(note -> note.id() == mend.note(), note -> changed(note, mend));
    }

    private static Note changed(Note note, Mend mend) {
        if (mend instanceof Mend.ToPitch to) {
            return note.withPitch(to.pitch());
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
            if (!doubt.mends().isEmpty() && parts.contains(doubt.part()) && done.add(doubt.mends().get(0).note())) {
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
