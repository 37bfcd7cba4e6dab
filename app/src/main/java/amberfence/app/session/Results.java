package amberfence.app.session;

import amberfence.notes.FenceLine;
import amberfence.notes.Line;
import amberfence.notes.Role;
import amberfence.result.PartResult;
import amberfence.result.SongResults;
import amberfence.result.Standing;
import amberfence.song.Part;
import amberfence.song.Song;
import amberfence.step.NoteChoice;
import amberfence.step.StepSlot;
import amberfence.step.catalogue.StepCatalogue;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/**
 * What every part of a song comes to. A part whose line, steps, role and surroundings are those of the results before
 * keeps its result, so that an edit costs only what it touches.
 */
public final class Results {
    private final Song song;
    private final Map<Integer, PartResult> byPart;
    private final FenceLine fence;
    private final Map<Integer, Integer> outside;
    private final Map<Long, Optional<PartResult.Stage>> waiting = new ConcurrentHashMap<>();
    private final Map<Integer, List<Standing>> standings = new ConcurrentHashMap<>();
    /** How parts without steps stood before in the same fence and role. */
    private final Map<Integer, Standing.Stood> stood = new ConcurrentHashMap<>();
    private final Map<Integer, Part> parts = new HashMap<>();

    private Results(Song song, FenceLine fence, Map<Integer, PartResult> byPart, Map<Integer, Integer> outside) {
        this.song = song;
        this.byPart = byPart;
        this.fence = fence;
        this.outside = outside;
        song.parts().forEach(part -> parts.put(part.id(), part));
    }

    /** A song as it stands before any step, nothing counted yet, to show while a long one is being worked out. */
    static Results untouched(Song song, int middleC) {
        Map<Integer, PartResult> byPart = new HashMap<>();
        song.parts().forEach(part -> byPart.put(part.id(), new PartResult(part.line(), List.of())));
        Song plain = song.withParts(song.parts().stream().map(part -> part.withSteps(List.of())).toList());
        return new Results(plain, plain.fence().along(plain.time()).withMiddleC(middleC), byPart, Map.of());
    }

    /** @param middleC the octave in which middle C is, as the person names it */
    static Results of(Song song, Results before, int middleC) {
        Set<Integer> same = before == null ? Set.of() : before.sameIn(song);
        Map<Integer, PartResult> known = new HashMap<>();
        same.forEach(id -> known.put(id, before.byPart.get(id)));
        SongResults results = SongResults.of(song, known);
        Map<Integer, PartResult> byPart = new HashMap<>();
        Map<Integer, Integer> outside = new HashMap<>();
        FenceLine fence = song.fence().along(song.time()).withMiddleC(middleC);
        for (Part part : song.parts()) {
            byPart.put(part.id(), results.part(part.id()));
            outside.put(part.id(), same.contains(part.id()) ? before.outside(part.id()) : countOutside(part, song, fence, before));
        }
        Results fresh = new Results(song, fence, byPart, outside);
        same.stream().filter(id -> before.standings.containsKey(id)).forEach(id -> fresh.standings.put(id, before.standings.get(id)));
        fresh.rememberHowNotesStood(before, same);
        return fresh;
    }

    /** What of another part's notes is still the same stands as it stood, where neither fence nor role has changed. */
    private void rememberHowNotesStood(Results before, Set<Integer> same) {
        if (before == null || !before.hasFenceOf(song)) {
            return;
        }
        before.standings.forEach((id, old) -> {
            if (!same.contains(id) && parts.containsKey(id) && before.byPart.get(id).stages().isEmpty()
                    && before.parts.get(id).role() == parts.get(id).role()) {
                stood.put(id, new Standing.Stood(before.parts.get(id).line(), old));
            }
        });
    }

    private boolean hasFenceOf(Song other) {
        return song.fence().equals(other.fence()) && song.time() == other.time();
    }

    /** Told from the results before, where they were counted by the same fence. */
    private static int countOutside(Part part, Song song, FenceLine fence, Results before) {
        if (part.isDrums()) {
            return 0;
        }
        boolean counted = before != null && before.hasFenceOf(song) && before.outside.containsKey(part.id()) && !before.parts.get(part.id()).isDrums();
        return counted ? fence.countOutside(part.line(), before.parts.get(part.id()).line(), before.outside(part.id()))
                : fence.countOutside(part.line());
    }

    /** The parts that come to the same in another song: nothing that they hear or answer to has changed. */
    private Set<Integer> sameIn(Song now) {
        if (!hasFenceOf(now)) {
            return Set.of();
        }
        boolean otherChords = !song.progression().equals(now.progression()) || !chordsOf(song).equals(chordsOf(now));
        boolean otherSong = !song.bank().equals(now.bank()) || song.end() != now.end();
        Map<Integer, Part> after = new HashMap<>();
        now.parts().forEach(part -> after.put(part.id(), part));
        Set<Integer> changed = new HashSet<>();
        parts.keySet().stream().filter(id -> !after.containsKey(id)).forEach(changed::add);
        for (Part part : now.parts()) {
            Part old = parts.get(part.id());
            if (old == null || !byPart.containsKey(part.id()) || old.role() != part.role() || old.channel() != part.channel()
                    || !old.take().equals(part.take()) || otherChords && answersToChords(part) || otherSong && asksForSong(part)) {
                changed.add(part.id());
            }
        }
        Set<Integer> same = new HashSet<>(after.keySet());
        same.removeAll(changed);
        spread(now, changed, same);
        return same;
    }

    /** Whoever listens to a part that changed, straight or over others, changes too. */
    private static void spread(Song now, Set<Integer> changed, Set<Integer> same) {
        boolean more = !changed.isEmpty();
        while (more) {
            more = false;
            for (Part part : now.parts()) {
                if (same.contains(part.id()) && part.steps().stream().flatMap(slot -> slot.step().listensTo().stream())
                        .anyMatch(other -> !same.contains(other))) {
                    same.remove(part.id());
                    more = true;
                }
            }
        }
    }

    private static boolean asksForSong(Part part) {
        return part.steps().stream().filter(StepSlot::on).anyMatch(slot -> slot.step().asksForSong());
    }

    private static boolean answersToChords(Part part) {
        return part.steps().stream().filter(StepSlot::on).anyMatch(slot -> StepCatalogue.of(slot.step()).answersToChords(slot.step())
                || slot.limit().filter(NoteChoice::answersToChords).isPresent());
    }

    /** The chord parts, by which ties may be decided: same parts, same lines. */
    private static Map<Integer, Integer> chordsOf(Song song) {
        Map<Integer, Integer> lines = new HashMap<>();
        song.parts().stream().filter(part -> part.role() == Role.CHORDS)
                .forEach(part -> lines.put(part.id(), System.identityHashCode(part.line())));
        return lines;
    }

    /** What every part comes to, by its identity. */
    public Map<Integer, Line> lines() {
        return PartResult.lines(byPart);
    }

    /** The same with what will be asked about a part worked out already. */
    Results prepared(Integer part) {
        if (part != null && parts.containsKey(part)) {
            standings(part);
        }
        return this;
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

    /** What a step of a part that is switched off would do, worked out when it is first asked for; empty for one that is on. */
    public Optional<PartResult.Stage> waiting(int partId, long slotId) {
        return waiting.computeIfAbsent(slotId, id -> parts.get(partId).step(id).filter(slot -> !slot.on())
                .flatMap(slot -> PartResult.waiting(song, parts.get(partId), id)));
    }

    /** How the notes of a part stand, worked out when it is first asked for. */
    public List<Standing> standings(int partId) {
        return standings.computeIfAbsent(partId, id -> {
            Standing.Stood before = stood.remove(id);
            return Standing.of(song, parts.get(id), byPart.get(id), before == null ? Standing.Stood.NOWHERE : before);
        });
    }

    /** What another take of a part comes to, by its steps. */
    public Line take(int partId, int take) {
        return PartResult.of(song, song.part(partId).withTake(take)).line();
    }

    /** How many notes of the part are outside before any step. */
    public int outside(int id) {
        return outside.getOrDefault(id, 0);
    }
}
