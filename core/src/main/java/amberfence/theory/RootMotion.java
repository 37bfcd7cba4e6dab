package amberfence.theory;

/**
 * How usual it is that a chord on one degree of a key follows a chord on another. Source: the "table of usual root progressions"
 * in Walter Piston, Harmony, New York 1941 (from memory), for the first six degrees; the diminished triad on the seventh leads home. Where the
 * seventh degree lies a whole tone below the tonic it has a plain triad, which songs use beside those on the fourth and fifth (both common
 * practice, no source).
 */
public enum RootMotion {
    OFTEN, SOMETIMES, SELDOM, HARDLY;

    /** From the degree of the row to that of the column, first to seventh: how usual, as the place in this list. */
    private static final String[] TABLE = {"-220013", "2-21013", "22-1203", "112-023", "0221-13", "20110-3", "031323-"};
    private static final String[] WITH_WHOLE_TONE = {"-220010", "2-21012", "22-1201", "112-021", "0221-12", "20110-1", "021121-"};

    /**
     * How usual a motion of the root is.
     *
     * @param from a degree, 1 to 7
     * @param to another
     * @param wholeTone whether the seventh degree lies a whole tone below the tonic
     */
    public static RootMotion of(int from, int to, boolean wholeTone) {
        if (from == to) {
            throw new IllegalArgumentException("the root does not move from degree " + from);
        }
        return values()[(wholeTone ? WITH_WHOLE_TONE : TABLE)[from - 1].charAt(to - 1) - '0'];
    }
}
