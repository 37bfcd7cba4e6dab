package amberfence.result;

import amberfence.notes.Line;
import amberfence.step.OtherParts;
import java.util.Optional;
import java.util.Set;

/**
 * The other parts as a part of a song hears them.
 *
 * @param part who listens
 * @param listening that part, and those for which it is worked out
 */
record HeardParts(SongResults results, int part, Set<Integer> listening) implements OtherParts {
    @Override
    public Optional<Line> line(int partId) {
        return results.heard(partId, part, listening);
    }

    @Override
    public long end() {
        return results.song().parts().stream().mapToLong(any -> any.line().end()).max().orElse(0);
    }

    @Override
    public Line chordParts() {
        return Line.of(results.chordNotes(listening));
    }
}
