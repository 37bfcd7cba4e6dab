package amberfence.reading;

import amberfence.song.BarPosition;
import amberfence.song.Metre;
import amberfence.song.TimeMap;
import amberfence.theory.Range;

/**
 * Where in the bar a tick falls. Beats are counted as they are felt: 6/8 has two. The first is strong, and with four or
 * more of an even number the one in the middle is strong too (common practice, no source).
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
        int pulses = metre.numerator() / metre.beatsPerPulse();
        int pulse = (position.beat() - 1) / metre.beatsPerPulse();
        boolean middle = pulses >= 4 && pulses % 2 == 0 && pulse == pulses / 2;
        return pulse == 0 ? BAR_START : middle ? STRONG : BEAT;
    }

    public boolean isStrong() {
        return this == BAR_START || this == STRONG;
    }
}
