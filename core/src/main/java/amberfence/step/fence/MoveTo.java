package amberfence.step.fence;

import static java.util.Map.entry;

import amberfence.step.SettingValues;
import java.util.Map;

/** Where an outside note goes. */
public enum MoveTo {
    /** The smaller distance, strictly. */
    NEAREST,
    /** Of the two nearest the one that keeps the line's shape, which may be the farther. */
    LINE_FIRST,
    UP, DOWN, LEAVE_OUT;

    /** As they are typed. */
    static final Map<String, MoveTo> WORDS = SettingValues.words(entry("nearest", NEAREST), entry("line-first", LINE_FIRST),
            entry("up", UP), entry("down", DOWN), entry("out", LEAVE_OUT));
}
