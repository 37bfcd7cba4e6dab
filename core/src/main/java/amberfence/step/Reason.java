package amberfence.step;

import amberfence.song.Note;
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
            return words.name(other) + " already sounds at that time";
        }
    }

    /** The person decided that this note stays. */
    record LeftByHand() implements Reason {
        @Override
        public String sentence(StepWords words) {
            return "left alone by hand";
        }
    }

    /** Moved by so many semitones, upward positive. */
    record BySemitones(int semitones) implements Reason {
        @Override
        public String sentence(StepWords words) {
            return StepWords.amount(semitones, "semitone");
        }
    }

    /** Moved by whole octaves, upward positive. */
    record ByOctaves(int octaves) implements Reason {
        @Override
        public String sentence(StepWords words) {
            return StepWords.amount(octaves, "octave");
        }
    }

    /** Moved along the scale, upward positive; degrees as text. */
    record ByDegrees(int places, String from, String to) implements Reason {
        @Override
        public String sentence(StepWords words) {
            return StepWords.amount(places, "degree") + ": " + from + " becomes " + to;
        }
    }

    /** Made from the progression: which member of which chord, as text. */
    record FromChord(String chord, String member) implements Reason {
        @Override
        public String sentence(StepWords words) {
            return "the " + member + " of " + chord;
        }
    }
}
