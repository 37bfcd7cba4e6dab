package amberfence.reading.through;

import amberfence.words.Texts;
import java.util.function.IntFunction;

/** A way out, as it is known when the place is found. */
public sealed interface Mend {
    /** The identity of the note that is mended. */
    long note();

    /** What it does, in a few words, with pitches named by the function. */
    String words(IntFunction<String> names);

    /** To another pitch. */
    record ToPitch(long note, int pitch) implements Mend {
        @Override
        public String words(IntFunction<String> names) {
            return names.apply(pitch);
        }
    }

    /** Ends at a tick. */
    record EndAt(long note, long end) implements Mend {
        @Override
        public String words(IntFunction<String> names) {
            return Texts.say("end it there");
        }
    }

    /** Begins at a tick, as long as it was. */
    record BeginAt(long note, long start) implements Mend {
        @Override
        public String words(IntFunction<String> names) {
            return Texts.say("onto the grid");
        }
    }

    /** Taken away. */
    record TakeAway(long note) implements Mend {
        @Override
        public String words(IntFunction<String> names) {
            return Texts.say("take it away");
        }
    }

    /** Allowed outside the fence from now on. */
    record Allow(long note) implements Mend {
        @Override
        public String words(IntFunction<String> names) {
            return Texts.say("allow it always");
        }
    }
}
