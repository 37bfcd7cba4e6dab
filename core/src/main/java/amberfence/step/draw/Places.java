package amberfence.step.draw;

import amberfence.song.FenceLine;
import amberfence.theory.PitchClassSet;
import amberfence.theory.Range;
import java.util.stream.IntStream;

/** The inside pitches at one moment, as places to walk on: from each the next above and below. */
final class Places {
    private static final int NONE = -1;
    private final int[] pitches;

    private Places(PitchClassSet inside) {
        pitches = IntStream.rangeClosed((int) Range.PITCH.lowest(), (int) Range.PITCH.highest()).filter(inside::containsPitch).toArray();
    }

    static Places at(FenceLine fence, long tick) {
        return new Places(fence.at(tick));
    }

    /** Those from one pitch to another, both included. */
    int[] between(int lowest, int highest) {
        return IntStream.of(pitches).filter(pitch -> pitch >= lowest && pitch <= highest).toArray();
    }

    /** The inside pitch so many places above another pitch, or below when negative; −1 where there is none. A pitch that is outside counts as none. */
    int moved(int pitch, int places) {
        int above = (int) IntStream.of(pitches).filter(some -> some <= pitch).count();
        boolean inside = above > 0 && pitches[above - 1] == pitch;
        int index = places > 0 ? above - 1 + places : inside ? above - 1 + places : above + places;
        return places == 0 ? pitch : index < 0 || index >= pitches.length ? NONE : pitches[index];
    }

    /** The nearest inside pitch, the lower of two; the pitch itself where there is none. */
    int nearest(int pitch) {
        int best = pitch;
        for (int some : pitches) {
            if (best == pitch && some != pitch && !contains(pitch) || Math.abs(some - pitch) < Math.abs(best - pitch)) {
                best = some;
            }
        }
        return best;
    }

    boolean contains(int pitch) {
        return IntStream.of(pitches).anyMatch(some -> some == pitch);
    }

    boolean isEmpty() {
        return pitches.length == 0;
    }

    /** A pitch moved by places, at most to the last that there is. */
    int movedAtMost(int pitch, int places) {
        int at = pitch;
        for (int i = 0; i < Math.abs(places); i++) {
            int next = moved(at, Integer.signum(places));
            if (next == NONE) {
                return at;
            }
            at = next;
        }
        return at;
    }
}
