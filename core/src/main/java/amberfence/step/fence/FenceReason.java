package amberfence.step.fence;

import amberfence.step.Reason;
import amberfence.step.StepWords;
import amberfence.words.Texts;
import java.util.List;

/** Why a note was brought inside, or stays outside. */
public sealed interface FenceReason extends Reason {
    /** Which pitches a sentence names, in its order. */
    enum Named {
        CHOSEN, OTHER, LOWER, HIGHER, NEIGHBOUR
    }

    /** Why one of two inside pitches was taken and not the other. */
    enum Why {
        /** The nearest inside note, the other candidate being farther. */
        NEARER(Texts.text("%s is nearer than %s"), Named.CHOSEN, Named.OTHER),
        /** The next inside note in the direction that was asked for. */
        GOING_UP(Texts.text("the next note inside, going up")),
        /** The next inside note in the direction that was asked for. */
        GOING_DOWN(Texts.text("the next note inside, going down")),
        /** Equally near; the lower was asked for. */
        TIE_TO_LOWER(Texts.text("%s and %s are equally near; down decides"), Named.LOWER, Named.HIGHER),
        /** Equally near; the upper was asked for. */
        TIE_TO_HIGHER(Texts.text("%s and %s are equally near; up decides"), Named.LOWER, Named.HIGHER),
        /** Equally near; the chosen one is a note of the chord that sounds. */
        CHORD_NOTE(Texts.text("%s is in the chord, %s is not; both equally near"), Named.CHOSEN, Named.OTHER),
        /** With the other a step to the neighbour would have become a repeated note. */
        REPEATS(Texts.text("keeps the step; %s would repeat its neighbour"), Named.OTHER),
        /** With the other a repeated note would have become a step. */
        SPLITS(Texts.text("keeps the repeat; %s would break away from it"), Named.OTHER),
        /** With the other the line would have turned the other way. */
        TURNS(Texts.text("keeps the direction; %s would turn the line"), Named.OTHER),
        /** Both keep the shape alike; the chosen one makes the smaller leap to the neighbour. */
        SMALLER_LEAP(Texts.text("smaller leap to %s; either keeps the shape"), Named.NEIGHBOUR),
        /** The line as a whole keeps its shape best this way. */
        WHOLE_LINE(Texts.text("the whole line keeps its shape better than with %s"), Named.OTHER),
        /** Nothing in the line decides; the lower one is taken. */
        LOWER(Texts.text("%s and %s are equally near, the line alike: the lower"), Named.LOWER, Named.HIGHER),
        /** The only inside note on that side of the range of MIDI. */
        ONLY(Texts.text("the only note inside on this side of the range"));

        private final String sentence;
        private final List<Named> named;

        Why(String sentence, Named... named) {
            this.sentence = sentence;
            this.named = List.of(named);
        }
    }

    /**
     * A pitch was taken and not another.
     *
     * @param other the candidate that was not taken; the chosen one where there was none
     * @param neighbour the pitch of the note in the line that decided; the chosen one where none did
     */
    record Choice(Why why, int chosen, int other, int neighbour) implements FenceReason {
        Choice(Why why, int chosen, int other) {
            this(why, chosen, other, chosen);
        }

        @Override
        public String sentence(StepWords words) {
            return Texts.say(why.sentence, why.named.stream().map(named -> words.name(pitch(named))).toArray());
        }

        private int pitch(Named named) {
            return switch (named) {
                case CHOSEN -> chosen;
                case OTHER -> other;
                case LOWER -> Math.min(chosen, other);
                case HIGHER -> Math.max(chosen, other);
                case NEIGHBOUR -> neighbour;
            };
        }

        /** As every record compares; written out, since it is asked for each note that moves, and compiled sooner so. */
        @Override
        public boolean equals(Object another) {
            return another instanceof Choice choice && why == choice.why && chosen == choice.chosen && other == choice.other
                    && neighbour == choice.neighbour;
        }

        @Override
        public int hashCode() {
            return ((why.ordinal() * 31 + chosen) * 31 + other) * 31 + neighbour;
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
