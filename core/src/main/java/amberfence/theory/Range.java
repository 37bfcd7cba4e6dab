package amberfence.theory;

import amberfence.words.Texts;

/**
 * A legal range with a name, so that every complaint about a value out of range is worded in one place.
 * For example, {@code Range.PITCH.check(131)} fails with "MIDI pitch must be 0 to 127, not 131".
 */
public record Range(String name, long lowest, long highest) {
    public static final Range PITCH = new Range("MIDI pitch", 0, 127);
    public static final Range VELOCITY = new Range(Texts.text("velocity"), 1, 127);
    public static final Range RELEASE = new Range(Texts.text("release velocity"), 0, 127);
    public static final Range CHANNEL = new Range(Texts.text("channel"), 0, 15);
    public static final Range TICK = new Range(Texts.text("tick"), 0, 1L << 40);
    public static final Range LENGTH = new Range(Texts.text("length in ticks"), 1, 1L << 40);
    public static final Range PITCH_CLASS = new Range(Texts.text("pitch class"), 0, 11);

    /** Returns the value, or fails in words when it lies outside. */
    public int check(int value) {
        check((long) value);
        return value;
    }

    /** Returns the value, or fails in words when it lies outside. */
    public long check(long value) {
        if (value < lowest || value > highest) {
            throw outside(value);
        }
        return value;
    }

    /** Apart from the check, which is short enough so to be built in where each number of each note is checked. */
    private IllegalArgumentException outside(long value) {
        return new IllegalArgumentException(Texts.say("%s must be %s to %s, not %s", Texts.say(name), lowest, highest, value));
    }

    /** The value itself, or the end of the range that is nearest to it. */
    public long nearest(long value) {
        return Math.max(lowest, Math.min(highest, value));
    }

    public boolean contains(long value) {
        return value >= lowest && value <= highest;
    }
}
