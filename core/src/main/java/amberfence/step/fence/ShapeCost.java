package amberfence.step.fence;

import amberfence.step.fence.FenceReason.Why;
import java.util.Optional;

/**
 * What a choice of pitches costs. Three costs in one {@code long}, each deciding only between those alike in the ones
 * before: first distance and harm to the shape, then the size of leaps, then notes that go up.
 */
final class ShapeCost {
    private static final int LEAP_SHIFT = 18;
    private static final int FIRST_SHIFT = 40;
    /** Distances count in half semitones, so that harm to the shape can cost more than one semitone and less than two. */
    private static final int SEMITONE = 2;
    private static final int LOSS = 3;
    /** Two notes on one pitch at once, where another pitch was to be had, outweigh anything in the line. */
    private static final int AVOIDABLE_UNISON = 4000;

    /** Asked for with every note that moves, so they are made once. */
    private static final Optional<Why> REPEATS = Optional.of(Why.REPEATS);
    private static final Optional<Why> SPLITS = Optional.of(Why.SPLITS);
    private static final Optional<Why> TURNS = Optional.of(Why.TURNS);

    private ShapeCost() {
    }

    static long distance(int from, int to) {
        return ((long) SEMITONE * Math.abs(to - from) << FIRST_SHIFT) + (to > from ? 1 : 0);
    }

    static long unison() {
        return (long) AVOIDABLE_UNISON << FIRST_SHIFT;
    }

    /** The cost of two neighbours of a line that were {@code before} apart (upward positive) and are now {@code after}. */
    static long neighbours(int before, int after) {
        long leap = (long) Math.abs(after) << LEAP_SHIFT;
        return isLoss(before, after) ? leap + ((long) LOSS << FIRST_SHIFT) : leap;
    }

    private static boolean isLoss(int before, int after) {
        return Integer.signum(before) != Integer.signum(after);
    }

    /** What the shape loses between two neighbours, if anything. */
    static Optional<Why> loss(int before, int after) {
        if (!isLoss(before, after)) {
            return Optional.empty();
        }
        return after == 0 ? REPEATS : before == 0 ? SPLITS : TURNS;
    }
}
