package amberfence.step;

import java.util.function.UnaryOperator;

/**
 * A way out that a reason offers, as an edit of the step's settings.
 *
 * @param name by which it is told from the others of the same note, in one word
 * @param pitch the MIDI pitch to which it leads
 * @param edit the same kind of step with the fix chosen
 */
public record Fix(String name, int pitch, UnaryOperator<Step> edit) {
}
