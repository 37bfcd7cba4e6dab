package amberfence.step;

import amberfence.song.Line;
import amberfence.song.Note;
import amberfence.song.Part;
import amberfence.song.Role;
import amberfence.song.Song;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/**
 * The other parts of a song as they sound after their steps, for steps that listen to them. Parts that listen to each
 * other in a circle hear, where the circle closes, the notes before any step.
 */
public final class OtherParts {
    public static final OtherParts NONE = new OtherParts(null, Set.of());
    private final Song song;
    private final Set<Integer> listening;
    private final Map<Integer, Line> lines = new HashMap<>();

    private OtherParts(Song song, Set<Integer> listening) {
        this.song = song;
        this.listening = listening;
    }

    /** What surrounds a part. */
    static OtherParts of(Song song, Part part) {
        return NONE.plus(song, part);
    }

    private OtherParts plus(Song where, Part part) {
        Set<Integer> more = new TreeSet<>(listening);
        more.add(part.id());
        return new OtherParts(where, more);
    }

    /** The line of a part; empty when there is no such part. */
    public Optional<Line> line(int partId) {
        if (song == null) {
            return Optional.empty();
        }
        return song.find(partId).map(part -> lines.computeIfAbsent(partId, id -> listening.contains(id) ? part.line()
                : PartResult.of(song, part, plus(song, part)).line()));
    }

    /** What the parts with the role of chords play before their steps, all together. */
    public Line chordParts() {
        List<Note> notes = new ArrayList<>();
        if (song != null) {
            song.parts().stream().filter(part -> part.role() == Role.CHORDS && !listening.contains(part.id()))
                    .forEach(part -> notes.addAll(part.line().notes()));
        }
        return Line.of(notes);
    }
}
