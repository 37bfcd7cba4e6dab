package amberfence.step.pick;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.reading.Overlaps;
import amberfence.step.Surroundings;
import java.util.List;

/** A line with what conditions ask about it; each fact is worked out when it is first asked for. */
public final class PickedLine {
    private final Line line;
    private final List<Note> notes;
    private final Surroundings around;
    private int[] lower;
    private int[] higher;
    private int[] lowest;
    private int[] onsets;
    private int[] next;

    PickedLine(Line line, Surroundings around) {
        this.line = line;
        this.notes = line.notes();
        this.around = around;
    }

    Note note(int index) {
        return notes.get(index);
    }

    Surroundings around() {
        return around;
    }

    /** How many notes that sound together with this one are lower. */
    int lower(int index) {
        findTogether();
        return lower[index];
    }

    int higher(int index) {
        findTogether();
        return higher[index];
    }

    /** The lowest pitch that sounds together with this note. */
    int lowestTogether(int index) {
        findTogether();
        return lowest[index];
    }

    /** The number of its beginning among the beginnings of the line, from 0. */
    int onset(int index) {
        if (onsets == null) {
            onsets = new int[notes.size()];
            for (int i = 1; i < onsets.length; i++) {
                onsets[i] = onsets[i - 1] + (notes.get(i).start() == notes.get(i - 1).start() ? 0 : 1);
            }
        }
        return onsets[index];
    }

    boolean isOverlapping(int index) {
        if (next == null) {
            next = Overlaps.next(line);
        }
        return next[index] >= 0 && notes.get(next[index]).start() < notes.get(index).end();
    }

    /** Notes sound together when they begin together, or when more than half of the shorter one sounds with the other. */
    private void findTogether() {
        if (lower != null) {
            return;
        }
        int size = notes.size();
        lower = new int[size];
        higher = new int[size];
        lowest = new int[size];
        int[] sounding = new int[size];
        int count = 0;
        for (int i = 0; i < size; i++) {
            Note note = notes.get(i);
            lowest[i] = note.pitch();
            int kept = 0;
            for (int k = 0; k < count; k++) {
                Note earlier = notes.get(sounding[k]);
                if (earlier.end() > note.start()) {
                    meet(sounding[k], i);
                    sounding[kept++] = sounding[k];
                }
            }
            sounding[kept] = i;
            count = kept + 1;
        }
    }

    private void meet(int a, int b) {
        Note first = notes.get(a);
        Note second = notes.get(b);
        long together = Math.min(first.end(), second.end()) - second.start();
        if (first.start() != second.start() && 2 * together <= Math.min(first.length(), second.length())) {
            return;
        }
        boolean firstLower = first.pitch() < second.pitch() || first.pitch() == second.pitch() && a < b;
        higher[firstLower ? a : b]++;
        lower[firstLower ? b : a]++;
        lowest[a] = Math.min(lowest[a], second.pitch());
        lowest[b] = Math.min(lowest[b], first.pitch());
    }
}
