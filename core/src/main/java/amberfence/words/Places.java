package amberfence.words;

import java.text.NumberFormat;
import java.util.Locale;

/**
 * Puts values into the places of a text: {@code %s} and {@code %d} the next one, {@code %2$s} the second, {@code %+d} a number
 * with its sign, {@code %%} a percent sign. In a place for a number large ones are grouped as the language groups them; in one for
 * a text they stay as they are written in files and typed. Does the little of {@link String#format} that texts need; that one takes
 * its time when it is first asked, which is while the window is built.
 */
public final class Places {
    /** Four figures are read at a glance. */
    private static final long GROUPED = 10_000;

    private Places() {
    }

    /**
     * The text with its values.
     *
     * @throws IllegalArgumentException for a place that is marked in another way, or that has no value
     */
    public static String fill(String text, Object... values) {
        StringBuilder filled = new StringBuilder(text.length() + 16 * values.length);
        int next = 0;
        int at = 0;
        for (int mark = text.indexOf('%'); mark >= 0; mark = text.indexOf('%', at)) {
            filled.append(text, at, mark);
            at = mark + 1;
            int place = -1;
            if (at + 1 < text.length() && text.charAt(at + 1) == '$') {
                place = text.charAt(at) - '1';
                at += 2;
            }
            boolean signed = at < text.length() && text.charAt(at) == '+';
            at += signed ? 1 : 0;
            char kind = at < text.length() ? text.charAt(at) : ' ';
            at++;
            if (kind == '%') {
                filled.append('%');
                continue;
            }
            place = place < 0 ? next++ : place;
            if (kind != 's' && kind != 'd' || place >= values.length) {
                throw new IllegalArgumentException("“" + text + "” has a place that cannot be filled with " + values.length + " values");
            }
            filled.append(signed && ((Number) values[place]).longValue() >= 0 ? "+" : "").append(kind == 'd' ? grouped(values[place])
                    : String.valueOf(values[place]));
        }
        return filled.append(text, at, text.length()).toString();
    }

    private static String grouped(Object value) {
        boolean large = (value instanceof Integer || value instanceof Long) && Math.abs(((Number) value).longValue()) >= GROUPED;
        return large ? NumberFormat.getIntegerInstance(Locale.forLanguageTag(Texts.language())).format(value) : String.valueOf(value);
    }
}
