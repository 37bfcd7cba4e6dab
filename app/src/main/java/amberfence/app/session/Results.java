package amberfence.app.session;

import amberfence.reading.Overlaps;
import amberfence.song.Fence;
import amberfence.song.FenceLine;
import amberfence.song.Line;
import amberfence.song.Part;
import amberfence.song.Role;
import amberfence.song.Song;
import amberfence.step.PartResult;
import amberfence.step.Step;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

/**
 * What every part of a song comes to. A part whose line, steps, role and surroundings are those of the results before
 * keeps its result, so that an edit costs only what it touches.
 */
public final class Results {
    private final Song song;
    private final Map<Integer, PartResult> byPart;
    private final FenceLine fence;
    private final Map<Integer, Integer> outside = new HashMap<>();
    private final Map<Integer, List<Overlaps.Overlap>> overlaps;

    private Results(Song song, Map<Integer, PartResult> byPart, Map<Integer, List<Overlaps.Overlap>> overlaps) {
        this.song = song;
        this.byPart = byPart;
        this.overlaps = overlaps;
        this.fence = song.fence().along(song.time());
        for (Part part : song.parts()) {
            outside.put(part.id(), part.isDrums() ? 0 : fence.countOutside(part.line()));
        }
    }

    /** A song as it stands before any step, to show while a long one is being worked out. */
    static Results untouched(Song song) {
        Map<Integer, PartResult> byPart = new HashMap<>();
        song.parts().forEach(part -> byPart.put(part.id(), new PartResult(part.line(), List.of())));
        return new Results(song.withParts(song.parts().stream().map(part -> part.withSteps(List.of())).toList()), byPart,
                Map.of());
    }

    static Results of(Song song, Results before) {
        Map<Integer, PartResult> byPart = new HashMap<>();
        Map<Integer, List<Overlaps.Overlap>> overlaps = new HashMap<>();
        for (Part part : song.parts()) {
            boolean same = before != null && before.isSameFor(part, song, new TreeSet<>());
            PartResult result = same ? before.byPart.get(part.id()) : PartResult.of(song, part);
            byPart.put(part.id(), result);
            overlaps.put(part.id(), part.isDrums() ? List.of() : same && before.overlaps.containsKey(part.id())
                    ? before.overlaps.get(part.id()) : Overlaps.of(result.line()));
        }
        return new Results(song, byPart, overlaps);
    }

    /** @param asked parts that were asked about on the way here, so that parts listening to each other come to an end */
    private boolean isSameFor(Part part, Song now, Set<Integer> asked) {
        Fence fence = song.fence();
        return byPart.containsKey(part.id()) && fence.equals(now.fence()) && song.time() == now.time()
                && song.progression().equals(now.progression())
                && song.find(part.id()).filter(old -> old.take().equals(part.take()) && old.role() == part.role())
                .isPresent() && chordsOf(song).equals(chordsOf(now)) && part.steps().stream()
                .flatMap(slot -> ((Step) slot.treatment()).listensTo().stream()).allMatch(other -> !asked.add(other)
                        || now.find(other).map(heard -> isSameFor(heard, now, asked)).orElse(song.find(other).isEmpty()));
    }

    /** The chord parts, by which ties may be decided: same parts, same lines. */
    private static Map<Integer, Integer> chordsOf(Song song) {
        Map<Integer, Integer> lines = new HashMap<>();
        song.parts().stream().filter(part -> part.role() == Role.CHORDS)
                .forEach(part -> lines.put(part.id(), System.identityHashCode(part.line())));
        return lines;
    }

    public Song song() {
        return song;
    }

    /** The song's fence along its ticks. */
    public FenceLine fence() {
        return fence;
    }

    public PartResult part(int id) {
        return byPart.get(id);
    }

    /** What another take of a part comes to, by its steps. */
    public Line take(int partId, int take) {
        return PartResult.of(song, song.part(partId).withTake(take)).line();
    }

    /** Small overlaps of what a part comes to. */
    public List<Overlaps.Overlap> overlaps(int partId) {
        return overlaps.getOrDefault(partId, List.of());
    }

    /** How many notes of the part are outside before any step. */
    public int outside(int id) {
        return outside.getOrDefault(id, 0);
    }
}
