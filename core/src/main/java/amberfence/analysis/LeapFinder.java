package amberfence.analysis;

import amberfence.notes.Note;
import amberfence.notes.Role;
import amberfence.reading.VoiceSplitter;
import amberfence.theory.PitchClass;
import amberfence.theory.Range;
import amberfence.words.Texts;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Leaps of more than an octave in a line that an octave would mend: listed once, at the note which, an octave nearer, leaves no leap
 * over an octave on either side (large leaps are the exception in a line; Kostka and Payne, Tonal Harmony, from memory). Parts
 * of chords have none.
 */
final class LeapFinder implements Finder {
    private static final int NONE = -1;
    /** So many notes on either side say in which voice a note is. */
    private static final int AROUND = 48;

    @Override
    public List<Doubt> find(PartReading reading) {
        List<Doubt> found = new ArrayList<>();
        if (reading.part().role() == Role.CHORDS) {
            return found;
        }
        List<Note> notes = reading.line().notes();
        int[] previous = VoiceSplitter.previous(notes);
        int[] next = VoiceSplitter.next(previous);
        Set<Integer> told = new HashSet<>();
        for (int i = 0; i < notes.size(); i++) {
            if (previous[i] == NONE || !isLeap(notes.get(previous[i]).pitch(), notes.get(i).pitch()) || told.contains(previous[i])) {
                continue;
            }
            if (!mended(i, notes, previous, next, reading, told, found)) {
                mended(previous[i], notes, previous, next, reading, told, found);
            }
        }
        return found;
    }

    private static boolean isLeap(int pitch, int other) {
        return Math.abs(pitch - other) > PitchClass.COUNT;
    }

    /** Whether the note, moved, stays in a voice where it leaps no more: among several voices it may come into another. */
    private static boolean staysMended(List<Note> notes, int at, int pitch) {
        int from = Math.max(0, at - AROUND);
        List<Note> around = new ArrayList<>(notes.subList(from, Math.min(notes.size(), at + AROUND)));
        if (isOneVoice(around)) {
            return true;
        }
        Note moved = around.get(at - from).withPitch(pitch);
        around.set(at - from, moved);
        around.sort(Note.IN_TIME);
        int now = around.indexOf(moved);
        int[] previous = VoiceSplitter.previous(around);
        int before = previous[now];
        int after = VoiceSplitter.next(previous)[now];
        return (before == NONE || !isLeap(around.get(before).pitch(), pitch)) && (after == NONE || !isLeap(around.get(after).pitch(), pitch));
    }

    private static boolean isOneVoice(List<Note> notes) {
        for (int i = 1; i < notes.size(); i++) {
            if (notes.get(i).start() < notes.get(i - 1).end()) {
                return false;
            }
        }
        return true;
    }

    private static boolean mended(int at, List<Note> notes, int[] previous, int[] next, PartReading reading, Set<Integer> told, List<Doubt> found) {
        Note note = notes.get(at);
        for (int by : new int[] {PitchClass.COUNT, -PitchClass.COUNT}) {
            int pitch = note.pitch() + by;
            boolean before = previous[at] == NONE || !isLeap(notes.get(previous[at]).pitch(), pitch);
            boolean after = next[at] == NONE || !isLeap(notes.get(next[at]).pitch(), pitch);
            if (Range.PITCH.contains(pitch) && before && after && staysMended(notes, at, pitch)) {
                told.add(at);
                found.add(new Doubt(DoubtKind.LEAP, reading.part().id(), List.of(note),
                        names -> Texts.say("%s leaps by more than an octave; an octave nearer it would not", names.apply(note.pitch())),
                        List.of(new Mend.ToPitch(note.id(), pitch))));
                return true;
            }
        }
        return false;
    }
}
