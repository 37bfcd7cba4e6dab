package amberfence.reading;

import amberfence.notes.Line;
import amberfence.notes.NoteArrays;
import amberfence.notes.Role;
import amberfence.theory.PitchClass;

/** Guesses what a pitched part is for: chords when notes mostly sound with others, bass when low, else melody. */
public final class RoleGuess {
    /** The E below middle C's octave: parts whose middle lies under it are taken for basses. */
    private static final int BASS_BELOW = 52;

    private RoleGuess() {
    }

    public static Role of(Line line) {
        NoteArrays notes = NoteArrays.of(line.columns());
        if (line.isEmpty()) {
            return Role.MELODY;
        }
        if (joining(notes) * 3 >= notes.size()) {
            return Role.CHORDS;
        }
        int below = 0;
        for (int i = 0; i < notes.size(); i++) {
            below += notes.pitch(i) < BASS_BELOW ? 1 : 0;
        }
        return below > notes.size() / 2 ? Role.BASS : Role.MELODY;
    }

    /**
     * How many notes begin while one of another name sounds, and go on with it for half of the shorter of the two. Players never
     * strike a chord at once, and a tune that is bound reaches a little into its next note; an octave is no chord.
     */
    private static int joining(NoteArrays notes) {
        // Of each pitch class when the note ends that sounds longest, and how long that is.
        long[] ends = new long[PitchClass.COUNT];
        long[] lengths = new long[PitchClass.COUNT];
        int joining = 0;
        for (int i = 0; i < notes.size(); i++) {
            int name = notes.pitch(i) % PitchClass.COUNT;
            long start = notes.start(i);
            long end = notes.end(i);
            boolean joins = false;
            for (int other = 0; other < PitchClass.COUNT && !joins; other++) {
                joins = other != name && ends[other] > start
                        && 2 * (Math.min(ends[other], end) - start) >= Math.min(lengths[other], end - start);
            }
            joining += joins ? 1 : 0;
            if (ends[name] < end) {
                ends[name] = end;
                lengths[name] = end - start;
            }
        }
        return joining;
    }
}
