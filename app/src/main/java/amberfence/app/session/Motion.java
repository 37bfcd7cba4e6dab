package amberfence.app.session;

/** How what plays is seen to move: the only motion that there is in the window. */
public enum Motion {
    /** The playhead glides. */
    GLIDING,
    /** The playhead goes from beat to beat. */
    BY_BEAT;

    /** Under which name the choice is kept. */
    public static final String KEPT = "motion";
}
