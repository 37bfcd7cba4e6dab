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

/** What the ladder shows of a part: its notes and how they stand, ready to find those of a span of time quickly. */
final class LadderScene {
    static final LadderScene EMPTY = new LadderScene(null, null, List.of(), List.of(), SceneIndex.EMPTY, Map.of());
    private final Results results;
    private final Part part;
    /** As the results give them. */
    private final List<Standing> standings;
    private final List<Standing> notes;
    private final Map<Long, Note> waiting;
    private final SceneIndex index;

    private LadderScene(Results results, Part part, List<Standing> standings, List<Standing> notes, SceneIndex index, Map<Long, Note> waiting) {
        this.results = results;
        this.part = part;
        this.standings = standings;
        this.notes = notes;
        this.index = index;
        this.waiting = waiting;
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
        if (standings == before.standings) {
            return new LadderScene(results, part, standings, before.notes, before.index, waiting);
        }
        SceneIndex index = new SceneIndex(standings, before.index);
        if (index.isInOrder()) {
            return new LadderScene(results, part, standings, standings, index, waiting);
        }
        List<Standing> sorted = standings.stream().sorted(Comparator.comparingLong(LadderScene::begin)).toList();
        return new LadderScene(results, part, standings, sorted, new SceneIndex(sorted, SceneIndex.EMPTY), waiting);
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
    long begin(int place) {
        return index.begin(place);
    }

    Optional<Standing> note(long id) {
        return notes.stream().filter(note -> note.before().id() == id).findFirst();
    }

    /** The index of the first note that may still sound at a tick. */
    int firstAt(double tick) {
        return index.firstAt(tick);
    }

    /** The index of the first note that begins at a tick or later. */
    int firstFrom(double tick) {
        return index.firstFrom(tick);
    }
}
