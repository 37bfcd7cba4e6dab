package amberfence.step.fence;

import amberfence.step.Reason;
import amberfence.step.StepWords;

/** Why a note was brought inside, or stays outside. */
public sealed interface FenceReason extends Reason {
    /** What the other candidate would have done to the line. */
    enum ShapeLoss {
        /** A step would have become a repeated note. */
        REPEATS("keeps the step; %s would repeat its neighbour"),
        /** A repeated note would have become a step. */
        SPLITS("keeps the repeat; %s would break away from it"),
        /** The line would have turned the other way. */
        TURNS("keeps the direction; %s would turn the line");

        private final String sentence;

        ShapeLoss(String sentence) {
            this.sentence = sentence;
        }
    }

    /** The nearest inside note, the other candidate being farther. */
    record Nearest(int chosen, int other) implements FenceReason {
        @Override
        public String sentence(StepWords words) {
            return words.name(chosen) + " is nearer than " + words.name(other);
        }
    }

    /** The next inside note in the direction that was asked for. */
    record AsDirected(int chosen, boolean up) implements FenceReason {
        @Override
        public String sentence(StepWords words) {
            return "the next note inside, " + (up ? "going up" : "going down");
        }
    }

    /** Equally near; the lower or upper was asked for. */
    record TieDirected(int chosen, int other) implements FenceReason {
        @Override
        public String sentence(StepWords words) {
            return words.pair(chosen, other) + " equally near; " + (chosen < other ? "down" : "up") + " decides";
        }
    }

    /** Equally near; the chosen one is a note of the chord that sounds. */
    record TieChordNote(int chosen, int other) implements FenceReason {
        @Override
        public String sentence(StepWords words) {
            return words.name(chosen) + " is in the chord, " + words.name(other) + " is not; both equally near";
        }
    }

    /** The chosen one keeps the line's shape; the other would have harmed it next to a neighbour of this pitch. */
    record KeptShape(int chosen, int other, ShapeLoss loss, int neighbour) implements FenceReason {
        @Override
        public String sentence(StepWords words) {
            return loss.sentence.formatted(words.name(other));
        }
    }

    /** Both keep the shape alike; the chosen one makes the smaller leap to the neighbour. */
    record SmallerLeap(int chosen, int other, int neighbour) implements FenceReason {
        @Override
        public String sentence(StepWords words) {
            return "smaller leap to " + words.name(neighbour) + "; either keeps the shape";
        }
    }

    /** The line as a whole keeps its shape best this way. */
    record WholeLine(int chosen, int other) implements FenceReason {
        @Override
        public String sentence(StepWords words) {
            return "the whole line keeps its shape better than with " + words.name(other);
        }
    }

    /** Nothing in the line decides; the lower one is taken. */
    record TieDown(int chosen, int other) implements FenceReason {
        @Override
        public String sentence(StepWords words) {
            return words.pair(chosen, other) + " equally near, the line alike: the lower";
        }
    }

    /** The only inside note on that side of the range of MIDI. */
    record OnlyCandidate(int chosen) implements FenceReason {
        @Override
        public String sentence(StepWords words) {
            return "the only note inside on this side of the range";
        }
    }

    /** Outside notes are to be left out. */
    record LeftOut() implements FenceReason {
        @Override
        public String sentence(StepWords words) {
            return "outside notes are left out";
        }
    }

    /** A short note off the beat between two inside notes, by step in one direction. */
    record Passing(int before, int after) implements FenceReason {
        @Override
        public String sentence(StepWords words) {
            return "let pass: a passing note from " + words.name(before) + " to " + words.name(after);
        }
    }

    /** A short note off the beat that leaves an inside note by step and returns to it. */
    record Neighbour(int around) implements FenceReason {
        @Override
        public String sentence(StepWords words) {
            return "let pass: a neighbour note of " + words.name(around);
        }
    }

    /** A short note off the beat, a semitone from the chord note that follows. */
    record Approach(int target) implements FenceReason {
        @Override
        public String sentence(StepWords words) {
            return "let pass: leads by a semitone to " + words.name(target) + " of the chord";
        }
    }
}
