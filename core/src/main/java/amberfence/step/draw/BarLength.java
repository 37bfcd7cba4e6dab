package amberfence.step.draw;

import amberfence.notes.Grid;
import amberfence.notes.TimeMap;
import amberfence.theory.MusicTextException;
import amberfence.theory.Range;
import amberfence.words.Texts;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A length in whole bars, or a note value: {@code 1bars}, {@code 1/4}. */
sealed interface BarLength {
    Pattern BARS = Pattern.compile("(\\d{1,3}) *bars?");
    Range COUNT = new Range("bars", 1, 64);

    /** So many bars, each as long as the one in which it ends. */
    record Bars(int count) implements BarLength {
        public Bars {
            COUNT.check(count);
        }

        @Override
        public long ticksBefore(long end, TimeMap time) {
            int bar = time.barOf(Math.max(0, end - 1));
            return count * (time.barStart(bar + 1) - time.barStart(bar));
        }

        @Override
        public String text() {
            return count + "bars";
        }
    }

    /** A note value. */
    record Value(Grid grid) implements BarLength {
        @Override
        public long ticksBefore(long end, TimeMap time) {
            return grid.ticks(time.ticksPerQuarter());
        }

        @Override
        public String text() {
            return grid.text();
        }
    }

    /** How many ticks it is up to a tick. */
    long ticksBefore(long end, TimeMap time);

    /** What {@link #parse} reads. */
    String text();

    static BarLength parse(String text) {
        Matcher bars = BARS.matcher(text.strip());
        if (bars.matches()) {
            return new Bars(Integer.parseInt(bars.group(1)));
        }
        try {
            return new Value(Grid.parse(text));
        } catch (MusicTextException e) {
            throw new MusicTextException(Texts.say("it is so many bars or a note value, as in 1bars or 1/2"));
        }
    }
}
