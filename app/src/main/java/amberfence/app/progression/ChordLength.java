package amberfence.app.progression;

import amberfence.notes.TimeMap;

/** How long a chord is that is put in. */
enum ChordLength {
    BEAT, HALF_BAR, BAR, TWO_BARS;

    /** Where a chord that begins at a tick ends. */
    long end(TimeMap time, long start) {
        int bar = time.barOf(start);
        return switch (this) {
            case BEAT -> time.nextPulse(start);
            case HALF_BAR -> start + (time.barStart(bar + 1) - time.barStart(bar)) / 2;
            case BAR -> start == time.barStart(bar) ? time.barStart(bar + 1) : start + time.barStart(bar + 1) - time.barStart(bar);
            default -> start + 2 * (time.barStart(bar + 1) - time.barStart(bar));
        };
    }
}
