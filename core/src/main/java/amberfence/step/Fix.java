package amberfence.step;

import java.util.function.Function;
import java.util.function.UnaryOperator;

/**
 * A way out that a reason or a finding offers, as an edit of the step in its place. It holds as long as the step is as it was
 * when the fix was offered.
 *
 * @param name by which it is told from the others of the same note, in one word
 * @param label what it leads to, in a few words, with pitches named by the words
 * @param edit the same place with the fix chosen
 */
public record Fix(String name, Function<StepWords, String> label, UnaryOperator<StepSlot> edit) {
    /** To a pitch, where the step looks up which way was chosen for the note. */
    public static Fix to(String name, int pitch, long note) {
        return new Fix(name, words -> words.name(pitch), slot -> slot.withResolved(note, name));
    }
}
