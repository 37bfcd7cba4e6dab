package amberfence.song;

import amberfence.notes.ChordBank;
import amberfence.notes.Fence;
import amberfence.notes.KeyPlan;
import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.Progression;
import amberfence.notes.Role;
import amberfence.notes.TimeMap;
import amberfence.step.NoteChoice;
import amberfence.step.Step;
import amberfence.step.StepSlot;
import amberfence.theory.Key;
import amberfence.theory.Range;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.IntFunction;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;

/**
 * A whole song. Every edit makes a new one that shares the rest.
 *
 * @param origin where it came from
 * @param bank the chords that single keys play; empty while nobody has put any there
 * @param left what was read through and left as it is
 * @param nextId the next free identity for notes and steps
 */
public record Song(String title, Credits credits, TimeMap time, Fence fence, Progression progression, List<Part> parts, Origin origin,
                   Optional<ChordBank> bank, LeftPlaces left, long nextId) {
    /** The MIDI channel of percussion, counted from 0. */
    public static final int PERCUSSION = 9;
    private static final int USUAL_RESOLUTION = 480;

    public Song {
        parts = List.copyOf(parts);
        Range.TICK.check(nextId);
    }

    /** A song with no chords yet. */
    public Song(String title, TimeMap time, Fence fence, List<Part> parts, Origin origin, long nextId) {
        this(title, Credits.NONE, time, fence, Progression.EMPTY, parts, origin, Optional.empty(), LeftPlaces.NONE, nextId);
    }

    /** A song with nothing in it yet: C major, 4/4, 120 quarters a minute, 480 ticks a quarter. */
    public static Song empty(String title) {
        return new Song(title, TimeMap.usual(USUAL_RESOLUTION), Fence.of(KeyPlan.of(Key.parse("C major"))), List.of(),
                Origin.MADE, 1);
    }

    /** What a MIDI file of the song begins with: the file that it came from, or one with nothing in it. */
    public SourceFile source() {
        return origin instanceof SourceFile file ? file : SourceFile.none(time.ticksPerQuarter());
    }

    public Part part(int id) {
        return find(id).orElseThrow(() -> new NoSuchElementException("there is no part " + id));
    }

    public Optional<Part> find(int partId) {
        return parts.stream().filter(part -> part.id() == partId).findFirst();
    }

    public Song withTitle(String newTitle) {
        return new Song(newTitle, credits, time, fence, progression, parts, origin, bank, left, nextId);
    }

    public Song withCredits(Credits newCredits) {
        return new Song(title, newCredits, time, fence, progression, parts, origin, bank, left, nextId);
    }

    /** With other chords on single keys. */
    public Song withBank(ChordBank newBank) {
        return new Song(title, credits, time, fence, progression, parts, origin, Optional.of(newBank), left, nextId);
    }

    public Song withLeft(LeftPlaces newLeft) {
        return new Song(title, credits, time, fence, progression, parts, origin, bank, newLeft, nextId);
    }

    public Song withTime(TimeMap newTime) {
        return new Song(title, credits, newTime, fence, progression, parts, origin, bank, left, nextId);
    }

    public Song withFence(Fence newFence) {
        return new Song(title, credits, time, newFence, progression, parts, origin, bank, left, nextId);
    }

    public Song withProgression(Progression newProgression) {
        return new Song(title, credits, time, fence, newProgression, parts, origin, bank, left, nextId);
    }

    public Song withParts(List<Part> newParts) {
        return new Song(title, credits, time, fence, progression, newParts, origin, bank, left, nextId);
    }

    public Song withPart(int id, UnaryOperator<Part> edit) {
        return withParts(parts.stream().map(part -> part.id() == id ? edit.apply(part) : part).toList());
    }

    public Song withOrigin(Origin newOrigin) {
        return new Song(title, credits, time, fence, progression, parts, newOrigin, bank, left, nextId);
    }

    public Song withNextId(long newNextId) {
        return new Song(title, credits, time, fence, progression, parts, origin, bank, left, newNextId);
    }

    /** Adds a step at the end of a part's list, by hand: on drums it is meant. */
    public Song plusStep(int partId, Step step) {
        return plusStep(partId, step, Optional.empty());
    }

    /** Adds a step that may be limited to some notes at the end of a part's list, by hand: on drums it is meant. */
    public Song plusStep(int partId, Step step, Optional<? extends NoteChoice> limit) {
        return withNextId(nextId + 1).withPart(partId, part -> {
            List<StepSlot> steps = new ArrayList<>(part.steps());
            steps.add(StepSlot.of(nextId, step).withMeant(true).withLimit(limit));
            return part.withSteps(steps);
        });
    }

    /** Adds a copy of a part behind it, with new identities for its notes; the copy is written to a track of its own. */
    public Song plusDuplicate(int partId, String name) {
        return plusCopy(partId, name, part(partId).takes(), part(partId).current());
    }

    /** Adds a part behind another one that begins with a copy of one of its takes. */
    public Song plusPartFromTake(int partId, int take, String name) {
        return plusCopy(partId, name, List.of(part(partId).takes().get(take)), 0);
    }

    private Song plusCopy(int partId, String name, List<Take> originals, int current) {
        Part original = part(partId);
        List<Long> allowed = new ArrayList<>();
        long id = nextId;
        List<Take> takes = new ArrayList<>();
        for (Take take : originals) {
            List<Note> notes = new ArrayList<>();
            Map<Long, Long> renamed = new HashMap<>();
            for (Note note : take.line().notes()) {
                renamed.put(note.id(), id);
                if (fence.allowedNotes().contains(note)) {
                    allowed.add(id);
                }
                notes.add(note.withId(id++));
            }
            long firstSlot = id;
            List<StepSlot> old = take.steps();
            Renaming renaming = new Renaming(renamed, old, slot -> firstSlot + StepSlot.place(old, slot));
            List<StepSlot> steps = new ArrayList<>();
            for (StepSlot slot : old) {
                steps.add(slot.withId(id++).renamed(renaming));
            }
            takes.add(new Take(take.name(), Line.of(notes), steps));
        }
        Song more = plusPart(parts.indexOf(original) + 1, newPartId -> new Part(newPartId, name, original.role(),
                OptionalInt.empty(), original.channel(), takes, current, original.sound())).withNextId(id);
        return allowed.isEmpty() ? more : more.withFence(fence.withAllowed(allowed, true));
    }

    private Song plusPart(int index, IntFunction<Part> make) {
        int newId = parts.stream().mapToInt(Part::id).max().orElse(0) + 1;
        List<Part> more = new ArrayList<>(parts);
        more.add(index, make.apply(newId));
        return withParts(more);
    }

    /** Adds a part behind another one, with one take and no steps. */
    public Song plusPartBehind(int partId, String name, Role role, int channel, Line line) {
        return plusPart(parts.indexOf(part(partId)) + 1, newId -> Part.of(newId, name, role, channel, line));
    }

    /** The first channel that no part plays on yet and that is not percussion; 0 when there is none. */
    public int freeChannel() {
        return IntStream.range(0, 16).filter(free -> free != PERCUSSION && parts.stream().noneMatch(part -> part.channel() == free))
                .findFirst().orElse(0);
    }

    /** Adds an empty part at the end, on a free channel. */
    public Song plusEmptyPart(String name, Role role) {
        return plusPart(parts.size(), newPartId -> Part.of(newPartId, name, role,
                role == Role.DRUMS ? PERCUSSION : freeChannel(), Line.EMPTY));
    }

    /** Adds a copy of a part's current take behind its takes, with its steps, and makes it the current one. */
    public Song plusTakeCopy(int partId, String name) {
        Take take = part(partId).take();
        long id = nextId;
        Map<Long, Long> same = new HashMap<>();
        take.line().notes().forEach(note -> same.put(note.id(), note.id()));
        Renaming renaming = new Renaming(same, take.steps(), slot -> nextId + StepSlot.place(take.steps(), slot));
        List<StepSlot> steps = new ArrayList<>();
        for (StepSlot slot : take.steps()) {
            steps.add(slot.withId(id++).renamed(renaming));
        }
        return withPart(partId, part -> part.plusTake(new Take(name, take.line(), steps))).withNextId(id);
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

    /** The tick after the last note of any part and the last chord. */
    public long end() {
        return Math.max(progression.end(), parts.stream().mapToLong(part -> part.line().end()).max().orElse(0));
    }

    /** The last bar that holds a note, at least 1. */
    public int lastBar() {
        return time.barOf(Math.max(0, end() - 1));
    }
}
