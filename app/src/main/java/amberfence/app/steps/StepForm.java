package amberfence.app.steps;

import amberfence.app.session.Session;
import amberfence.song.StepSlot;
import amberfence.step.Step;
import amberfence.step.fence.BringInside;
import javafx.scene.Node;

/** The settings form for each kind of step. A new step adds its line here. */
final class StepForm {
    private StepForm() {
    }

    static Node of(Session session, StepSlot slot) {
        Step step = (Step) slot.treatment();
        if (step instanceof BringInside bringInside) {
            return new BringInsideForm(session, slot.id(), bringInside);
        }
        throw new IllegalStateException("no settings form for " + step);
    }
}
