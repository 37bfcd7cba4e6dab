package amberfence.step.shape;

import amberfence.theory.MusicTextException;
import amberfence.theory.Range;
import amberfence.words.Texts;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Over which time a shape is laid.
 *
 * @param bars so many, again and again; 0 for the whole pick, once
 */
record ShapeSpan(int bars) {
    private static final Range BARS = new Range("bars", 0, 64);
    private static final Pattern TEXT = Pattern.compile("(\\d{1,2}) *bars?");
    static final ShapeSpan PICK = new ShapeSpan(0);

    ShapeSpan {
        BARS.check(bars);
    }

    /** Reads {@code pick} or {@code 2bars}. */
    static ShapeSpan parse(String text) {
        Matcher matcher = TEXT.matcher(text.strip());
        if (matcher.matches() && !matcher.group(1).matches("0+")) {
            return new ShapeSpan(Integer.parseInt(matcher.group(1)));
        } else if (!text.strip().equalsIgnoreCase("pick")) {
            throw new MusicTextException(Texts.say("it is pick, or so many bars, as in 2bars"));
        }
        return PICK;
    }

    /** What {@link #parse} reads. */
    String text() {
        return bars == 0 ? "pick" : bars + "bars";
    }
}
