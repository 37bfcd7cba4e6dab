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

    /** A short note off the beat between two inside notes, by step in one direction. */
    record Passing(int before, int after) implements Reason {
    }

    /** A short note off the beat that leaves an inside note by step and returns to it. */
    record Neighbour(int around) implements Reason {
    }

    /** A short note off the beat, a semitone from the chord note that follows. */
    record Approach(int target) implements Reason {
    }

    /** Moved by so many semitones, upward positive. */
    record BySemitones(int semitones) implements Reason {
    }

    /** Moved by whole octaves, upward positive. */
    record ByOctaves(int octaves) implements Reason {
    }

    /** Moved along the scale, upward positive; degrees as text. */
    record ByDegrees(int places, String from, String to) implements Reason {
    }

    /** The same degree in another key; degrees and keys as text. */
    record SameDegree(String from, String fromKey, String to, String toKey) implements Reason {
    }

    /** Mirrored about a pitch. */
    record Mirrored(int axis) implements Reason {
    }

    /** Takes the pitch that stands as far from the end as this note from the beginning. */
    record Reversed() implements Reason {
    }

    /** Takes its place from the end, in time. */
    record ReversedInTime() implements Reason {
    }

    /** Brought into a range by whole octaves, upward positive. */
    record Folded(int octaves) implements Reason {
    }

    /** Drawn to a grid: by how many ticks the start and the end moved, later positive. */
    record OnGrid(String grid, long start, long end) implements Reason {
    }

    /** What made a note longer or shorter. */
    enum LengthCause {
        /** It lasts until the next note of its voice. */
        TO_NEXT,
        /** It is cut to a share of the way to the next note. */
        STACCATO,
        /** A share of its own length. */
        SHARE,
        /** Ticks added or taken. */
        OFFSET,
        /** It reached a little into the next note. */
        OVERLAP,
        /** A small gap before the next note is closed. */
        GAP,
        /** All the notes together are stretched to fill a span. */
        FILL
    }

    /** Longer or shorter by so many ticks. */
    record LengthChanged(LengthCause cause, long ticks) implements Reason {
    }

    /** The nearest note of the chord at least so far from the tune, as text. */
    record NearestChordNote(String line) implements Reason {
    }

    /** Made from the progression: which member of which chord, as text. */
    record FromChord(String chord, String member) implements Reason {
    }

    /** Where there is no chord, the nearest note of the scale. */
    record ScaleWithoutChord(int chosen) implements Reason {
    }

    /** No chord holds here, and such notes are left alone. */
    record NoChordHere() implements Reason {
    }

    /** Ends where another chord begins, as text; until then the member of its own. */
    record CutAtChord(String chord, String member, String next) implements Reason {
    }

    /** What falls on a strong beat takes a note of the chord: which chord and which member, as text. */
    record OnStrongBeat(String chord, String member) implements Reason {
    }

    /**
     * Rubs against a chord and is left so.
     *
     * @param member the member a semitone below it, as text; empty where it is merely none of the chord
     * @param down the next chord note below, a MIDI pitch or −1
     * @param up the next chord note above, a MIDI pitch or −1
     */
    record Clashing(String chord, String member, int down, int up) implements Reason {
    }

    /** A note of the scale between notes of the chord. */
    record BetweenChordNotes(int chosen) implements Reason {
    }

    /** Leads into the note that follows on a strong beat, by a semitone or by a step of the scale. */
    record LeadsTo(int target, boolean bySemitone) implements Reason {
    }

    /** The same member of another chord: which, and of which chord it was, as text. */
    record SameMember(String member, String from, String to) implements Reason {
    }

    /** A figure that repeats stands in its place. */
    record FigureInstead() implements Reason {
    }

    /** So many scale steps above a member of a chord, as text, downward negative, and semitones beside that step. */
    record BesideMember(int steps, int alteration, String member, String chord) implements Reason {
    }

    /** A harmony line stays on a note that both chords have. */
    record CommonNote(int held) implements Reason {
    }

    /** A harmony line, as text, moved by so many octaves so as not to cross the tune, upward positive. */
    record NotCrossing(String line, int octaves) implements Reason {
    }
}
