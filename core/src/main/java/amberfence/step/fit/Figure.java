package amberfence.step.fit;

import amberfence.theory.Chord;
import amberfence.theory.MusicTextException;
import amberfence.words.Texts;
import java.util.Comparator;
import java.util.List;

/**
 * A short pattern written in places of a chord instead of pitches, so that it can be played over any chord.
 *
 * @param home symbol of the chord over which it was written; empty for the first chord that there is
 * @param length ticks until it begins again, at least 1
 * @param notes in order of time, each beginning before the length is over
 */
public record Figure(String home, long length, List<Note> notes) {
    /**
     * A note of a figure.
     *
     * @param start ticks from the beginning of the figure
     * @param place 0 the root or the lowest voice, 1 the next member or voice …; more than there are count on an octave up
     * @param octave octaves above the chord's own place near middle C
     * @param steps scale steps above that place, for what is no chord note
     * @param alteration semitones above the step, for what is outside the scale
     */
    public record Note(long start, long length, int place, int octave, int steps, int alteration, int velocity) {
        public Note {
            if (start < 0 || length < 1 || place < 0) {
                throw new IllegalArgumentException(Texts.say("a note of a figure begins at 0 or later, has a length, and a place of the chord from 0, "
                        + "not %s, %s and %s", start, length, place));
            }
        }

        /** A note on a place of the chord. */
        public static Note of(long start, long length, int place, int octave) {
            return new Note(start, length, place, octave, 0, 0, USUAL_VELOCITY);
        }
    }

    private static final int USUAL_VELOCITY = 80;
    /** No figure of its own: the part's own notes are meant. */
    public static final Figure OWN_NOTES = new Figure("", 1, List.of());

    public Figure {
        home = home == null ? "" : home;
        notes = notes == null ? List.of() : notes.stream().sorted(Comparator.comparingLong(Note::start).thenComparingInt(Note::place))
                .toList();
        if (length < 1) {
            throw new IllegalArgumentException(Texts.say("a figure lasts at least a tick, not %s", length));
        }
        long end = length;
        if (notes.stream().anyMatch(note -> note.start() >= end)) {
            throw new IllegalArgumentException(Texts.say("every note of a figure begins before it is over, at tick %s", length));
        }
        checkHome(home);
    }

    /** Fails in words when a text is no chord symbol; nothing is allowed. */
    static void checkHome(String home) throws MusicTextException {
        if (!home.isBlank()) {
            Chord.parse(home);
        }
    }

    /** Whether the part's own notes are meant. */
    public boolean isOwnNotes() {
        return equals(OWN_NOTES);
    }

    public boolean isEmpty() {
        return notes.isEmpty();
    }

    public Figure withNotes(List<Note> newNotes) {
        return new Figure(home, length, newNotes);
    }

    /** Longer or shorter; notes that begin too late go. */
    public Figure withLength(long newLength) {
        return new Figure(home, newLength, notes.stream().filter(note -> note.start() < newLength).toList());
    }
}
