package amberfence.reading;

import amberfence.notes.BarPosition;
import amberfence.notes.Metre;
import amberfence.notes.TimeMap;
import amberfence.theory.Range;

/**
 * Where in the bar a tick falls. Beats are counted as they are felt: 6/8 has two. Which are strong, the song's time says.
 */
public enum BeatPlace {
    BAR_START, STRONG, BEAT, OFF;

    /** A note this share of a quarter before or after a beat is on it; players and some programs are a little off. */
    private static final int NEAR_BEAT = 24;

    /** The place of a tick. */
    public static BeatPlace of(long tick, TimeMap time) {
        long near = time.ticksPerQuarter() / NEAR_BEAT;
        long at = Math.min(Range.TICK.highest(), tick + near);
        BarPosition position = time.position(at);
        Metre metre = time.metreAt(at);
        if (position.tick() > 2 * near || (position.beat() - 1) % metre.beatsPerPulse() != 0) {
            return OFF;
        }
        return position.beat() == 1 ? BAR_START : time.strongBeats().has(metre, position.beat()) ? STRONG : BEAT;
    }

    public boolean isStrong() {
        return this == BAR_START || this == STRONG;
    }
}
