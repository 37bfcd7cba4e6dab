package amberfence.reading;

import amberfence.notes.Note;
import amberfence.notes.TimeMap;
import amberfence.theory.PitchClass;
import amberfence.theory.PitchClassSet;
import java.util.Optional;

/**
 * Notes of a line that clash with the chord over them. What passes by does not count: a note clashes when it is held for
 * at least half a main beat on a strong beat, or for a whole main beat anywhere.
 */
public final class Clashes {
    /** In which way a note stands against the chord. */
    public enum Kind {
        /** A semitone above a chord note, the sharpest (a minor ninth; Levine, The Jazz Theory Book, 1995, from memory). */
        SEMITONE_ABOVE,
        /** No note of the chord, on a strong beat. */
        STRANGER
    }

    /**
     * A note that clashes.
     *
     * @param chord index of the chord that rules it
     * @param against the pitch of the chord note a semitone below it; its own where it is only a stranger
     */
    public record Clash(Note note, int chord, Kind kind, int against) {
    }

    private Clashes() {
    }

    /** How a note clashes, if it does. */
    public static Optional<Clash> of(Note note, RulingChords ruling, TimeMap time) {
        int chord = ruling.over(note);
        if (chord == RulingChords.NONE || ruling.notes(chord).containsPitch(note.pitch())) {
            return Optional.empty();
        }
        long pulse = time.pulseLength(note.start());
        boolean strong = BeatPlace.of(note.start(), time).isStrong() && 2 * note.length() >= pulse;
        boolean held = note.length() >= pulse;
        PitchClassSet notes = ruling.notes(chord);
        boolean semitoneAbove = notes.contains(PitchClass.of(note.pitch()).plus(-1));
        if (semitoneAbove && (strong || held)) {
            return Optional.of(new Clash(note, chord, Kind.SEMITONE_ABOVE, Math.max(0, note.pitch() - 1)));
        }
        return strong ? Optional.of(new Clash(note, chord, Kind.STRANGER, note.pitch())) : Optional.empty();
    }
}
