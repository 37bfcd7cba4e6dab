package amberfence.step;

import amberfence.notes.Line;
import java.util.Optional;

/**
 * The other parts of a song as they sound after their steps, for steps that listen to them. Parts that listen to each
 * other in a circle hear, where the circle closes, the notes before any step.
 */
public interface OtherParts {
    /** A part that is alone. */
    OtherParts NONE = new OtherParts() {
        @Override
        public Optional<Line> line(int partId) {
            return Optional.empty();
        }

        @Override
        public long end() {
            return 0;
        }

        @Override
        public Line chordParts() {
            return Line.EMPTY;
        }
    };

    /** The line of a part; empty when there is no such part. */
    Optional<Line> line(int partId);

    /** The tick at which the last note of all parts ends, before their steps; 0 when there is none. */
    long end();

    /** What the parts with the role of chords play before their steps, all together. */
    Line chordParts();
}
