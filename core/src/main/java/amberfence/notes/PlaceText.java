package amberfence.notes;

import amberfence.words.Decimals;
import amberfence.words.Texts;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Places and lengths as people write them: bar, beat and a fraction of the beat ("3:2.5" is half way through the second beat
 * of bar 3), and lengths in beats. Fractions are shown to a hundredth of a beat.
 */
public final class PlaceText {
    private static final Pattern PLACE = Pattern.compile("\\s*(\\d{1,6})(?:\\s*:\\s*(\\d{1,3})([.,]\\d{1,6})?)?\\s*");
    private static final Pattern BEATS = Pattern.compile("\\s*(\\d{1,5}(?:[.,]\\d{1,6})?|[.,]\\d{1,6})\\s*");

    /** Of a beat. */
    private static final int DECIMALS = 2;

    private PlaceText() {
    }

    /** The place of a tick. */
    public static String of(TimeMap time, long tick) {
        BarPosition position = time.position(tick);
        String fraction = Decimals.text((double) position.tick() / beat(time, tick), DECIMALS);
        // What is less than a hundredth before the next beat does not become a whole one.
        return position.bar() + ":" + position.beat() + (fraction.equals("0") ? "" : fraction.equals("1") ? ".99" : fraction.substring(1));
    }

    /**
     * The tick of a place; a bar alone is its beginning.
     *
     * @throws IllegalArgumentException in words, for what is no place
     */
    public static long parse(TimeMap time, String text) {
        Matcher matcher = PLACE.matcher(text);
        if (!matcher.matches() || Integer.parseInt(matcher.group(1)) < 1 || matcher.group(2) != null && Integer.parseInt(matcher.group(2)) < 1) {
            throw new IllegalArgumentException(Texts.say("a place is a bar and a beat, such as 3:2 or 3:2.5, not “%s”", text));
        }
        int beat = matcher.group(2) == null ? 1 : Integer.parseInt(matcher.group(2));
        long start = time.tick(new BarPosition(Integer.parseInt(matcher.group(1)), beat, 0));
        double fraction = matcher.group(3) == null ? 0 : Double.parseDouble("0." + matcher.group(3).substring(1));
        return start + Math.round(fraction * beat(time, start));
    }

    /** A length in beats of the metre that holds where it begins. */
    public static String beats(TimeMap time, long start, long ticks) {
        return Decimals.text((double) ticks / beat(time, start), DECIMALS);
    }

    /**
     * A length in ticks, at least one.
     *
     * @throws IllegalArgumentException in words, for what is no length
     */
    public static long ticks(TimeMap time, long start, String beats) {
        Matcher matcher = BEATS.matcher(beats);
        if (!matcher.matches()) {
            throw new IllegalArgumentException(Texts.say("a length is a number of beats, such as 1 or 0.5, not “%s”", beats));
        }
        return Math.max(1, Math.round(Double.parseDouble(matcher.group(1).replace(',', '.')) * beat(time, start)));
    }

    private static double beat(TimeMap time, long tick) {
        return 4.0 * time.ticksPerQuarter() / time.metreAt(tick).denominator();
    }
}
