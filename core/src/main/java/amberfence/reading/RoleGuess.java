package amberfence.reading;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.Role;
import amberfence.theory.PitchClass;
import java.util.List;

/** Guesses what a pitched part is for: chords when notes mostly sound with others, bass when low, else melody. */
public final class RoleGuess {
    /** The E below middle C's octave: parts whose middle lies under it are taken for basses. */
    private static final int BASS_BELOW = 52;

    private RoleGuess() {
    }

    public static Role of(Line line) {
        List<Note> notes = line.notes();
        if (notes.isEmpty()) {
            return Role.MELODY;
        }
        if (joining(notes) * 3 >= notes.size()) {
            return Role.CHORDS;
        }
        int below = 0;
        for (Note note : notes) {
            below += note.pitch() < BASS_BELOW ? 1 : 0;
        }
        return below > notes.size() / 2 ? Role.BASS : Role.MELODY;
    }

    /**
     * How many notes begin while one of another name sounds, and go on with it for half of the shorter of the two. Players never
     * strike a chord at once, and a tune that is bound reaches a little into its next note; an octave is no chord.
     */
    private static int joining(List<Note> notes) {
        // Of each pitch class the note that sounds longest.
        Note[] sounding = new Note[PitchClass.COUNT];
        int joining = 0;
        for (Note note : notes) {
            int name = note.pitch() % PitchClass.COUNT;
            boolean joins = false;
            for (int other = 0; other < PitchClass.COUNT && !joins; other++) {
                joins = other != name && sounding[other] != null && soundsAlong(sounding[other], note);
            }
            joining += joins ? 1 : 0;
            if (sounding[name] == null || sounding[name].end() < note.end()) {
                sounding[name] = note;
            }
        }
        return joining;
    }

    private static boolean soundsAlong(Note earlier, Note note) {
        return 2 * (Math.min(earlier.end(), note.end()) - note.start()) >= Math.min(earlier.length(), note.length());
    }
}
