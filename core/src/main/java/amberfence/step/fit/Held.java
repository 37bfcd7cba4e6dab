package amberfence.step.fit;

import static java.util.Map.entry;

import amberfence.step.SettingValues;
import java.util.Map;

/** What becomes of a note that still sounds when another chord begins. */
public enum Held {
    /** It stays on its own chord to its end. */
    KEEP,
    /** It is struck again with each chord. */
    RESTRIKE,
    /** It is cut where it has to move; common notes are held. */
    SPLIT;

    /** As they are typed. */
    static final Map<String, Held> WORDS = SettingValues.words(entry("keep", KEEP), entry("restrike", RESTRIKE), entry("cut", SPLIT));
}
