package amberfence.step;

import amberfence.notes.Line;
import amberfence.notes.Note;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Finds pairs of notes of one channel that sound one pitch at the same time and did not before. */
final class Unisons {
    private Unisons() {
    }

    /** Adds a finding for each pair. */
    static void find(Line before, Line out, List<Finding> findings) {
        Note[] sounding = new Note[16 * 128];
        Map<Long, Note> old = null;
        for (Note note : out.notes()) {
            int voice = note.channel() << 7 | note.pitch();
            Note earlier = sounding[voice];
            if (earlier != null && earlier.end() > note.start()) {
                old = old == null ? byId(before) : old;
                if (!isUnison(old.get(earlier.id()), old.get(note.id()))) {
                    findings.add(new Finding.Unison(earlier, note));
                }
            }
            if (earlier == null || earlier.end() < note.end()) {
                sounding[voice] = note;
            }
        }
    }

    private static boolean isUnison(Note a, Note b) {
        return a != null && b != null && a.pitch() == b.pitch() && a.overlaps(b);
    }

    private static Map<Long, Note> byId(Line line) {
        Map<Long, Note> notes = new HashMap<>(line.size() * 2);
        line.notes().forEach(note -> notes.put(note.id(), note));
        return notes;
    }
}
