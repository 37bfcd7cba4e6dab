package amberfence.format.midi;

import amberfence.notes.Line;
import amberfence.notes.NoteColumns;
import amberfence.notes.NoteIndex;
import java.util.BitSet;
import java.util.Collection;
import java.util.List;

/** The notes to write by their identities, and what becomes of each. Few bytes a note, for there may be millions. */
final class PlacedNotes {
    private final NoteIndex notes;
    private final BitSet found = new BitSet();
    private final BitSet edited = new BitSet();
    private boolean areAllFound;
    /** The line that was looked at last, mostly the next one too: its notes, and which of all notes they are. */
    private NoteColumns line = NoteColumns.of(List.of());
    private int from;
    private int to;

    PlacedNotes(Collection<Line> lines) {
        notes = new NoteIndex(lines);
    }

    int size() {
        return notes.size();
    }

    /** The index of a note, below 0 for one that is not to be written. */
    int at(long id) {
        return notes.place(id);
    }

    /** The notes of the line that a note is in. */
    NoteColumns columns(int index) {
        if (index < from || index >= to) {
            line = notes.line(index).columns();
            from = index - notes.placeInLine(index);
            to = from + line.size();
        }
        return line;
    }

    /** Where a note stands in its line. */
    int place(int index) {
        return index >= from && index < to ? index - from : notes.placeInLine(index);
    }

    /** Notes that a note that begins at a tick stands where the source file has it. */
    void find(long tick, long id) {
        int index = at(id);
        if (index >= 0 && columns(index).start(place(index)) == tick) {
            found.set(index);
        }
    }

    /** All notes stand where the source file has them. */
    void findAll() {
        found.set(0, size());
        areAllFound = true;
    }

    /** Whether a note has its place among the events of the source file. */
    boolean isFound(int index) {
        return index >= 0 && found.get(index);
    }

    /** Whether all notes of a line have theirs. */
    boolean areFound(Line line) {
        if (areAllFound) {
            return true;
        }
        for (int i = 0; i < line.size(); i++) {
            if (!isFound(at(line.columns().id(i)))) {
                return false;
            }
        }
        return true;
    }

    /** Whether a note ends where the source file has its end; one that ended at once has the shortest length there is. */
    boolean endsAt(int index, long tick) {
        NoteColumns now = columns(index);
        int place = place(index);
        return now.end(place) == tick || now.start(place) == tick && now.length(place) == 1;
    }

    /** Whether a note that begins where the source file has it ends elsewhere than there. */
    boolean isMoved(long id, long tick) {
        int index = at(id);
        return isFound(index) && !endsAt(index, tick);
    }

    /** Compares the notes of a line that are written with what the source file says. */
    void compare(Line now, Line original) {
        NoteColumns before = original.columns();
        if (!original.isEmpty() && now.columns().areWhere(before)) {
            int first = at(before.id(0));
            now.columns().tellDifferent(before, place -> edited.set(first + place));
            return;
        }
        for (int i = 0; i < original.size(); i++) {
            int index = at(before.id(i));
            if (index >= 0) {
                edited.set(index, !columns(index).isSame(place(index), before, i));
            }
        }
    }

    /** Whether a note differs from what the source file says. */
    boolean isEdited(int index) {
        return edited.get(index);
    }
}
