package amberfence.notes;

import amberfence.theory.MusicTextException;
import amberfence.theory.Range;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A short length as people say it, which means the same in every song: a note value, milliseconds, or ticks at 480 a quarter. */
public sealed interface TimeLength {
    /** Ticks of a text count so many to a quarter, whatever a song's do. */
    int TEXT_TICKS = 480;
    /** No length of this kind is longer. */
    Range MILLIS = new Range("milliseconds", 0, 60_000);
    /** Some bars at {@link #TEXT_TICKS} a quarter. */
    Range TICKS = new Range("ticks", 0, 100_000);

    /** A note value. */
    record Value(Grid grid) implements TimeLength {
        @Override
        public long ticks(TimeMap time, long at) {
            return grid.ticks(time.ticksPerQuarter());
        }

        @Override
        public String text() {
            return grid.text();
        }
    }

    /** Milliseconds by the tempo where it begins. */
    record Millis(int count) implements TimeLength {
        public Millis {
            MILLIS.check(count);
        }

        @Override
        public long ticks(TimeMap time, long at) {
            return Math.round(count * 1000.0 * time.ticksPerQuarter() / time.tempoAt(at).microsecondsPerQuarter());
        }

        @Override
        public String text() {
            return count + "ms";
        }
    }

    /** Ticks, 480 to a quarter. */
    record Ticks(long count) implements TimeLength {
        public Ticks {
            TICKS.check(count);
        }

        @Override
        public long ticks(TimeMap time, long at) {
            return Math.round(count * (double) time.ticksPerQuarter() / TEXT_TICKS);
        }

        @Override
        public String text() {
            return count + "t";
        }
    }

    /** In ticks of a song, where it begins at a tick. */
    long ticks(TimeMap time, long at);

    /** As it is typed: {@code 1/32}, {@code 60ms}, {@code 30t}. */
    String text();

    /** @throws MusicTextException for what is none of the three */
    static TimeLength parse(String text) {
        Matcher number = Pattern.compile("(\\d{1,6})\\s*(ms|t)").matcher(text.strip());
        if (number.matches()) {
            int count = Integer.parseInt(number.group(1));
            return number.group(2).equals("ms") ? new Millis(count) : new Ticks(count);
        }
        return new Value(Grid.parse(text));
    }
}
