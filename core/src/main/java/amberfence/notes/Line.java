package amberfence.notes;

import amberfence.words.Texts;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.LongSupplier;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import java.util.stream.LongStream;

/** The notes of a part, ordered by start, then pitch, then identity. */
public final class Line {
    public static final Line EMPTY = new Line(List.of());
    private final Note[] notes;
    private final List<Note> list;
    /** Asked for again and again; below 0 until it is first. */
    private long end = -1;
    /** Nothing until they are first asked for: to look through them is much faster than through the notes. */
    private volatile Identities ids;

    /**
     * @param all the identity of each note
     * @param ascending whether each is above the one before it, as in a song that came in and to which nothing was added
     */
    private record Identities(long[] all, boolean ascending) {
    }

    /** @param inOrder the notes by start, then pitch, then identity */
    public Line(List<Note> inOrder) {
        this(inOrder.toArray(Note[]::new));
        int late = firstOutOfOrder(notes);
        if (late > 0) {
            throw new IllegalArgumentException(Texts.say("the notes of a line must be in order; note %s is not", (late + 1)));
        }
    }

    /** A line of notes given in any order. */
    public static Line of(Collection<Note> notes) {
        Note[] sorted = notes.toArray(Note[]::new);
        if (firstOutOfOrder(sorted) > 0) {
            Arrays.sort(sorted, Note.IN_TIME);
        }
        return new Line(sorted);
    }

    /** Of notes that are known to be in order, in an array that nobody else has. */
    Line(Note[] inOrder) {
        notes = inOrder;
        list = new NoteList(inOrder);
    }

    /** The index of the first note that should stand before the one in front of it, 0 when all are in order. */
    private static int firstOutOfOrder(Note[] notes) {
        for (int i = 1; i < notes.length; i++) {
            if (Note.compareInTime(notes[i - 1], notes[i]) > 0) {
                return i;
            }
        }
        return 0;
    }

    /** In their order. */
    public List<Note> notes() {
        return list;
    }

    /** The note at a place in their order; where many are looked through, this is much faster than the list. */
    public Note at(int place) {
        return notes[place];
    }

    public int size() {
        return notes.length;
    }

    public boolean isEmpty() {
        return notes.length == 0;
    }

    /** The MIDI pitch of each note by its identity. */
    public Map<Long, Integer> pitches() {
        Map<Long, Integer> pitches = new HashMap<>(2 * size());
        list.forEach(note -> pitches.put(note.id(), note.pitch()));
        return pitches;
    }

    public Optional<Note> note(long id) {
        return IntStream.of(places(new long[] {id})).limit(1).mapToObj(this::at).findFirst();
    }

    /** Which notes at both ends are the very same objects as in a line from before. */
    public SharedEnds sharedWith(Line before) {
        return SharedEnds.of(notes, before.notes);
    }

    /** How many notes are not the very same objects in another line. */
    public int notIn(Line other) {
        SharedEnds same = sharedWith(other);
        int to = notes.length - same.last();
        int otherTo = other.notes.length - same.last();
        int count = 0;
        int at = same.first();
        for (int i = same.first(); i < to; i++) {
            while (at < otherTo && other.notes[at] != notes[i] && Note.compareInTime(other.notes[at], notes[i]) < 0) {
                at++;
            }
            boolean known = at < otherTo && other.notes[at] == notes[i];
            at += known ? 1 : 0;
            count += known ? 0 : 1;
        }
        return count;
    }

    private Identities identities() {
        // Asked for on two threads at once, both find the same.
        Identities known = ids;
        if (known == null) {
            long[] all = new long[notes.length];
            boolean ascending = true;
            for (int i = 0; i < all.length; i++) {
                all[i] = notes[i].id();
                ascending &= i == 0 || all[i - 1] < all[i];
            }
            known = new Identities(all, ascending);
            ids = known;
        }
        return known;
    }

    /**
     * Where notes stand, in their order.
     *
     * @param wanted their identities, in ascending order
     */
    int[] places(long[] wanted) {
        if (wanted.length == 0 || notes.length == 0) {
            return new int[0];
        }
        Identities known = identities();
        long[] all = known.all;
        if (known.ascending) {
            return LongStream.of(wanted).mapToInt(id -> Arrays.binarySearch(all, id)).filter(place -> place >= 0).toArray();
        }
        long least = wanted[0];
        long most = wanted[wanted.length - 1];
        int[] places = new int[Math.min(all.length, 16)];
        int found = 0;
        for (int place = 0; place < all.length; place++) {
            // Few notes are asked for among very many: most of them lie beyond all that are wanted.
            if (all[place] >= least && all[place] <= most && Arrays.binarySearch(wanted, all[place]) >= 0) {
                places = found == places.length ? Arrays.copyOf(places, 2 * found) : places;
                places[found++] = place;
            }
        }
        return Arrays.copyOf(places, found);
    }

    /** The same with the chosen notes changed; those that begin elsewhere then have another place. */
    public Line with(Predicate<Note> chosen, UnaryOperator<Note> edit) {
        return with(IntStream.range(0, size()).filter(place -> chosen.test(notes[place])).toArray(), edit);
    }

    /** The same with the chosen notes changed; those that begin elsewhere then have another place. */
    public Line with(NoteSet chosen, UnaryOperator<Note> edit) {
        return with(chosen.places(this), edit);
    }

    private Line with(int[] places, UnaryOperator<Note> edit) {
        Note[] changed = notes.clone();
        long latest = 0;
        boolean endStays = end >= 0;
        boolean idsStay = true;
        for (int place : places) {
            Note before = changed[place];
            changed[place] = edit.apply(before);
            latest = Math.max(latest, changed[place].end());
            endStays = endStays && before.end() < end;
            idsStay = idsStay && changed[place].id() == before.id();
        }
        boolean inOrder = true;
        for (int place : places) {
            inOrder = inOrder && (place == 0 || Note.compareInTime(changed[place - 1], changed[place]) <= 0)
                    && (place == changed.length - 1 || Note.compareInTime(changed[place], changed[place + 1]) <= 0);
        }
        if (!inOrder) {
            Arrays.sort(changed, Note.IN_TIME);
        }
        Line line = new Line(changed);
        // Where the last note to end is one that stays, no other needs to be looked at again.
        line.end = endStays ? Math.max(end, latest) : -1;
        line.ids = inOrder && idsStay ? ids : null;
        return line;
    }

    /** The notes that begin in [from, to). */
    public Line between(long from, long to) {
        int first = firstAt(from);
        return first == 0 && to > lastStart() ? this : new Line(Arrays.copyOfRange(notes, first, Math.max(first, firstAt(to))));
    }

    private long lastStart() {
        return notes.length == 0 ? -1 : notes[notes.length - 1].start();
    }

    /** The index of the first note that begins at a tick or later. */
    private int firstAt(long tick) {
        int low = 0;
        int high = notes.length;
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (notes[middle].start() < tick) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }

    /** The same with identities for the notes that steps made, which have none of their own. */
    public Line withoutMade(LongSupplier fresh) {
        boolean anyMade = false;
        for (Note note : notes) {
            anyMade |= !NoteIdentity.isOwn(note.id());
        }
        return !anyMade ? this : of(list.stream().map(note -> NoteIdentity.isOwn(note.id()) ? note : note.withId(fresh.getAsLong())).toList());
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
        return this == other || other instanceof Line line && Arrays.equals(notes, line.notes);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(notes);
    }

    @Override
    public String toString() {
        return list.toString();
    }
}
