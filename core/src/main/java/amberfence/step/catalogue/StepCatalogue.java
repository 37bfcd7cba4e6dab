package amberfence.step.catalogue;

import amberfence.step.Step;
import amberfence.step.StepKind;
import amberfence.step.StepKind.SettingInfo;
import amberfence.step.fence.BringInside;
import java.util.List;
import java.util.NoSuchElementException;

/** Every kind of step, in the order of the work. */
public final class StepCatalogue {
    private static final List<StepKind> ALL = List.of(
            new StepKind("bringInside", "Bring inside", "Fence",
                    "Moves notes that are outside the fence to inside ones, or leaves them out.",
                    List.of(new SettingInfo("moveTo", "where an outside note goes",
                                    List.of("NEAREST", "UP", "DOWN", "LEAVE_OUT")),
                            new SettingInfo("ties", "what decides when two inside notes are equally near",
                                    List.of("SHAPE", "DOWN", "UP", "CHORD")),
                            new SettingInfo("leftAlone", "identities of notes that stay as they are", List.of())),
                    BringInside.USUAL));

    private StepCatalogue() {
    }

    public static List<StepKind> all() {
        return ALL;
    }

    /** The kind that a step is of. */
    public static StepKind kindOf(Step step) {
        return ALL.stream().filter(kind -> kind.usual().getClass() == step.getClass()).findFirst()
                .orElseThrow(() -> new NoSuchElementException(step.getClass() + " is missing from the step catalogue"));
    }
}
