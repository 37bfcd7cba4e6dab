package amberfence.app.session;

import amberfence.notes.Line;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.song.Take;
import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Set;

/** How much memory a song takes beside the one that it was made of, roughly, in bytes. */
final class SongWeight {
    private static final int CHORD = 200;
    /** All the small objects of an edit. */
    private static final int EDIT = 2_000;

    private SongWeight() {
    }

    static long beside(Song before, Song after) {
        List<Line> old = lines(before);
        long bytes = EDIT;
        if (after.progression() != before.progression()) {
            bytes += (long) CHORD * after.progression().spans().size();
        }
        if (after.source() != before.source()) {
            bytes += after.source().original().length() * 4L;
        }
        Set<Line> known = Collections.newSetFromMap(new IdentityHashMap<>());
        known.addAll(old);
        List<Line> now = lines(after);
        for (int i = 0; i < now.size(); i++) {
            Line line = now.get(i);
            if (!known.contains(line)) {
                bytes += line.weightBeside(i < old.size() ? old.get(i) : Line.EMPTY);
            }
        }
        return bytes;
    }

    private static List<Line> lines(Song song) {
        List<Line> lines = new ArrayList<>();
        for (Part part : song.parts()) {
            for (Take take : part.takes()) {
                lines.add(take.line());
            }
        }
        return lines;
    }
}
