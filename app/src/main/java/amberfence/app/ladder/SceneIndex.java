package amberfence.app.ladder;

import amberfence.notes.Note;
import amberfence.notes.SharedEnds;
import amberfence.result.Standing;
import java.util.Arrays;
import java.util.List;
import java.util.function.IntPredicate;

/** When the notes of a part begin and end, in ticks, to find those of a span of time quickly. */
final class SceneIndex {
    static final SceneIndex EMPTY = new SceneIndex();
    private final Standing[] notes;
    /** For each note the earlier of the beginnings that it had and has. */
    private final long[] begins;
    /** For each note the latest end of it and all before it. */
    private final long[] latestEnd;

    private SceneIndex() {
        notes = new Standing[0];
        begins = new long[0];
        latestEnd = new long[0];
    }

    /** @param before an index of which what is the same at both ends is taken over: an edit changes little of a long part */
    SceneIndex(List<Standing> inOrder, SceneIndex before) {
        notes = inOrder.toArray(Standing[]::new);
        SharedEnds same = SharedEnds.of(notes, before.notes);
        begins = spliced(before.begins, same.last());
        latestEnd = spliced(before.latestEnd, same.last());
        int changedTo = notes.length - same.last();
        long latest = same.first() == 0 ? 0 : latestEnd[same.first() - 1];
        for (int i = same.first(); i < notes.length; i++) {
            Note was = notes[i].before();
            Note is = notes[i].shown(false);
            begins[i] = Math.min(was.start(), is.start());
            latest = Math.max(latest, Math.max(was.end(), is.end()));
            if (i >= changedTo && latestEnd[i] == latest) {
                break;
            }
            latestEnd[i] = latest;
        }
    }

    /** As many as there are notes now, the first and the last as they were. */
    private long[] spliced(long[] before, int last) {
        long[] now = Arrays.copyOf(before, notes.length);
        if (now.length != before.length) {
            System.arraycopy(before, before.length - last, now, now.length - last, last);
        }
        return now;
    }

    /** Whether no note begins before the one in front of it; a step may have changed that. */
    boolean isInOrder() {
        for (int i = 1; i < begins.length; i++) {
            if (begins[i] < begins[i - 1]) {
                return false;
            }
        }
        return true;
    }

    /** When a note begins or began, whichever is earlier. */
    long begin(int index) {
        return begins[index];
    }

    /** The index of the first note that may still sound at a tick. */
    int firstAt(double tick) {
        return first(notes.length, index -> latestEnd[index] > tick);
    }

    /** The index of the first note that begins at a tick or later. */
    int firstFrom(double tick) {
        return first(notes.length, index -> begins[index] >= tick);
    }

    /** The first index of so many from which on a condition holds; the count where it holds for none. */
    static int first(int count, IntPredicate holds) {
        int low = 0;
        int high = count;
        while (low < high) {
            int middle = (low + high) / 2;
            if (holds.test(middle)) {
                high = middle;
            } else {
                low = middle + 1;
            }
        }
        return low;
    }
}
