package amberfence.step;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.NoteIndex;
import java.util.List;

/** Finds pairs of notes of one channel that sound one pitch at the same time and did not before. */
final class Unisons {
    private Unisons() {
    }

    /** Adds a finding for each pair. */
    static void find(Line before, Line out, List<Finding> findings) {
        Note[] sounding = new Note[16 * 128];
        long[] ends = new long[sounding.length];
        NoteIndex old = null;
        for (Note note : out.notes()) {
            int voice = note.channel() << 7 | note.pitch();
            if (ends[voice] > note.start()) {
                Note earlier = sounding[voice];
                old = old == null ? new NoteIndex(List.of(before)) : old;
                if (!isUnison(old, old.place(earlier.id()), old.place(note.id()))) {
                    findings.add(new Finding.Unison(earlier, note));
                }
            }
            if (ends[voice] < note.end()) {
                sounding[voice] = note;
                ends[voice] = note.end();
            }
        }
    }

    private static boolean isUnison(NoteIndex notes, int a, int b) {
        return a >= 0 && b >= 0 && notes.at(a).pitch() == notes.at(b).pitch() && notes.at(a).overlaps(notes.at(b));
    }
}
