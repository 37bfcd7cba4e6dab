package amberfence.song;

import amberfence.words.Texts;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.LongSupplier;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;

/** The notes of a part, ordered by start, then pitch, then identity. */
public final class Line {
    public static final Line EMPTY = new Line(List.of());
    private final List<Note> notes;
    /** Asked for again and again; below 0 until it is first. */
    private long end = -1;

    /** @param inOrder the notes by start, then pitch, then identity */
    public Line(List<Note> inOrder) {
        notes = List.copyOf(inOrder);
        int late = firstOutOfOrder(notes);
        if (late > 0) {
            throw new IllegalArgumentException(Texts.say("the notes of a line must be in order; note %s is not", (late + 1)));
        }
    }

    /** A line of notes given in any order. */
    public static Line of(Collection<Note> notes) {
        Note[] sorted = notes.toArray(Note[]::new);
        if (firstOutOfOrder(Arrays.asList(sorted)) > 0) {
            Arrays.sort(sorted, Note.IN_TIME);
        }
        return new Line(sorted);
    }

    /** Of notes that are known to be in order. */
    private Line(Note[] inOrder) {
        notes = List.of(inOrder);
    }

    /** The index of the first note that should stand before the one in front of it, 0 when all are in order. */
    private static int firstOutOfOrder(List<Note> notes) {
        for (int i = 1; i < notes.size(); i++) {
            if (Note.IN_TIME.compare(notes.get(i - 1), notes.get(i)) > 0) {
                return i;
            }
        }
        return 0;
    }

    /** In their order. */
    public List<Note> notes() {
        return notes;
    }

    public int size() {
        return notes.size();
    }

    public boolean isEmpty() {
        return notes.isEmpty();
    }

    /** The MIDI pitch of each note by its identity. */
    public Map<Long, Integer> pitches() {
        Map<Long, Integer> pitches = new HashMap<>(2 * size());
        notes.forEach(note -> pitches.put(note.id(), note.pitch()));
        return pitches;
    }

    public Optional<Note> note(long id) {
        return notes.stream().filter(note -> note.id() == id).findFirst();
    }

    /** The same with the chosen notes changed; those that begin elsewhere then have another place. */
    public Line with(Predicate<Note> chosen, UnaryOperator<Note> edit) {
        Note[] changed = new Note[notes.size()];
        boolean inOrder = true;
        boolean lastStays = true;
        long latest = 0;
        boolean endStays = end >= 0;
        for (int i = 0; i < changed.length; i++) {
            Note note = notes.get(i);
            changed[i] = chosen.test(note) ? edit.apply(note) : note;
            boolean stays = changed[i] == note;
            if (!stays) {
                latest = Math.max(latest, changed[i].end());
                endStays = endStays && note.end() < end;
            }
            inOrder = inOrder && (i == 0 || stays && lastStays || Note.IN_TIME.compare(changed[i - 1], changed[i]) <= 0);
            lastStays = stays;
        }
        if (!inOrder) {
            Arrays.sort(changed, Note.IN_TIME);
        }
        Line line = new Line(changed);
        // Where the last note to end is one that stays, no other needs to be looked at again.
        line.end = endStays ? Math.max(end, latest) : -1;
        return line;
    }

    /** The notes that begin in [from, to). */
    public Line between(long from, long to) {
        int first = firstAt(from);
        return first == 0 && to > lastStart() ? this : new Line(notes.subList(first, Math.max(first, firstAt(to))));
    }

    private long lastStart() {
        return notes.isEmpty() ? -1 : notes.get(notes.size() - 1).start();
    }

    /** The index of the first note that begins at a tick or later. */
    private int firstAt(long tick) {
        int low = 0;
        int high = notes.size();
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (notes.get(middle).start() < tick) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }

    /** The same with identities for the notes that steps made, which have none of their own. */
    public Line withoutMade(LongSupplier fresh) {
        if (notes.stream().allMatch(note -> NoteIdentity.isOwn(note.id()))) {
            return this;
        }
        return of(notes.stream().map(note -> NoteIdentity.isOwn(note.id()) ? note : note.withId(fresh.getAsLong())).toList());
    }

    /** The first tick after the last sounding note, 0 for an empty line. */
    public long end() {
        if (end < 0) {
            long latest = 0;
            for (Note note : notes) {
                latest = Math.max(latest, note.end());
            }
            end = latest;
        }
        return end;
    }

    @Override
    public boolean equals(Object other) {
        return this == other || other instanceof Line line && notes.equals(line.notes);
    }

    @Override
    public int hashCode() {
        return notes.hashCode();
    }

    @Override
    public String toString() {
        return notes.toString();
    }
}
