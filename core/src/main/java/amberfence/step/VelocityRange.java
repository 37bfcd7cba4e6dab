package amberfence.step;

import amberfence.theory.MusicTextException;
import amberfence.theory.Range;
import amberfence.words.Texts;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** From the softest to the loudest velocity, both included. */
public record VelocityRange(int softest, int loudest) {
    private static final Pattern TEXT = Pattern.compile("(\\d{1,3}) *\\.\\. *(\\d{1,3})");

    public VelocityRange {
        Range.VELOCITY.check(softest);
        Range.VELOCITY.check(loudest);
        if (loudest < softest) {
            throw new IllegalArgumentException(Texts.say("velocities rise from the softest to the loudest, as in 70..100, not %s..%s", softest, loudest));
        }
    }

    /** Reads {@code 70..100}. */
    public static VelocityRange parse(String text) {
        Matcher matcher = TEXT.matcher(text.strip());
        if (!matcher.matches()) {
            throw new MusicTextException(Texts.say("it is two velocities, as in 70..100"));
        }
        return new VelocityRange(Integer.parseInt(matcher.group(1)), Integer.parseInt(matcher.group(2)));
    }

    /** What {@link #parse} reads. */
    public String text() {
        return softest + ".." + loudest;
    }
}
