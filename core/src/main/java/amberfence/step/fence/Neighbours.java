package amberfence.step.fence;

import amberfence.theory.PitchClassSet;

/** For each MIDI pitch the nearest inside pitch at or below and at or above it, or {@link #NONE} at an end of the range. */
public final class Neighbours {
    public static final int NONE = -1;
    private final int[] below = new int[128];
    private final int[] above = new int[128];
    private final PitchClassSet inside;

    public Neighbours(PitchClassSet inside) {
        this.inside = inside;
        int last = NONE;
        for (int pitch = 0; pitch < 128; pitch++) {
            last = inside.containsPitch(pitch) ? pitch : last;
            below[pitch] = last;
        }
        last = NONE;
        for (int pitch = 127; pitch >= 0; pitch--) {
            last = inside.containsPitch(pitch) ? pitch : last;
            above[pitch] = last;
        }
    }

    PitchClassSet inside() {
        return inside;
    }

    public boolean isInside(int pitch) {
        return below[pitch] == pitch;
    }

    /** The nearest inside pitch at or below one. */
    public int below(int pitch) {
        return below[pitch];
    }

    /** The nearest inside pitch at or above one. */
    public int above(int pitch) {
        return above[pitch];
    }
}
