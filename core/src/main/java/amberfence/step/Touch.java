package amberfence.step;

/** What a step may change of a note, or of a line. */
public enum Touch {
    PITCH, BEGINNINGS, LENGTHS, VELOCITIES, COUNT
}
