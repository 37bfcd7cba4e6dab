package amberfence.step;

import amberfence.notes.Line;
import java.util.ArrayList;
import java.util.List;

/**
 * What a step made of a line.
 *
 * @param considered how many notes the step looked at
 * @param kept notes that the step would have changed and left on purpose
 */
public record Outcome(Line out, List<Change> changes, List<Kept> kept, List<Finding> findings, int considered) {
    public Outcome {
        changes = ChangeList.copyOf(changes);
        kept = List.copyOf(kept);
        findings = List.copyOf(findings);
    }

    /** A line that nothing needed to be done to. */
    public static Outcome unchanged(Line line, List<Finding> findings) {
        return new Outcome(line, List.of(), List.of(), findings, line.size());
    }

    /** The same with one more finding. */
    public Outcome plus(Finding finding) {
        List<Finding> more = new ArrayList<>(findings);
        more.add(finding);
        return new Outcome(out, changes, kept, more, considered);
    }

    /** How many notes were looked at and were right already. */
    public int untouched() {
        return considered - changed() - (int) kept.stream().filter(note -> !note.isUnmade()).count();
    }

    /** How many notes were made. */
    public int added() {
        return ChangeList.made(changes);
    }

    /** How many notes were changed or taken out. */
    public int changed() {
        return changes.size() - added();
    }

    /** Whether all that was done is making notes. */
    public boolean onlyAdds() {
        return !changes.isEmpty() && added() == changes.size();
    }
}
