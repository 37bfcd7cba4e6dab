package amberfence.reading;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.Role;
import java.util.List;

/** Guesses what a pitched part is for: chords when notes mostly sound together, bass when low, else melody. */
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
        int together = 0;
        for (int i = 1; i < notes.size(); i++) {
            together += notes.get(i).start() == notes.get(i - 1).start() ? 1 : 0;
        }
        if (together * 3 >= notes.size()) {
            return Role.CHORDS;
        }
        int below = 0;
        for (Note note : notes) {
            below += note.pitch() < BASS_BELOW ? 1 : 0;
        }
        return below > notes.size() / 2 ? Role.BASS : Role.MELODY;
    }
}
