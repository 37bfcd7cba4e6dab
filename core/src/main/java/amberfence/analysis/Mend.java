package amberfence.analysis;

import amberfence.notes.ChordSpan;
import amberfence.theory.Key;
import amberfence.words.Texts;
import java.util.Map;
import java.util.Set;
import java.util.function.IntFunction;

/** A way out, as it is known when the place is found. */
public sealed interface Mend {
    /** What it does, in a few words, with pitches named by the function. */
    String words(IntFunction<String> names);

    /** The identities of the notes that it changes; none where it changes the fence or the chords. */
    default Set<Long> notes() {
        return Set.of();
    }

    /** One note to another pitch. */
    record ToPitch(long note, int pitch) implements Mend {
        @Override
        public Set<Long> notes() {
            return Set.of(note);
        }

        @Override
        public String words(IntFunction<String> names) {
            return names.apply(pitch);
        }
    }

    /** All notes of a chord that are in doubt to other pitches, by their identities. */
    record WholeChord(Map<Long, Integer> pitches) implements Mend {
        public WholeChord {
            pitches = Map.copyOf(pitches);
        }

        @Override
        public Set<Long> notes() {
            return pitches.keySet();
        }

        @Override
        public String words(IntFunction<String> names) {
            return Texts.say("the whole chord");
        }
    }

    /** Ends at a tick. */
    record EndAt(long note, long end) implements Mend {
        @Override
        public Set<Long> notes() {
            return Set.of(note);
        }

        @Override
        public String words(IntFunction<String> names) {
            return Texts.say("end it there");
        }
    }

    /** Begins at a tick, as long as it was. */
    record BeginAt(long note, long start) implements Mend {
        @Override
        public Set<Long> notes() {
            return Set.of(note);
        }

        @Override
        public String words(IntFunction<String> names) {
            return Texts.say("onto the grid");
        }
    }

    /** Taken away. */
    record TakeAway(long note) implements Mend {
        @Override
        public Set<Long> notes() {
            return Set.of(note);
        }

        @Override
        public String words(IntFunction<String> names) {
            return Texts.say("take it away");
        }
    }

    /** The first lasts to the end of both, and the second is no longer there. */
    record Join(long first, long second) implements Mend {
        @Override
        public Set<Long> notes() {
            return Set.of(first, second);
        }

        @Override
        public String words(IntFunction<String> names) {
            return Texts.say("join them");
        }
    }

    /** Allowed outside the fence from now on. */
    record Allow(long note) implements Mend {
        @Override
        public Set<Long> notes() {
            return Set.of(note);
        }

        @Override
        public String words(IntFunction<String> names) {
            return Texts.say("allow it always");
        }
    }

    /** Another key in some bars, both included; what comes behind them stays. */
    record KeyHere(int fromBar, int toBar, Key key) implements Mend {
        @Override
        public String words(IntFunction<String> names) {
            return Texts.say("%s there", key.text());
        }
    }

    /** A chord of the progression, as somebody has decided. */
    record ChordIs(ChordSpan chord) implements Mend {
        @Override
        public String words(IntFunction<String> names) {
            return Texts.say("it is %s", chord.chord().text());
        }
    }
}
