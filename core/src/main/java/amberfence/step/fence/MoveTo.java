package amberfence.step.fence;

/** Where an outside note goes. */
public enum MoveTo {
    NEAREST, UP, DOWN, LEAVE_OUT
}
