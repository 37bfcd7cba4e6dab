package amberfence.step.fence;

import amberfence.step.Reason;
import amberfence.step.StepWords;
import amberfence.words.Texts;

/** Why a note was brought inside, or stays outside. */
public sealed interface FenceReason extends Reason {
    /** What the other candidate would have done to the line. */
    enum ShapeLoss {
        /** A step would have become a repeated note. */
        REPEATS(Texts.text("keeps the step; %s would repeat its neighbour")),
        /** A repeated note would have become a step. */
        SPLITS(Texts.text("keeps the repeat; %s would break away from it")),
        /** The line would have turned the other way. */
        TURNS(Texts.text("keeps the direction; %s would turn the line"));

        private final String sentence;

        ShapeLoss(String sentence) {
            this.sentence = sentence;
        }
    }

    /** The nearest inside note, the other candidate being farther. */
    record Nearest(int chosen, int other) implements FenceReason {
        @Override
        public String sentence(StepWords words) {
            return Texts.say("%s is nearer than %s", words.name(chosen), words.name(other));
        }
    }

    /** The next inside note in the direction that was asked for. */
    record AsDirected(int chosen, boolean up) implements FenceReason {
        @Override
        public String sentence(StepWords words) {
            return up ? Texts.say("the next note inside, going up") : Texts.say("the next note inside, going down");
        }
    }

    /** Equally near; the lower or upper was asked for. */
    record TieDirected(int chosen, int other) implements FenceReason {
        @Override
        public String sentence(StepWords words) {
            return chosen < other ? Texts.say("%s and %s are equally near; down decides", words.name(chosen), words.name(other))
                    : Texts.say("%s and %s are equally near; up decides", words.name(other), words.name(chosen));
        }
    }

    /** Equally near; the chosen one is a note of the chord that sounds. */
    record TieChordNote(int chosen, int other) implements FenceReason {
        @Override
        public String sentence(StepWords words) {
            return Texts.say("%s is in the chord, %s is not; both equally near", words.name(chosen), words.name(other));
        }
    }

    /** The chosen one keeps the line's shape; the other would have harmed it next to a neighbour of this pitch. */
    record KeptShape(int chosen, int other, ShapeLoss loss, int neighbour) implements FenceReason {
        @Override
        public String sentence(StepWords words) {
            return Texts.say(loss.sentence, words.name(other));
        }
    }

    /** Both keep the shape alike; the chosen one makes the smaller leap to the neighbour. */
    record SmallerLeap(int chosen, int other, int neighbour) implements FenceReason {
        @Override
        public String sentence(StepWords words) {
            return Texts.say("smaller leap to %s; either keeps the shape", words.name(neighbour));
        }
    }

    /** The line as a whole keeps its shape best this way. */
    record WholeLine(int chosen, int other) implements FenceReason {
        @Override
        public String sentence(StepWords words) {
            return Texts.say("the whole line keeps its shape better than with %s", words.name(other));
        }
    }

    /** Nothing in the line decides; the lower one is taken. */
    record TieDown(int chosen, int other) implements FenceReason {
        @Override
        public String sentence(StepWords words) {
            return Texts.say("%s and %s are equally near, the line alike: the lower", words.name(Math.min(chosen, other)),
                    words.name(Math.max(chosen, other)));
        }
    }

    /** The only inside note on that side of the range of MIDI. */
    record OnlyCandidate(int chosen) implements FenceReason {
        @Override
        public String sentence(StepWords words) {
            return Texts.say("the only note inside on this side of the range");
        }
    }

    /** Outside notes are to be left out. */
    record LeftOut() implements FenceReason {
        @Override
        public String sentence(StepWords words) {
            return Texts.say("outside notes are left out");
        }
    }

    /** A short note off the beat between two inside notes, by step in one direction. */
    record Passing(int before, int after) implements FenceReason {
        @Override
        public String sentence(StepWords words) {
            return Texts.say("let pass: a passing note from %s to %s", words.name(before), words.name(after));
        }
    }

    /** A short note off the beat that leaves an inside note by step and returns to it. */
    record Neighbour(int around) implements FenceReason {
        @Override
        public String sentence(StepWords words) {
            return Texts.say("let pass: a neighbour note of %s", words.name(around));
        }
    }

    /** A short note off the beat, a semitone from the chord note that follows. */
    record Approach(int target) implements FenceReason {
        @Override
        public String sentence(StepWords words) {
            return Texts.say("let pass: leads by a semitone to %s of the chord", words.name(target));
        }
    }
}
