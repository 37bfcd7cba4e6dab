package amberfence.step;

import amberfence.theory.Spelling;
import amberfence.words.Texts;
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
        return new StepWords(spelling::pitchText);
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

    /** What pitches are moved by. */
    public enum Unit {
        SEMITONE(Texts.text("up a semitone"), Texts.text("up %s semitones"), Texts.text("down a semitone"), Texts.text("down %s semitones")),
        OCTAVE(Texts.text("up an octave"), Texts.text("up %s octaves"), Texts.text("down an octave"), Texts.text("down %s octaves")),
        DEGREE(Texts.text("up a degree"), Texts.text("up %s degrees"), Texts.text("down a degree"), Texts.text("down %s degrees"));

        private final String oneUp;
        private final String up;
        private final String oneDown;
        private final String down;

        Unit(String oneUp, String up, String oneDown, String down) {
            this.oneUp = oneUp;
            this.up = up;
            this.oneDown = oneDown;
            this.down = down;
        }
    }

    /** So many units up, or down below 0: "up an octave", "down 2 degrees". */
    public static String amount(int count, Unit unit) {
        return Texts.count(Math.abs(count), count < 0 ? unit.oneDown : unit.oneUp, count < 0 ? unit.down : unit.up);
    }

    /** A number of ticks. */
    public static String ticks(long count) {
        return count == 1 ? Texts.say("1 tick") : Texts.say("%s ticks", count);
    }
}
