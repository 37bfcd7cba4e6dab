package amberfence.step.fence;

/** What decides between two inside notes that are equally near. */
public enum TieBreak {
    /** The line keeps its steps, repeats and directions, weighed over the whole line at once. */
    SHAPE,
    DOWN,
    UP,
    /** The one that the chord parts sound, if one of the two is; else as {@link #SHAPE}. */
    CHORD
}
