package amberfence.step.shape;

/** How velocities are set. */
enum VelocityWay {
    /** All alike. */
    FIXED,
    /** A share of what they are. */
    SHARE,
    /** Between a floor and a ceiling, bent. */
    CURVE,
    /** Along a shape over time. */
    SHAPE,
    /** By beat. */
    ACCENTS,
    /** Up or down by chance. */
    CHANCE
}
