package amberfence.step;

import amberfence.notes.FenceLine;
import amberfence.theory.PitchClassSet;
import amberfence.theory.Range;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import java.util.function.LongFunction;
import java.util.stream.IntStream;

/** The inside pitches at one moment, as places to walk on: from each the next above and below. */
public final class InsidePlaces {
    private static final int NONE = -1;
    private final int[] pitches;

    private InsidePlaces(PitchClassSet inside) {
        pitches = IntStream.rangeClosed((int) Range.PITCH.lowest(), (int) Range.PITCH.highest()).filter(inside::containsPitch).toArray();
    }

    /** The places along a fence; each set of them is made once. */
    public static LongFunction<InsidePlaces> along(FenceLine fence) {
        Map<PitchClassSet, InsidePlaces> made = new HashMap<>();
        return tick -> made.computeIfAbsent(fence.at(tick), InsidePlaces::new);
    }

    /** Those from one pitch to another, both included. */
    public int[] between(int lowest, int highest) {
        int from = upTo(lowest - 1);
        return Arrays.copyOfRange(pitches, from, Math.max(from, upTo(highest)));
    }

    /** How many are at most as high as a pitch. */
    private int upTo(int pitch) {
        int found = Arrays.binarySearch(pitches, pitch);
        return found >= 0 ? found + 1 : -found - 1;
    }

    /** The inside pitch so many places above another pitch, or below when negative; −1 where there is none. A pitch that is outside counts as none. */
    public int moved(int pitch, int places) {
        int index = places > 0 || contains(pitch) ? upTo(pitch) - 1 + places : upTo(pitch) + places;
        return places == 0 ? pitch : index < 0 || index >= pitches.length ? NONE : pitches[index];
    }

    /** The nearest inside pitch, the lower of two; the pitch itself where there is none. */
    public int nearest(int pitch) {
        int below = upTo(pitch) - 1;
        if (below < 0 || below + 1 >= pitches.length) {
            return isEmpty() ? pitch : pitches[below < 0 ? 0 : below];
        }
        return pitch - pitches[below] <= pitches[below + 1] - pitch ? pitches[below] : pitches[below + 1];
    }

    private boolean contains(int pitch) {
        return Arrays.binarySearch(pitches, pitch) >= 0;
    }

    public boolean isEmpty() {
        return pitches.length == 0;
    }

    /** A pitch moved by places, at most to the last that there is. */
    public int movedAtMost(int pitch, int places) {
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
