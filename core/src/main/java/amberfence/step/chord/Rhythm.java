package amberfence.step.chord;

/** When the notes of a chord part sound. */
public enum Rhythm {
    /** As long as the chord lasts. */
    HELD,
    /** On every beat, as it is felt: 6/8 has two. */
    BEATS,
    /** On every eighth. */
    EIGHTHS,
    /** Halfway between the beats. */
    OFF_BEATS,
    /** An own pattern, begun anew with each bar. */
    OWN
}
