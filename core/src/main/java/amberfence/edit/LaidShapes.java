package amberfence.edit;

import amberfence.notes.NoteSet;
import amberfence.result.PartResult;
import amberfence.result.SongResults;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.Surroundings;
import amberfence.step.shape.LaidShape;
import amberfence.step.shape.ShapedOverTime;
import java.util.Optional;

/** Finds the shape of a step that lies over the notes. */
public final class LaidShapes {
    private LaidShapes() {
    }

    /** The shape of a step, and where it lies; nothing for a step without one. */
    public static Optional<LaidShape> of(Song song, Part part, PartResult.Stage stage) {
        if (!(stage.slot().step() instanceof ShapedOverTime step)) {
            return Optional.empty();
        }
        Surroundings around = SongResults.of(song).surroundings(part);
        NoteSet picked = stage.slot().limit().map(limit -> limit.choose(stage.in(), around)).orElse(NoteSet.ALL);
        return step.laid(stage.in(), around.in(stage.slot(), picked));
    }
}
