package amberfence.cli;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What an option says from a bar on, as in {@code 17: F major}; without a bar in front, from the first.
 *
 * @param bar counted from 1
 */
record FromBar(int bar, String text) {
    /** A repeat sign behind a number is no bar in front. */
    private static final Pattern WITH_BAR = Pattern.compile("(?s)\\s*(\\d{1,6})\\s*:(?!\\|)\\s*(.*\\S)\\s*");

    static FromBar of(String text) {
        Matcher matcher = WITH_BAR.matcher(text);
        return matcher.matches() ? new FromBar(Integer.parseInt(matcher.group(1)), matcher.group(2)) : new FromBar(1, text);
    }
}
