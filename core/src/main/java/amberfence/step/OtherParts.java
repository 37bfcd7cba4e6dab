package amberfence.step;

import amberfence.song.Line;
import amberfence.song.Note;
import amberfence.song.Role;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * The other parts of a song as they sound after their steps, for steps that listen to them. Parts that listen to each
 * other in a circle hear, where the circle closes, the notes before any step.
 */
public final class OtherParts {
    public static final OtherParts NONE = new OtherParts(null, 0, Set.of());
    private final SongResults results;
    private final int part;
    private final Set<Integer> listening;

    /**
     * @param part who listens
     * @param listening that part, and those for which it is worked out
     */
    OtherParts(SongResults results, int part, Set<Integer> listening) {
        this.results = results;
        this.part = part;
        this.listening = listening;
    }

    /** The line of a part; empty when there is no such part. */
    public Optional<Line> line(int partId) {
        return results == null ? Optional.empty() : results.heard(partId, part, listening);
    }

    /** The tick at which the last note of all parts ends, before their steps; 0 when there is none. */
    public long end() {
        return results == null ? 0 : results.song().parts().stream().mapToLong(any -> any.line().end()).max().orElse(0);
    }

    /** What the parts with the role of chords play before their steps, all together. */
    public Line chordParts() {
        List<Note> notes = new ArrayList<>();
        if (results != null) {
            results.song().parts().stream().filter(other -> other.role() == Role.CHORDS && !listening.contains(other.id()))
                    .forEach(other -> notes.addAll(other.line().notes()));
        }
        return Line.of(notes);
    }
}
