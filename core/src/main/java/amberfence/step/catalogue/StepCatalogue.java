package amberfence.step.catalogue;

import amberfence.step.Step;
import amberfence.step.StepKind;
import amberfence.step.StepKind.SettingInfo;
import amberfence.step.fence.BringInside;
import amberfence.step.fence.MoveTo;
import amberfence.step.fence.Ties;
import java.util.Arrays;
import java.util.List;
import java.util.NoSuchElementException;

/** Every kind of step, in the order of the work. */
public final class StepCatalogue {
    private static final List<StepKind> ALL = List.of(
            new StepKind("bringInside", "Bring inside", "Fence",
                    "Moves notes that are outside the fence to inside ones, or leaves them out.",
                    List.of(new SettingInfo("moveTo", "where an outside note goes",
                                    names(MoveTo.values())),
                            new SettingInfo("ties", "what decides when two inside notes are equally near",
                                    names(Ties.values())),
                            new SettingInfo("leftAlone", "identities of notes that stay as they are", List.of())),
                    BringInside.USUAL));

    private StepCatalogue() {
    }

    private static List<String> names(Enum<?>[] choices) {
        return Arrays.stream(choices).map(Enum::name).toList();
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
