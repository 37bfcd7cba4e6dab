package amberfence.step.fence;

import static java.util.Map.entry;

import amberfence.step.SettingValues;
import java.util.Map;

/** Where an outside note goes. */
public enum MoveTo {
    NEAREST, UP, DOWN, LEAVE_OUT;

    /** As they are typed. */
    static final Map<String, MoveTo> WORDS = SettingValues.words(entry("nearest", NEAREST), entry("up", UP), entry("down", DOWN), entry("out", LEAVE_OUT));
}
