package amberfence.step;

import amberfence.notes.Line;
import amberfence.notes.NoteColumns;
import amberfence.notes.NoteIndex;
import java.util.List;

/** Finds pairs of notes of one channel that sound one pitch at the same time and did not before. */
final class Unisons {
    private Unisons() {
    }

    /** Adds a finding for each pair. */
    static void find(Line before, Line out, List<Finding> findings) {
        NoteColumns notes = out.columns();
        int[] sounding = new int[16 * 128];
        long[] ends = new long[sounding.length];
        NoteIndex old = null;
        for (int note = 0; note < notes.size(); note++) {
            int voice = notes.channel(note) << 7 | notes.pitch(note);
            long end = notes.end(note);
            if (ends[voice] > notes.start(note)) {
                int earlier = sounding[voice];
                old = old == null ? new NoteIndex(List.of(before)) : old;
                if (!isUnison(old, old.place(notes.id(earlier)), old.place(notes.id(note)))) {
                    findings.add(new Finding.Unison(out.at(earlier), out.at(note)));
                }
            }
            if (ends[voice] < end) {
                sounding[voice] = note;
                ends[voice] = end;
            }
        }
    }

    private static boolean isUnison(NoteIndex notes, int a, int b) {
        return a >= 0 && b >= 0 && notes.at(a).pitch() == notes.at(b).pitch() && notes.at(a).overlaps(notes.at(b));
    }
}
