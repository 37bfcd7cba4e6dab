package amberfence.step;

/** Numbers that look thrown and are the same for the same seed, moment and thing, on every machine. */
public final class Dice {
    private static final int FINE = 1 << 30;
    private static final double PLACES_IN_A_QUARTER = 960;

    private Dice() {
    }

    /**
     * A throw.
     *
     * @param sides above 0
     * @return 0 to sides − 1
     */
    public static int roll(long seed, long moment, int thing, int sides) {
        // The mixing of SplitMix64 (Steele, Lea and Flood, OOPSLA 2014, from memory).
        long mixed = seed * 0x9E3779B97F4A7C15L + moment * 0xBF58476D1CE4E5B9L + thing * 0x94D049BB133111EBL;
        mixed = (mixed ^ mixed >>> 30) * 0xBF58476D1CE4E5B9L;
        mixed = (mixed ^ mixed >>> 27) * 0x94D049BB133111EBL;
        return (int) Long.remainderUnsigned(mixed ^ mixed >>> 31, sides);
    }

    /** A place in time for dice: the same in a song of any resolution. */
    public static long moment(long tick, int ticksPerQuarter) {
        return Math.round(tick * PLACES_IN_A_QUARTER / ticksPerQuarter);
    }

    /** From 0 up to, but never, 1, evenly. */
    public static double share(long seed, long moment, int thing) {
        return roll(seed, moment, thing, FINE) / (double) FINE;
    }

    /** Normally distributed about 0 with a standard deviation of 1 (Box and Muller, 1958). */
    public static double normal(long seed, long moment, int thing) {
        double radius = Math.sqrt(-2 * Math.log(1 - share(seed, moment, 2 * thing)));
        return radius * Math.cos(2 * Math.PI * share(seed, moment, 2 * thing + 1));
    }
}
