package amberfence.step.fence;

import amberfence.song.Note;
import amberfence.step.Finding;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Finds pairs of notes of one channel that sound one pitch at the same time and did not before. */
final class Unisons {
    private Unisons() {
    }

    /** Adds a finding for each pair; {@code out} is in the order of starts. */
    static void find(List<Note> before, List<Note> out, List<Finding> findings) {
        Note[] sounding = new Note[16 * 128];
        Map<Long, Integer> pitches = null;
        for (Note note : out) {
            int voice = note.channel() << 7 | note.pitch();
            Note earlier = sounding[voice];
            if (earlier != null && earlier.end() > note.start()) {
                pitches = pitches == null ? pitches(before) : pitches;
                if (!pitches.get(earlier.id()).equals(pitches.get(note.id()))) {
                    findings.add(new Finding.Unison(earlier, note));
                }
            }
            if (earlier == null || earlier.end() < note.end()) {
                sounding[voice] = note;
            }
        }
    }

    private static Map<Long, Integer> pitches(List<Note> notes) {
        Map<Long, Integer> pitches = new HashMap<>(notes.size() * 2);
        notes.forEach(note -> pitches.put(note.id(), note.pitch()));
        return pitches;
    }
}
