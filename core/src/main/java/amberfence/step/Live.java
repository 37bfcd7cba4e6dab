package amberfence.step;

/** How keys can be played through a step. */
enum Live {
    /** It needs the whole line. */
    NO,
    /** Each key by itself, at once. */
    KEY_BY_KEY,
    /** The keys that are held together, in time. */
    IN_TIME
}
