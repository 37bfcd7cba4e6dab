package amberfence.song;

import amberfence.theory.Key;
import amberfence.theory.PitchClassSet;

/** The fence by tick: which pitch classes are inside, and in which key, at any moment. */
public final class FenceLine {
    private final long[] starts;
    private final PitchClassSet[] inside;
    private final KeyPlan keys;

    FenceLine(long[] starts, PitchClassSet[] inside, KeyPlan keys) {
        this.starts = starts;
        this.inside = inside;
        this.keys = keys;
    }

    private int span(long tick) {
        int index = starts.length - 1;
        while (index > 0 && starts[index] > tick) {
            index--;
        }
        return index;
    }

    public PitchClassSet at(long tick) {
        return inside[span(tick)];
    }

    public Key keyAt(long tick) {
        return keys.spans().get(span(tick)).key();
    }

    public boolean isInside(Note note) {
        return at(note.start()).containsPitch(note.pitch());
    }

    /** How many notes of a line are outside. */
    public int countOutside(Line line) {
        int count = 0;
        for (Note note : line.notes()) {
            count += isInside(note) ? 0 : 1;
        }
        return count;
    }
}
