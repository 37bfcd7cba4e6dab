package amberfence.notes;

import amberfence.theory.Range;
import amberfence.words.Texts;

/** From a tick on, a quarter note lasts so many microseconds (1 to 16777215, what a MIDI file can say). */
public record Tempo(long tick, int microsecondsPerQuarter) {
    /** Where a file says nothing: 120 quarters a minute (Standard MIDI Files 1.0, from memory). */
    public static final int USUAL = 500_000;
    private static final Range MICROSECONDS = new Range(Texts.text("microseconds per quarter"), 1, 0xFFFFFF);

    public Tempo {
        Range.TICK.check(tick);
        MICROSECONDS.check(microsecondsPerQuarter);
    }

    public double quartersPerMinute() {
        return 60_000_000.0 / microsecondsPerQuarter;
    }
}
