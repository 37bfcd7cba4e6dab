package amberfence.format.midi;

import amberfence.notes.Line;
import amberfence.notes.Note;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Collection;
import java.util.Comparator;

/** The notes to write by their identities, and what becomes of each. Few bytes a note, for there may be millions. */
final class PlacedNotes {
    /** How many places there may be for each note, so that each has a place of its own. */
    private static final int ROOM = 2;
    /**
     * The notes of a file that was read have numbers one after another: each then stands at its number, with nothing where one
     * is missing. Numbers far apart are put in order instead.
     */
    private final Note[] notes;
    private final int size;
    private final boolean isPlaced;
    private final long first;
    private final BitSet found = new BitSet();
    private final BitSet edited = new BitSet();

    PlacedNotes(Collection<Line> lines) {
        long lowest = Long.MAX_VALUE;
        long highest = Long.MIN_VALUE;
        int count = 0;
        for (Line line : lines) {
            for (Note note : line.notes()) {
                lowest = Math.min(lowest, note.id());
                highest = Math.max(highest, note.id());
                count++;
            }
        }
        size = count;
        first = lowest;
        isPlaced = count > 0 && highest - lowest < (long) ROOM * count;
        notes = new Note[isPlaced ? (int) (highest - lowest) + 1 : count];
        int next = 0;
        for (Line line : lines) {
            for (Note note : line.notes()) {
                notes[isPlaced ? (int) (note.id() - lowest) : next++] = note;
            }
        }
        if (!isPlaced) {
            Arrays.sort(notes, Comparator.comparingLong(Note::id));
        }
    }

    int size() {
        return size;
    }

    /** The index of a note, below 0 for one that is not to be written. */
    int at(long id) {
        if (isPlaced) {
            long index = id - first;
            return index >= 0 && index < notes.length && notes[(int) index] != null ? (int) index : -1;
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
