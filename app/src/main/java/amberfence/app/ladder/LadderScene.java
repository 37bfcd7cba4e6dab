package amberfence.app.ladder;

import amberfence.app.session.Results;
import amberfence.notes.FenceLine;
import amberfence.notes.Note;
import amberfence.result.Standing;
import amberfence.song.Part;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.IntPredicate;

/** What the ladder shows of a part: its notes and how they stand, ready to find those of a span of time quickly. */
final class LadderScene {
    static final LadderScene EMPTY = new LadderScene(null, null, List.of(), Map.of());
    private final Results results;
    private final Part part;
    /** As the results give them. */
    private final List<Standing> standings;
    private final List<Standing> notes;
    private final Map<Long, Note> waiting;
    /** For each note the earlier of the beginnings that it had and has; they never go back. */
    private final long[] begins;
    /** For each note the latest end of it and all before it. */
    private final long[] latestEnd;

    /** The scene of other results, of which the notes are the same. */
    private LadderScene(Results results, Part part, LadderScene same, Map<Long, Note> waiting) {
        this.waiting = waiting;
        this.results = results;
        this.part = part;
        this.standings = same.standings;
        this.notes = same.notes;
        this.begins = same.begins;
        this.latestEnd = same.latestEnd;
    }

    private LadderScene(Results results, Part part, List<Standing> standings, Map<Long, Note> waiting) {
        this.waiting = waiting;
        this.results = results;
        this.part = part;
        this.standings = standings;
        this.begins = new long[standings.size()];
        this.latestEnd = new long[standings.size()];
        this.notes = index(standings) ? standings : standings.stream().sorted(Comparator.comparingLong(LadderScene::begin)).toList();
        if (notes != standings) {
            index(notes);
        }
    }

    /** Keeps when each note begins and ends; tells whether they are in the order in which they begin, which a step may have changed. */
    private boolean index(List<Standing> inOrder) {
        Standing[] all = inOrder.toArray(new Standing[0]);
        boolean sorted = true;
        long latest = 0;
        for (int i = 0; i < begins.length; i++) {
            Note before = all[i].before();
            Note now = all[i].shown(false);
            begins[i] = Math.min(before.start(), now.start());
            sorted = sorted && (i == 0 || begins[i] >= begins[i - 1]);
            latest = Math.max(latest, Math.max(before.end(), now.end()));
            latestEnd[i] = latest;
        }
        return sorted;
    }

    /**
     * @param openStep the step that is open, or null; where it is switched off, where it would take notes is shown
     * @param before the scene so far, of which what is the same is kept
     */
    static LadderScene of(Results results, Part part, Long openStep, LadderScene before) {
        List<Standing> standings = results.standings(part.id());
        Map<Long, Note> waiting = new HashMap<>();
        if (openStep != null) {
            results.waiting(part.id(), openStep).ifPresent(stage -> stage.outcome().changes().stream()
                    .filter(change -> change.after().size() == 1).forEach(change -> waiting.put(change.note().id(), change.after().get(0))));
        }
        return standings == before.standings ? new LadderScene(results, part, before, waiting)
                : new LadderScene(results, part, standings, waiting);
    }

    private static long begin(Standing standing) {
        return Math.min(standing.before().start(), standing.shown(false).start());
    }

    /** Where the open step would take a note, were it switched on. */
    Optional<Note> waiting(long id) {
        return Optional.ofNullable(waiting.get(id));
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

    /** All notes, in the order in which they begin or began. */
    List<Standing> notes() {
        return notes;
    }

    FenceLine fence() {
        return results.fence();
    }

    /** When a note of the list begins or began, whichever is earlier. */
    long begin(int index) {
        return begins[index];
    }

    Optional<Standing> note(long id) {
        return notes.stream().filter(note -> note.before().id() == id).findFirst();
    }

    /** The index of the first note that may still sound at a tick. */
    int firstAt(double tick) {
        return first(index -> latestEnd[index] > tick);
    }

    /** The index of the first note that begins at a tick or later. */
    int firstFrom(double tick) {
        return first(index -> begins[index] >= tick);
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
}
