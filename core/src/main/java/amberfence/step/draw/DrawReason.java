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

    /** Its place is taken by what is drawn here. */
    record Replaced() implements DrawReason {
        @Override
        public String sentence(StepWords words) {
            return Texts.say("its place is taken by what is drawn here");
        }
    }

    /** A voice of another part, brought into its range by so many octaves. */
    record OneVoice(Which which, int octaves) implements DrawReason {
        @Override
        public String sentence(StepWords words) {
            return octaves == 0 ? which.words() : Texts.say("%s, %s", which.words(), StepWords.amount(octaves, StepWords.Unit.OCTAVE));
        }
    }

    /** A note gave so much of its length, in percent. */
    record MadeRoom(int percent) implements DrawReason {
        @Override
        public String sentence(StepWords words) {
            return Texts.say("%s%% shorter, to make room", percent);
        }
    }

    /** One of the notes on the way to the next. */
    record OnTheWay(int number, int of) implements DrawReason {
        @Override
        public String sentence(StepWords words) {
            return Texts.say("%s of %s on the way to the next note", number, of);
        }
    }

    /** One of the short notes before or after another. */
    record Graced(int number, int of, boolean after) implements DrawReason {
        @Override
        public String sentence(StepWords words) {
            return Texts.say(after ? Texts.text("grace note %s of %s after") : Texts.text("grace note %s of %s before"), number, of);
        }
    }

    /** It gave the time of a grace note, in ticks. */
    record GaveTime(long ticks) implements DrawReason {
        @Override
        public String sentence(StepWords words) {
            return Texts.say("gives %s to a grace note", StepWords.ticks(ticks));
        }
    }

    /** A note of a line of its own. */
    record OwnLineNote(int number, String chord) implements DrawReason {
        @Override
        public String sentence(StepWords words) {
            return chord.isEmpty() ? Texts.say("note %s of the line", number) : Texts.say("note %s of the line, of %s", number, chord);
        }
    }

    /** A member of a chord on another note. */
    record Stacked(String chord, int member) implements DrawReason {
        @Override
        public String sentence(StepWords words) {
            return Texts.say("no. %s of the chord on it, %s", member, chord);
        }
    }
}
