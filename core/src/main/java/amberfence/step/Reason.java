package amberfence.step;

/**
 * Why a note was changed or kept: facts, from which {@link StepWords} makes the sentence. Pitches are MIDI numbers;
 * {@code other} is the candidate that was not taken.
 */
public sealed interface Reason {
    /** What the other candidate would have done to the line. */
    enum ShapeLoss {
        /** A step would have become a repeated note. */
        REPEATS,
        /** A repeated note would have become a step. */
        SPLITS,
        /** The line would have turned the other way. */
        TURNS
    }

    /** The nearest inside note, the other candidate being farther. */
    record Nearest(int chosen, int other) implements Reason {
    }

    /** The next inside note in the direction that was asked for. */
    record AsDirected(int chosen, boolean up) implements Reason {
    }

    /** Equally near; the lower or upper was asked for. */
    record TieDirected(int chosen, int other) implements Reason {
    }

    /** Equally near; the chosen one is a note of the chord that sounds. */
    record TieChordNote(int chosen, int other) implements Reason {
    }

    /** The chosen one keeps the line's shape; the other would have harmed it next to a neighbour of this pitch. */
    record KeptShape(int chosen, int other, ShapeLoss loss, int neighbour) implements Reason {
    }

    /** Both keep the shape alike; the chosen one makes the smaller leap to the neighbour. */
    record SmallerLeap(int chosen, int other, int neighbour) implements Reason {
    }

    /** The other candidate would have sounded together with a note of the same pitch. */
    record AvoidedUnison(int chosen, int other) implements Reason {
    }

    /** The line as a whole keeps its shape best this way. */
    record WholeLine(int chosen, int other) implements Reason {
    }

    /** Nothing in the line decides; the lower one is taken. */
    record TieDown(int chosen, int other) implements Reason {
    }

    /** The only inside note on that side of the range of MIDI. */
    record OnlyCandidate(int chosen) implements Reason {
    }

    /** Outside notes are to be left out. */
    record LeftOut() implements Reason {
    }

    /** The person decided that this note stays. */
    record LeftByHand() implements Reason {
    }
}
