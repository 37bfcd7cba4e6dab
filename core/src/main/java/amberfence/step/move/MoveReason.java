package amberfence.step.move;

import amberfence.step.Reason;
import amberfence.step.StepWords;
import amberfence.theory.Key;
import amberfence.theory.KeyLadder;
import amberfence.words.Texts;

/** Why a note has another pitch or place, when lines are moved as a whole. */
public sealed interface MoveReason extends Reason {
    /** The same degree in another key. Words are made when somebody reads them: a long line has one of these for every note. */
    record SameDegree(int from, Key fromKey, int to, Key toKey) implements MoveReason {
        @Override
        public String sentence(StepWords words) {
            return Texts.say("%s of %s becomes %s of %s", DegreeWords.of(KeyLadder.of(fromKey), from), fromKey.text(),
                    DegreeWords.of(KeyLadder.of(toKey), to), toKey.text());
        }
    }

    /** Mirrored about a pitch. */
    record Mirrored(int axis) implements MoveReason {
        @Override
        public String sentence(StepWords words) {
            return Texts.say("mirrored about %s", words.name(axis));
        }
    }

    /** Takes the pitch that stands as far from the end as this note from the beginning. */
    record Reversed() implements MoveReason {
        @Override
        public String sentence(StepWords words) {
            return Texts.say("the pitches in reverse over the same rhythm");
        }
    }

    /** Takes its place from the end, in time. */
    record ReversedInTime() implements MoveReason {
        @Override
        public String sentence(StepWords words) {
            return Texts.say("the line in reverse, from its end");
        }
    }

    /** Brought into a range by whole octaves, upward positive. */
    record Folded(int octaves) implements MoveReason {
        @Override
        public String sentence(StepWords words) {
            return Texts.say("%s, into the range", StepWords.amount(octaves, StepWords.Unit.OCTAVE));
        }
    }
}
