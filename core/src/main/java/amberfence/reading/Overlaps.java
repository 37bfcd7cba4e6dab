package amberfence.reading;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.NoteColumns;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Small overlaps, which nobody hears and which quietly spoil later work: a note that reaches into the next note of its
 * voice, or into the next note of its pitch, by less than half of either.
 */
public final class Overlaps {
    /** A note, the one that it reaches into, and by how many ticks. */
    public record Overlap(Note note, Note next, long ticks) {
    }

    private Overlaps() {
    }

    /** All small overlaps of a line, in the order of the notes that begin first. */
    public static List<Overlap> of(Line line) {
        List<Overlap> found = new ArrayList<>();
        if (isOneByOne(line)) {
            return found;
        }
        int[] next = next(line);
        for (int i = 0; i < next.length; i++) {
            if (next[i] >= 0 && line.notes().get(next[i]).start() < line.notes().get(i).end()) {
                Note note = line.notes().get(i);
                Note after = line.notes().get(next[i]);
                found.add(new Overlap(note, after, note.end() - after.start()));
            }
        }
        return found;
    }

    /** Whether each note ends before the next begins: then nothing can overlap, and no voices need be told apart. */
    private static boolean isOneByOne(Line line) {
        long end = 0;
        NoteColumns notes = line.columns();
        for (int i = 0; i < notes.size(); i++) {
            if (end > notes.start(i)) {
                return false;
            }
            end = notes.end(i);
        }
        return true;
    }

    /**
     * For each note of a line the index of the one after it: the next of its pitch when it reaches into that, else the
     * next of its voice; −1 when there is none.
     */
    public static int[] next(Line line) {
        List<Note> notes = line.notes();
        int[] next = VoiceSplitter.next(notes);
        Map<Integer, Integer> samePitch = new HashMap<>();
        for (int i = 0; i < notes.size(); i++) {
            Note note = notes.get(i);
            Integer before = samePitch.put(note.channel() << 7 | note.pitch(), i);
            if (before != null && notes.get(before).end() > note.start() && notes.get(before).start() < note.start()) {
                int known = next[before];
                next[before] = known < 0 || notes.get(known).start() > note.start() ? i : known;
            }
        }
        return next;
    }
}
