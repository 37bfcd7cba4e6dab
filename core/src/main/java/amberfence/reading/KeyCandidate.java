package amberfence.reading;

import amberfence.theory.Key;
import java.util.List;

/**
 * A key that the notes may be in.
 *
 * @param score 0 to 1, by which candidates are ranked
 * @param outside how many notes would be outside
 * @param evidence what speaks for it, or against it in comparison with its relatives
 */
public record KeyCandidate(Key key, double score, int outside, List<KeyEvidence> evidence) {
    public KeyCandidate {
        evidence = List.copyOf(evidence);
    }
}
