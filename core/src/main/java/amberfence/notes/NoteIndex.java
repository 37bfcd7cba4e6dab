package amberfence.notes;

import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.Optional;

/** Notes by their identities, in few bytes a note: there may be millions. */
public final class NoteIndex {
    /** How many places there may be for each note, so that each has a place of its own. */
    private static final int ROOM = 2;
    /**
     * The notes of a file that was read have numbers one after another: each then stands at its number, with nothing where one
     * is missing. Numbers far apart are put in order instead.
     */
    private final Note[] notes;
    /** The identities of notes that are in order, nothing where each stands at its number. */
    private final long[] ids;
    private final int size;
    private final long first;

    /** @param lines whose notes have different identities */
    public NoteIndex(Collection<Line> lines) {
        long lowest = Long.MAX_VALUE;
        long highest = Long.MIN_VALUE;
        int count = 0;
        for (Line line : lines) {
            for (int i = 0; i < line.size(); i++) {
                lowest = Math.min(lowest, line.at(i).id());
                highest = Math.max(highest, line.at(i).id());
            }
            count += line.size();
        }
        size = count;
        first = lowest;
        // Below 0 when the numbers are farther apart than numbers go.
        long span = highest - lowest;
        boolean isPlaced = count > 0 && span >= 0 && span < (long) ROOM * count;
        notes = new Note[isPlaced ? (int) span + 1 : count];
        int next = 0;
        for (Line line : lines) {
            for (int i = 0; i < line.size(); i++) {
                notes[isPlaced ? (int) (line.at(i).id() - first) : next++] = line.at(i);
            }
        }
        if (!isPlaced) {
            Arrays.sort(notes, Comparator.comparingLong(Note::id));
        }
        ids = isPlaced ? null : Arrays.stream(notes).mapToLong(Note::id).toArray();
    }

    /** How many notes there are. */
    public int size() {
        return size;
    }

    /** The place of a note, below 0 where there is none of this identity. */
    public int place(long id) {
        if (ids != null) {
            return Arrays.binarySearch(ids, id);
        }
        long place = id - first;
        return place >= 0 && place < notes.length && notes[(int) place] != null ? (int) place : -1;
    }

    /** The note of an identity, if there is one. */
    public Optional<Note> find(long id) {
        int place = place(id);
        return place < 0 ? Optional.empty() : Optional.of(notes[place]);
    }

    /** @param place one that {@link #place} gave */
    public Note at(int place) {
        return notes[place];
    }
}
