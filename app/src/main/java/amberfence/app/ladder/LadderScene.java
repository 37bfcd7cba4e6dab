package amberfence.app.ladder;

import amberfence.app.session.Results;
import amberfence.song.FenceLine;
import amberfence.song.Part;
import amberfence.step.Standing;
import java.util.List;
import java.util.function.IntPredicate;

/** What the ladder shows of a part: its notes and how they stand, ready to find those of a span of time quickly. */
final class LadderScene {
    static final LadderScene EMPTY = new LadderScene(null, null, List.of());
    private final Results results;
    private final Part part;
    private final List<Standing> notes;
    /** For each note the latest end of it and all before it. */
    private final long[] latestEnd;

    private LadderScene(Results results, Part part, List<Standing> notes) {
        this.results = results;
        this.part = part;
        this.notes = notes;
        this.latestEnd = new long[notes.size()];
        long latest = 0;
        for (int i = 0; i < latestEnd.length; i++) {
            latest = Math.max(latest, notes.get(i).before().end());
            latestEnd[i] = latest;
        }
    }

    static LadderScene of(Results results, Part part) {
        return new LadderScene(results, part, Standing.of(results.song(), part, results.part(part.id())));
    }

    boolean isEmpty() {
        return part == null;
    }

    Part part() {
        return part;
    }

    Results results() {
        return results;
    }

    List<Standing> notes() {
        return notes;
    }

    FenceLine fence() {
        return results.fence();
    }

    /** The index of the first note that may still sound at a tick. */
    int firstAt(double tick) {
        return first(index -> latestEnd[index] > tick);
    }

    /** The index of the first note that begins at a tick or later. */
    int firstFrom(double tick) {
        return first(index -> notes.get(index).before().start() >= tick);
    }

    /** The first index from which on a condition holds. */
    private int first(IntPredicate holds) {
        int low = 0;
        int high = notes.size();
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

    /** The pitch at which a note is shown: where the steps put it, or where it was. */
    static int shownPitch(Standing standing, boolean before) {
        return before ? standing.before().pitch() : standing.after().orElse(standing.before()).pitch();
    }
}
