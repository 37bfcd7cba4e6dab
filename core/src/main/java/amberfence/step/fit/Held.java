package amberfence.step.fit;

/** What becomes of a note that still sounds when another chord begins. */
public enum Held {
    /** It stays on its own chord to its end. */
    KEEP,
    /** It is struck again with each chord. */
    RESTRIKE,
    /** It is cut where it has to move; common notes are held. */
    SPLIT
}
