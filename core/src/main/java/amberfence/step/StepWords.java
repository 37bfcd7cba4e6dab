package amberfence.step;

import amberfence.theory.Spelling;
import java.util.function.IntFunction;

/** How the sentences of reasons and findings name pitches and amounts. Pitches are named by the function that is given. */
public final class StepWords {
    private final IntFunction<String> names;

    /** @param names the name of a MIDI pitch, for example "F♯4" */
    public StepWords(IntFunction<String> names) {
        this.names = names;
    }

    /** Pitches are named as in a key. */
    public static StepWords of(Spelling spelling) {
        return new StepWords(pitch -> spelling.pitch(pitch).text());
    }

    /** Why, as a short sentence without a full stop. */
    public String sentence(Reason reason) {
        return reason.sentence(this);
    }

    /** What could not be done well, and a way out. */
    public String sentence(Finding finding) {
        return finding.sentence(this);
    }

    /** The name of a MIDI pitch. */
    public String name(int pitch) {
        return names.apply(pitch);
    }

    /** Two pitches, the lower first, as the beginning of a sentence: "F4 and G4 are". */
    public String pair(int a, int b) {
        return name(Math.min(a, b)) + " and " + name(Math.max(a, b)) + " are";
    }

    /** So many units up or down: "up an octave", "down 2 degrees". */
    public static String amount(int count, String unit) {
        return (count < 0 ? "down " : "up ") + (Math.abs(count) == 1 ? (unit.startsWith("o") ? "an " : "a ") + unit
                : Math.abs(count) + " " + unit + "s");
    }

    /** So many ticks earlier or later, nothing for 0: "start 5 ticks later". */
    public static String moved(String what, long by) {
        return by == 0 ? "" : what + " " + ticks(Math.abs(by)) + (by > 0 ? " later" : " earlier");
    }

    /** A number with its word. */
    public static String count(int count, String one, String many) {
        return count + " " + (count == 1 ? one : many);
    }

    /** A number of ticks. */
    public static String ticks(long count) {
        return count == 1 ? "1 tick" : count + " ticks";
    }
}
