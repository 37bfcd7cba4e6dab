package amberfence.step.draw;

import amberfence.step.Reason;
import amberfence.step.StepWords;
import amberfence.words.Texts;

/** Why a note was drawn out of others, or gave its place to them. */
sealed interface DrawReason extends Reason {
    /**
     * One of the notes of an arpeggio.
     *
     * @param number in its group, from 1
     * @param octaves by how many the chord was laid out higher
     * @param again how a figure that comes again is moved
     * @param times how often it was moved
     */
    record Arpeggiated(int number, int octaves, Again again, int times) implements DrawReason {
        @Override
        public String sentence(StepWords words) {
            String plain = Texts.say("note %s of the arpeggio", number);
            if (octaves != 0) {
                plain = Texts.say("%s, %s", plain, StepWords.amount(octaves, StepWords.Unit.OCTAVE));
            }
            return again.amount() * times == 0 ? plain : Texts.say("%s, %s", plain, again.words(times));
        }
    }

    /** Its place is taken by the notes of an arpeggio, among which it does not sound. */
    record Broken() implements DrawReason {
        @Override
        public String sentence(StepWords words) {
            return Texts.say("its chord is broken into an arpeggio");
        }
    }

    /** The chord is shorter than one note of the rate, so that only its lowest note stays. */
    record NoRoomForOne(boolean lowest) implements DrawReason {
        @Override
        public String sentence(StepWords words) {
            return lowest ? Texts.say("the lowest of a chord that is shorter than one note of the rate")
                    : Texts.say("its chord is shorter than one note of the rate");
        }
    }

    /** One of the notes of a block, made of so many that were one after another. */
    record InBlock(int notes) implements DrawReason {
        @Override
        public String sentence(StepWords words) {
            return Texts.count(notes, "in the block", "in the block, for %s notes");
        }
    }

    /** Several notes of one pitch became one, which is another of them. */
    record JoinedInBlock() implements DrawReason {
        @Override
        public String sentence(StepWords words) {
            return Texts.say("one with the same note of the block");
        }
    }
}
