package amberfence.sound;

import java.util.Comparator;
import java.util.List;

/**
 * What keys that are held together play, over and over.
 *
 * @param events by their beginnings
 * @param length nanoseconds after which it begins anew, above 0
 */
record LiveFigure(List<Event> events, long length) {
    static final LiveFigure NONE = new LiveFigure(List.of(), 1);

    /**
     * A note of it.
     *
     * @param start nanoseconds from the beginning of the figure
     * @param length in nanoseconds
     */
    record Event(long start, long length, int pitch, int velocity) {
    }

    LiveFigure {
        events = events.stream().sorted(Comparator.comparingLong(Event::start)).toList();
    }
}
