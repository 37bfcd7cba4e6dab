package amberfence.step.fit;

import amberfence.notes.Note;
import amberfence.step.ChordSource.Gaps;
import amberfence.step.Surroundings;
import amberfence.step.Work;

/** What becomes of the notes over which no chord rules: they go to the scale, or are left alone; how many is told. */
final class Chordless {
    private final Surroundings around;
    private final boolean scaleCounts;
    private int notes;

    Chordless(Gaps gaps, Surroundings around) {
        this.around = around;
        this.scaleCounts = gaps != Gaps.LEAVE;
    }

    /** The pitch that such a note takes. */
    int pitch(Note note) {
        return scaleCounts && !around.fence().isInside(note) ? around.fence().nearestInside(note.start(), note.pitch(), false)
                : note.pitch();
    }

    /** Puts the note into the books, with the pitch that it takes by itself. */
    void treat(Note note, Work work) {
        treat(note, pitch(note), work);
    }

    /** Puts the note into the books, with a pitch that the line around it asks for. */
    void treat(Note note, int pitch, Work work) {
        if (!around.picked().contains(note)) {
            work.keep(note);
            return;
        }
        notes++;
        if (scaleCounts) {
            work.change(note, note.withPitch(pitch), new FitReason.ScaleWithoutChord(pitch));
        } else {
            work.leave(note, new FitReason.NoChordHere());
        }
    }

    /** Tells how many there were. */
    void report(Work work) {
        if (notes > 0) {
            work.find(new FitFinding.NoChordThere(notes, scaleCounts));
        }
    }
}
