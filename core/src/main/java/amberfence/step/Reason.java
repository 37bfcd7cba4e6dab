package amberfence.step;

import amberfence.notes.Note;
import amberfence.words.Texts;
import java.util.List;

/**
 * Why a note was changed or kept: facts, and the sentence that they make. What only one kind of step gives stands beside it.
 * Pitches are MIDI numbers; {@code other} is the candidate that was not taken.
 */
public interface Reason {
    /** Why, as a short sentence without a full stop, with pitches named by the words. */
    String sentence(StepWords words);

    /** Whether somebody is to choose a way out. */
    default boolean isOpen() {
        return false;
    }

    /** The ways out for the note that was kept for this reason. */
    default List<Fix> fixes(Note note) {
        return List.of();
    }

    /** The other candidate would have sounded together with a note of the same pitch. */
    record AvoidedUnison(int chosen, int other) implements Reason {
        @Override
        public String sentence(StepWords words) {
            return Texts.say("%s already sounds at that time", words.name(other));
        }
    }

    /** The person decided that this note stays. */
    record LeftByHand() implements Reason {
        @Override
        public String sentence(StepWords words) {
            return Texts.say("left alone by hand");
        }
    }

    /** Moved by so many semitones, upward positive. */
    record BySemitones(int semitones) implements Reason {
        @Override
        public String sentence(StepWords words) {
            return StepWords.amount(semitones, StepWords.Unit.SEMITONE);
        }
    }

    /** Moved by whole octaves, upward positive. */
    record ByOctaves(int octaves) implements Reason {
        @Override
        public String sentence(StepWords words) {
            return StepWords.amount(octaves, StepWords.Unit.OCTAVE);
        }
    }

    /** Moved along the scale, upward positive; degrees as text. */
    record ByDegrees(int places, String from, String to) implements Reason {
        @Override
        public String sentence(StepWords words) {
            return Texts.say("%s: %s becomes %s", StepWords.amount(places, StepWords.Unit.DEGREE), from, to);
        }
    }

    /** Made from the progression: which member of which chord, as text. */
    record FromChord(String chord, String member) implements Reason {
        @Override
        public String sentence(StepWords words) {
            return Texts.say("the %s of %s", member, chord);
        }
    }
}
