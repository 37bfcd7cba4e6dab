package amberfence.format.midi;

import amberfence.notes.Line;
import amberfence.notes.Note;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Collection;
import java.util.Comparator;

/** The notes to write by their identities, and what becomes of each. Few bytes a note, for there may be millions. */
final class PlacedNotes {
    /** By identity. */
    private final Note[] notes;
    private final BitSet found = new BitSet();
    private final BitSet edited = new BitSet();

    PlacedNotes(Collection<Line> lines) {
        notes = lines.stream().flatMap(line -> line.notes().stream()).toArray(Note[]::new);
        Arrays.sort(notes, Comparator.comparingLong(Note::id));
    }

    int size() {
        return notes.length;
    }

    /** The index of a note, below 0 for one that is not to be written. */
    int at(long id) {
        // The notes of a file that was read have numbers one after another, so most are found where they are looked for first.
        long guess = notes.length == 0 ? -1 : id - notes[0].id();
        if (guess >= 0 && guess < notes.length && notes[(int) guess].id() == id) {
            return (int) guess;
        }
        int low = 0;
        int high = notes.length - 1;
        while (low <= high) {
            int middle = (low + high) >>> 1;
            int difference = Long.compare(notes[middle].id(), id);
            if (difference == 0) {
                return middle;
            }
            if (difference < 0) {
                low = middle + 1;
            } else {
                high = middle - 1;
            }
        }
        return -1;
    }

    Note note(int index) {
        return notes[index];
    }

    /** Notes that a note stands where the source file has it. */
    void find(int index) {
        found.set(index);
    }

    /** Whether a note has its place among the events of the source file. */
    boolean isFound(long id) {
        int index = at(id);
        return index >= 0 && found.get(index);
    }

    /** Compares a note with what the source file says. */
    void compare(Note original) {
        int index = at(original.id());
        if (index >= 0) {
            edited.set(index, !notes[index].equals(original));
        }
    }

    /** Whether a note differs from what the source file says. */
    boolean isEdited(int index) {
        return edited.get(index);
    }
}
