package amberfence.step.fit;

/** How the notes of a figure are numbered against a chord. */
public enum Count {
    /** Root, third, fifth, seventh … */
    MEMBER,
    /** Lowest, second, third … of the chord's voicing. */
    POSITION
}
