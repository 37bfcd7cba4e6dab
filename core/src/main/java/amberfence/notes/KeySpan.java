package amberfence.notes;

import amberfence.theory.Key;
import amberfence.words.Texts;

/** A key from the beginning of a bar (from 1) until the next span. */
public record KeySpan(int fromBar, Key key) {
    public KeySpan {
        if (fromBar < 1) {
            throw new IllegalArgumentException(Texts.say("bars count from 1, not %s", fromBar));
        }
    }
}
