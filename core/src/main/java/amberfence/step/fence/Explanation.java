package amberfence.step.fence;

import amberfence.step.Reason;
import amberfence.step.fence.FenceReason.Choice;
import amberfence.step.fence.FenceReason.Why;
import java.util.Optional;

/** Finds out, for a note of a solved line, what tipped the balance between its two candidates. */
final class Explanation {
    private final LineGraph graph;
    private final byte[] solved;

    Explanation(LineGraph graph, byte[] solved) {
        this.graph = graph;
        this.solved = solved;
    }

    Reason of(int note) {
        int chosen = solved[note];
        int other = chosen == graph.low(note) ? graph.high(note) : graph.low(note);
        if (meets(note, other) && !meets(note, chosen)) {
            return new Reason.AvoidedUnison(chosen, other);
        }
        int nearer = Math.abs(other - graph.pitch(note)) - Math.abs(chosen - graph.pitch(note));
        int chosenLosses = losses(note, chosen);
        int otherLosses = losses(note, other);
        if (otherLosses > chosenLosses && nearer <= 0) {
            return firstLoss(note, chosen, other);
        }
        if (nearer > 0) {
            return new Choice(Why.NEARER, chosen, other);
        }
        if (nearer < 0 || chosenLosses > otherLosses) {
            return new Choice(Why.WHOLE_LINE, chosen, other);
        }
        return leaps(note, chosen, other);
    }

    private boolean meets(int note, int pitch) {
        for (int earlier : graph.together(note)) {
            if (solved[earlier] == pitch) {
                return true;
            }
        }
        for (int later = note + 1; later <= graph.lastUse(note); later++) {
            if (solved[later] == pitch && graph.isTogether(note, later)) {
                return true;
            }
        }
        return false;
    }

    private Optional<Why> lossBefore(int note, int pitch) {
        int before = graph.previous[note];
        return before < 0 ? Optional.empty()
                : ShapeCost.loss(graph.pitch(note) - graph.pitch(before), pitch - solved[before]);
    }

    private Optional<Why> lossAfter(int note, int pitch) {
        int after = graph.next[note];
        return after < 0 ? Optional.empty()
                : ShapeCost.loss(graph.pitch(after) - graph.pitch(note), solved[after] - pitch);
    }

    private int losses(int note, int pitch) {
        return (lossBefore(note, pitch).isPresent() ? 1 : 0) + (lossAfter(note, pitch).isPresent() ? 1 : 0);
    }

    private Reason firstLoss(int note, int chosen, int other) {
        Optional<Why> after = lossAfter(note, other);
        if (after.isPresent() && lossAfter(note, chosen).isEmpty()) {
            return new Choice(after.get(), chosen, other, solved[graph.next[note]]);
        }
        return new Choice(lossBefore(note, other).orElseThrow(), chosen, other, solved[graph.previous[note]]);
    }

    private Reason leaps(int note, int chosen, int other) {
        int before = graph.previous[note];
        int after = graph.next[note];
        int chosenLeaps = leap(before, chosen) + leap(after, chosen);
        int otherLeaps = leap(before, other) + leap(after, other);
        if (otherLeaps > chosenLeaps) {
            int neighbour = leap(before, other) > leap(before, chosen) ? before : after;
            return new Choice(Why.SMALLER_LEAP, chosen, other, solved[neighbour]);
        }
        return chosen < other && otherLeaps == chosenLeaps ? new Choice(Why.LOWER, chosen, other)
                : new Choice(Why.WHOLE_LINE, chosen, other);
    }

    private int leap(int neighbour, int pitch) {
        return neighbour < 0 ? 0 : Math.abs(solved[neighbour] - pitch);
    }
}
