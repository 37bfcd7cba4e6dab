package amberfence.step.draw;

import amberfence.theory.MusicTextException;
import amberfence.theory.Range;
import amberfence.words.Texts;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Which note of a chord is taken. */
sealed interface Which {
    /** So many voices are told apart at most. */
    Range NUMBER = new Range(Texts.text("number of a voice"), 1, 16);
    Pattern TEXT = Pattern.compile("(below|above) *: *(\\d{1,2})|line *: *(\\d{1,2}) */ *(\\d{1,2})");

    /** The n-th pitch from below; 1 is the lowest. */
    record Below(int number) implements Which {
        public Below {
            NUMBER.check(number);
        }
    }

    /** The n-th pitch from above; 1 is the highest. */
    record Above(int number) implements Which {
        public Above {
            NUMBER.check(number);
        }
    }

    /** A line of a division by least motion, counted from the top. */
    record Line(int number, int of) implements Which {
        public Line {
            NUMBER.check(of);
            new Range(Texts.say("line of %s", of), 1, of).check(number);
        }
    }

    Which LOWEST = new Below(1);
    Which HIGHEST = new Above(1);

    /** Reads {@code lowest}, {@code highest}, {@code below:2}, {@code above:2} or {@code line:1/4}. */
    static Which parse(String text) {
        String plain = text.strip().toLowerCase(Locale.ROOT);
        Matcher matcher = TEXT.matcher(plain);
        if (plain.equals("lowest")) {
            return LOWEST;
        } else if (plain.equals("highest")) {
            return HIGHEST;
        } else if (!matcher.matches()) {
            throw new MusicTextException(Texts.say("it is lowest, highest, below:2, above:2 or line:1/4"));
        } else if (matcher.group(1) == null) {
            return new Line(Integer.parseInt(matcher.group(3)), Integer.parseInt(matcher.group(4)));
        }
        int number = Integer.parseInt(matcher.group(2));
        return matcher.group(1).equals("below") ? new Below(number) : new Above(number);
    }

    /** What {@link #parse} reads. */
    default String text() {
        if (this instanceof Below below) {
            return below.number == 1 ? "lowest" : "below:" + below.number;
        } else if (this instanceof Above above) {
            return above.number == 1 ? "highest" : "above:" + above.number;
        }
        Line line = (Line) this;
        return "line:" + line.number + "/" + line.of;
    }

    /** As a reason says it. */
    default String words() {
        if (this instanceof Below below) {
            return below.number == 1 ? Texts.say("the lowest") : Texts.say("no. %s from below", below.number);
        } else if (this instanceof Above above) {
            return above.number == 1 ? Texts.say("the highest") : Texts.say("no. %s from above", above.number);
        }
        Line line = (Line) this;
        return Texts.say("line %s of %s", line.number, line.of);
    }
}
