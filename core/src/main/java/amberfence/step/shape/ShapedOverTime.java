package amberfence.step.shape;

import amberfence.notes.Line;
import amberfence.step.Step;
import amberfence.step.Surroundings;
import java.util.Optional;

/** A step with a shape that lies over a stretch of time, so that it can be drawn over the notes themselves. */
public interface ShapedOverTime extends Step {
    /** Its shape, and where it lies over the notes that reach the step; nothing while its settings use none. */
    Optional<LaidShape> laid(Line in, Surroundings around);

    /**
     * The setting that is the shape, with other points.
     *
     * @throws IllegalArgumentException when the step cannot have them
     */
    Step withShape(ShapePoints points);
}
