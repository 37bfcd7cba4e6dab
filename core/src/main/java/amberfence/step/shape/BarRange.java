package amberfence.step.shape;

import amberfence.theory.MusicTextException;
import amberfence.theory.Range;
import amberfence.words.Texts;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** From one bar to another, both included, counted from 1. */
record BarRange(int first, int last) {
    private static final Range BAR = new Range("bar", 1, 99_999);
    private static final Pattern TEXT = Pattern.compile("(\\d{1,5}) *\\.\\. *(\\d{1,5})");

    BarRange {
        BAR.check(first);
        BAR.check(last);
        if (last < first) {
            throw new IllegalArgumentException(Texts.say("bars rise, as in 1..4, not %s..%s", first, last));
        }
    }

    /** Reads {@code 1..4}; nothing for {@code pick}. */
    static Optional<BarRange> parse(String text) {
        Matcher matcher = TEXT.matcher(text.strip());
        if (matcher.matches()) {
            return Optional.of(new BarRange(Integer.parseInt(matcher.group(1)), Integer.parseInt(matcher.group(2))));
        } else if (!text.strip().equalsIgnoreCase("pick")) {
            throw new MusicTextException(Texts.say("it is pick, or bars as in 1..4"));
        }
        return Optional.empty();
    }

    /** What {@link #parse} reads. */
    String text() {
        return first + ".." + last;
    }
}
