package amberfence.handbook;

import amberfence.step.StepSchema;
import java.util.List;
import java.util.Optional;

/**
 * A page of the handbook.
 *
 * @param name by which links and the window find it
 * @param step what it is about, when it is about a step
 */
public record HandbookPage(String name, String title, Optional<StepSchema<?>> step, List<HandbookBlock> blocks) {
    public HandbookPage {
        blocks = List.copyOf(blocks);
    }

    /** Its worked examples, in their order. */
    public List<HandbookExample> examples() {
        return blocks.stream().filter(HandbookBlock.Worked.class::isInstance).map(block -> ((HandbookBlock.Worked) block).example()).toList();
    }
}
