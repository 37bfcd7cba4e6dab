package amberfence.notes;

import amberfence.words.Texts;

/** A place in the song: bar and beat from 1, ticks into the beat from 0. */
public record BarPosition(int bar, int beat, long tick) {
    public BarPosition {
        if (bar < 1 || beat < 1 || tick < 0) {
            throw new IllegalArgumentException(Texts.say("bars and beats count from 1 and ticks from 0, not %s:%s:%s", bar, beat, tick));
        }
    }

    /** Bar and beat, and the ticks where there are any: {@code 3:2} or {@code 3:2:40}. */
    public String text() {
        return bar + ":" + beat + (tick == 0 ? "" : ":" + tick);
    }
}
