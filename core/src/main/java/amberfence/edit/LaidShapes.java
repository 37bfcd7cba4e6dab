package amberfence.edit;

import amberfence.song.NoteSet;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.NoteChoice;
import amberfence.step.PartResult;
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
        if (!(stage.slot().treatment() instanceof ShapedOverTime step)) {
            return Optional.empty();
        }
        Surroundings around = Surroundings.of(song, part);
        NoteSet picked = NoteChoice.in(stage.slot()).map(limit -> limit.choose(stage.in(), around)).orElse(NoteSet.ALL);
        return step.laid(stage.in(), around.in(stage.slot(), picked));
    }
}
