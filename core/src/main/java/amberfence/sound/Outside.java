package amberfence.sound;

/** What an outside key does while one plays. */
public enum Outside {
    /** The nearest inside note, of two alike the lower. */
    NEAREST,
    /** The next inside note above. */
    UP,
    /** The next inside note below. */
    DOWN,
    /** The one that goes on in the direction in which the keys go. */
    SHAPE,
    /** Nothing is heard. */
    SILENT
}
