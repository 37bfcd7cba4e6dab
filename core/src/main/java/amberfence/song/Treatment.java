package amberfence.song;

/**
 * Whatever can stand in a part's list of steps. The interface lives here, empty, so that a part can hold its steps without
 * knowing what they do; the one family of treatments is {@code amberfence.step.Step}.
 */
public interface Treatment {
}
