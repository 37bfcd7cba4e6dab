package amberfence.song;

import amberfence.theory.Range;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * A whole song. Every edit makes a new one that shares the rest.
 *
 * @param nextId the next free identity for notes and steps
 */
public record Song(String title, TimeMap time, Fence fence, List<Part> parts, SourceFile source, long nextId) {
    public Song {
        parts = List.copyOf(parts);
        Range.TICK.check(nextId);
    }

    public Part part(int id) {
        return find(id).orElseThrow(() -> new NoSuchElementException("there is no part " + id));
    }

    public Optional<Part> find(int partId) {
        return parts.stream().filter(part -> part.id() == partId).findFirst();
    }

    public Song withTitle(String newTitle) {
        return new Song(newTitle, time, fence, parts, source, nextId);
    }

    public Song withFence(Fence newFence) {
        return new Song(title, time, newFence, parts, source, nextId);
    }

    public Song withParts(List<Part> newParts) {
        return new Song(title, time, fence, newParts, source, nextId);
    }

    public Song withPart(int id, UnaryOperator<Part> edit) {
        return withParts(parts.stream().map(part -> part.id() == id ? edit.apply(part) : part).toList());
    }

    public Song withNextId(long newNextId) {
        return new Song(title, time, fence, parts, source, newNextId);
    }

    /** Adds a step at the end of a part's list. */
    public Song plusStep(int partId, Treatment treatment) {
        return withNextId(nextId + 1).withPart(partId, part -> {
            List<StepSlot> steps = new ArrayList<>(part.steps());
            steps.add(new StepSlot(nextId, true, treatment));
            return part.withSteps(steps);
        });
    }

    /** Adds a copy of a part behind it, with new identities for its notes; the copy is written to a track of its own. */
    public Song plusDuplicate(int partId, String name) {
        Part original = part(partId);
        long id = nextId;
        List<Take> takes = new ArrayList<>();
        for (Take take : original.takes()) {
            List<Note> notes = new ArrayList<>();
            Map<Long, Long> renamed = new HashMap<>();
            for (Note note : take.line().notes()) {
                renamed.put(note.id(), id);
                notes.add(note.withId(id++));
            }
            List<StepSlot> steps = new ArrayList<>();
            for (StepSlot slot : take.steps()) {
                steps.add(new StepSlot(id++, slot.on(),
                        slot.treatment().withIdentities(old -> renamed.getOrDefault(old, old))));
            }
            takes.add(new Take(take.name(), new Line(notes), steps));
        }
        int newId = parts.stream().mapToInt(Part::id).max().orElse(0) + 1;
        List<Part> more = new ArrayList<>(parts);
        more.add(parts.indexOf(original) + 1, new Part(newId, name, original.role(), Part.NO_TRACK, original.channel(),
                takes, original.current()));
        return withParts(more).withNextId(id);
    }

    public Song minusPart(int partId) {
        return withParts(parts.stream().filter(part -> part.id() != partId).toList());
    }

    /** Moves a part up (−1) or down (+1) in the list; at either end nothing changes. */
    public Song withPartMoved(int partId, int places) {
        List<Part> order = new ArrayList<>(parts);
        int from = order.indexOf(part(partId));
        int to = Math.max(0, Math.min(order.size() - 1, from + places));
        order.add(to, order.remove(from));
        return withParts(order);
    }

    /** The tick after the last note of any part. */
    public long end() {
        return parts.stream().mapToLong(part -> part.line().end()).max().orElse(0);
    }

    /** The last bar that holds a note, at least 1. */
    public int lastBar() {
        return time.barOf(Math.max(0, end() - 1));
    }
}
