package amberfence.notes;

import amberfence.theory.MusicTextException;
import amberfence.words.Texts;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Lines in time at every note value: 1/16, dotted (1.5 times as long) or as triplets (2/3 as long). Lines count from the
 * beginning of each bar, so that in any metre the bar's beginning is a line.
 *
 * @param division 1 for whole notes to 64
 */
public record Grid(int division, Feel feel) {
    /** How a note value is divided. */
    public enum Feel {
        STRAIGHT(1, 1, ""), DOTTED(3, 2, "."), TRIPLET(2, 3, "t");

        private final int times;
        private final int over;
        private final String sign;

        Feel(int times, int over, String sign) {
            this.times = times;
            this.over = over;
            this.sign = sign;
        }
    }

    private static final Pattern TEXT = Pattern.compile("1/(1|2|4|8|16|32|64)(\\.|d|t|)", Pattern.CASE_INSENSITIVE);

    public Grid {
        if (division < 1 || division > 64 || Integer.bitCount(division) != 1) {
            throw new IllegalArgumentException(Texts.say("a grid's note value is 1/1 to 1/64, a power of two, not 1/%s", division));
        }
    }

    public static Grid of(int division) {
        return new Grid(division, Feel.STRAIGHT);
    }

    /** Reads {@code 1/16}, {@code 1/8.} (dotted, also {@code 1/8d}) or {@code 1/8t} (triplets). */
    public static Grid parse(String text) {
        Matcher matcher = TEXT.matcher(text.strip());
        if (!matcher.matches()) {
            throw new MusicTextException(Texts.say("“%s” is no grid; write a note value as in 1/16, 1/8. (dotted) or 1/8t (triplets)", text));
        }
        String sign = matcher.group(2).toLowerCase(Locale.ROOT).replace('d', '.');
        for (Feel feel : Feel.values()) {
            if (feel.sign.equals(sign)) {
                return new Grid(Integer.parseInt(matcher.group(1)), feel);
            }
        }
        throw new IllegalStateException("no feel is written " + sign);
    }

    /** What {@link #parse} reads. */
    public String text() {
        return "1/" + division + feel.sign;
    }

    /** What seems right for a metre: eighths where eighths are counted, else sixteenths. */
    public static Grid usual(Metre metre) {
        return of(metre.isCompound() ? 8 : 16);
    }

    /** Ticks from the first line of a bar to its n-th (from 0). */
    public long offset(long line, int ticksPerQuarter) {
        return Math.floorDiv(line * 4L * ticksPerQuarter * feel.times, (long) division * feel.over);
    }

    /** The length of one cell in ticks, at least 1. */
    public long ticks(int ticksPerQuarter) {
        return Math.max(1, offset(1, ticksPerQuarter));
    }

    @Override
    public String toString() {
        return text();
    }
}
