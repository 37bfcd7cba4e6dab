package amberfence.song;

import amberfence.notes.Line;
import amberfence.step.StepSlot;
import java.util.List;

/** One version of a part: a named line and the steps that are tried on it. */
public record Take(String name, Line line, List<StepSlot> steps) {
    public Take {
        steps = List.copyOf(steps);
    }

    public Take withName(String newName) {
        return new Take(newName, line, steps);
    }

    public Take withLine(Line newLine) {
        return new Take(name, newLine, steps);
    }

    public Take withSteps(List<StepSlot> newSteps) {
        return new Take(name, line, newSteps);
    }
}
