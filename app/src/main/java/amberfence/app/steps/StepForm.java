package amberfence.app.steps;

import amberfence.step.Step;
import amberfence.step.catalogue.StepCatalogue;
import amberfence.step.chord.PlayChords;
import amberfence.step.fence.BringInside;
import amberfence.step.fit.FitBass;
import amberfence.step.fit.FitChords;
import amberfence.step.fit.FitMelody;
import amberfence.step.fit.FollowChords;
import amberfence.step.fit.Harmony;
import amberfence.step.move.Fold;
import amberfence.step.move.Mirror;
import amberfence.step.move.Move;
import amberfence.step.move.MoveToKey;
import amberfence.step.move.Reverse;
import amberfence.step.shape.Lengths;
import amberfence.step.shape.TidyTiming;
import javafx.scene.Node;

/** The settings form of a step: one of its own where it has special controls, else one made from its schema. */
public final class StepForm {
    private StepForm() {
    }

    /** The form that is made from the schema, whether the step has one of its own or not. */
    public static Node fromSchema(Step step, FormHost host) {
        return SchemaForm.of(step, StepCatalogue.of(step), host);
    }

    /** The form of a step, which tells its host what is changed. */
    public static Node of(Step step, FormHost host) {
        if (step instanceof BringInside bringInside) {
            return new BringInsideForm(bringInside, host);
        } else if (step instanceof Move move) {
            return MoveForms.of(move, host);
        } else if (step instanceof MoveToKey toKey) {
            return MoveForms.of(toKey, host);
        } else if (step instanceof Mirror mirror) {
            return MoveForms.of(mirror, host);
        } else if (step instanceof Reverse reverse) {
            return MoveForms.of(reverse, host);
        } else if (step instanceof Fold fold) {
            return MoveForms.of(fold, host);
        } else if (step instanceof PlayChords chords) {
            return ChordForms.of(chords, host);
        } else if (step instanceof Harmony harmony) {
            return HarmonyForm.of(harmony, host);
        } else if (step instanceof FitChords fit) {
            return FitForms.of(fit, host);
        } else if (step instanceof FitBass fit) {
            return FitForms.of(fit, host);
        } else if (step instanceof FitMelody fit) {
            return FitForms.of(fit, host);
        } else if (step instanceof FollowChords follow) {
            return FigureForm.of(follow, host);
        } else if (step instanceof TidyTiming tidy) {
            return TimeForms.of(tidy, host);
        } else if (step instanceof Lengths lengths) {
            return TimeForms.of(lengths, host);
        }
        return fromSchema(step, host);
    }
}
