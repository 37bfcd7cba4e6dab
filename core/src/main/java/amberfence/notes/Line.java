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
import java.util.stream.Stream;

/**
 * The notes of a part, ordered by start, then pitch, then identity. They are kept in columns: a note is made anew whenever somebody asks
 * for it.
 */
public final class Line {
    public static final Line EMPTY = new Line(NoteColumns.EMPTY);
    private final NoteColumns notes;
    private final List<Note> list;
    /** Asked for again and again; below 0 until it is first. */
    private long end = -1;
    /** Whether each identity is above the one before it, as in a song that came in and to which nothing was added; nothing until asked for. */
    private volatile Boolean ascending;

    /** Of notes that are known to be in order. */
    Line(NoteColumns inOrder) {
        notes = inOrder;
        list = new NoteList(inOrder);
    }

    /** @param inOrder the notes by start, then pitch, then identity */
    public Line(List<Note> inOrder) {
        this(checked(inOrder));
    }

    private static NoteColumns checked(List<Note> inOrder) {
        for (int i = 1; i < inOrder.size(); i++) {
            if (Note.compareInTime(inOrder.get(i - 1), inOrder.get(i)) > 0) {
                throw new IllegalArgumentException(Texts.say("the notes of a line must be in order; note %s is not", i + 1));
            }
        }
        return of(inOrder).notes;
    }

    /** A line of notes given in any order. */
    public static Line of(Collection<Note> notes) {
        LineBuilder line = new LineBuilder(notes.size());
        notes.forEach(line::add);
        return line.build();
    }

    /** Its notes column by column. */
    public NoteColumns columns() {
        return notes;
    }

    /** In their order. */
    public List<Note> notes() {
        return list;
    }

    /** The note at a place in their order. */
    public Note at(int place) {
        return list.get(place);
    }

    public int size() {
        return notes.size();
    }

    public boolean isEmpty() {
        return size() == 0;
    }

    /** The MIDI pitch of each note by its identity. */
    public Map<Long, Integer> pitches() {
        Map<Long, Integer> pitches = new HashMap<>(2 * size());
        for (int i = 0; i < size(); i++) {
            pitches.put(notes.id(i), notes.pitch(i));
        }
        return pitches;
    }

    public Optional<Note> note(long id) {
        return IntStream.of(places(new long[] {id})).limit(1).mapToObj(this::at).findFirst();
    }

    /** Which notes at both ends are the same as in a line from before. */
    public SharedEnds sharedWith(Line before) {
        return notes.sharedWith(before.notes);
    }

    /** How many bytes its notes take beside those of a line from before, some of which the two may share. */
    public long weightBeside(Line before) {
        return notes.weightBeside(before.notes);
    }

    private boolean isAscending() {
        // Asked for on two threads at once, both find the same.
        Boolean known = ascending;
        if (known == null) {
            known = notes.ids.isAscending(false);
            ascending = known;
        }
        return known;
    }

    /**
     * Where notes stand, in their order.
     *
     * @param wanted their identities, in ascending order
     */
    int[] places(long[] wanted) {
        if (wanted.length == 0 || isEmpty()) {
            return new int[0];
        }
        if (isAscending()) {
            return LongStream.of(wanted).mapToInt(notes.ids::search).filter(place -> place >= 0).toArray();
        }
        long least = wanted[0];
        long most = wanted[wanted.length - 1];
        int[] places = new int[Math.min(size(), 16)];
        int found = 0;
        for (int place = 0; place < size(); place++) {
            // Few notes are asked for among very many: most of them lie beyond all that are wanted.
            long id = notes.id(place);
            if (id >= least && id <= most && Arrays.binarySearch(wanted, id) >= 0) {
                places = found == places.length ? Arrays.copyOf(places, 2 * found) : places;
                places[found++] = place;
            }
        }
        return Arrays.copyOf(places, found);
    }

    /** The same with the chosen notes changed; those that begin elsewhere then have another place. */
    public Line with(Predicate<Note> chosen, UnaryOperator<Note> edit) {
        return with(IntStream.range(0, size()).filter(place -> chosen.test(at(place))).toArray(), edit);
    }

    /** The same with the chosen notes changed; those that begin elsewhere then have another place. */
    public Line with(NoteSet chosen, UnaryOperator<Note> edit) {
        return with(chosen.places(this), edit);
    }

    private Line with(int[] places, UnaryOperator<Note> edit) {
        if (places.length == 0) {
            return this;
        }
        Note[] edited = IntStream.of(places).mapToObj(place -> edit.apply(at(place))).toArray(Note[]::new);
        if (!mayStand(edited, places)) {
            return spliced(places, edited);
        }
        Line line = new Line(notes.with(places, edited));
        line.end = endWith(places, edited);
        line.ascending = line.notes.ids == notes.ids ? ascending : null;
        return line;
    }

    /** Whether notes are in order with those around them at the places of others that they are for. */
    private boolean mayStand(Note[] edited, int[] places) {
        for (int i = 0; i < places.length; i++) {
            int place = places[i];
            boolean isAfterAnother = i > 0 && places[i - 1] == place - 1;
            boolean isBeforeAnother = i < places.length - 1 && places[i + 1] == place + 1;
            if (isAfterAnother && Note.compareInTime(edited[i - 1], edited[i]) > 0
                    || !isAfterAnother && place > 0 && notes.compareInTime(place - 1, edited[i]) > 0
                    || !isBeforeAnother && place < size() - 1 && notes.compareInTime(place + 1, edited[i]) < 0) {
                return false;
            }
        }
        return true;
    }

    /** When the last note ends with others in place of some, where the last one stays: then no other needs to be looked at again. Else below 0. */
    private long endWith(int[] places, Note[] others) {
        long known = end;
        boolean stays = known >= 0 && IntStream.of(places).allMatch(place -> notes.end(place) < known);
        return stays ? Stream.of(others).mapToLong(Note::end).reduce(known, Math::max) : -1;
    }

    /** The same with some more notes, of other identities. */
    public Line plus(Collection<Note> more) {
        return more.isEmpty() ? this : spliced(new int[0], more.toArray(Note[]::new));
    }

    /** The same without the chosen notes. */
    public Line without(NoteSet chosen) {
        int[] places = chosen.places(this);
        return places.length == 0 ? this : spliced(places, new Note[0]);
    }

    /** The notes but for those at some places, with others between them. */
    private Line spliced(int[] places, Note[] others) {
        Note[] more = others.clone();
        Arrays.sort(more, Note.IN_TIME);
        Line line = new Line(notes.spliced(places, more));
        line.end = endWith(places, more);
        return line;
    }

    /** The notes that begin in [from, to). */
    public Line between(long from, long to) {
        int first = notes.starts.firstAtLeast(from);
        int last = Math.max(first, notes.starts.firstAtLeast(to));
        return first == 0 && last == size() ? this : new Line(notes.range(first, last));
    }

    /** The same with identities for the notes that steps made, which have none of their own. */
    public Line withoutMade(LongSupplier fresh) {
        return with(IntStream.range(0, size()).filter(place -> !NoteIdentity.isOwn(notes.id(place))).toArray(), note -> note.withId(fresh.getAsLong()));
    }

    /** The first tick after the last sounding note, 0 for an empty line. */
    public long end() {
        if (end < 0) {
            long latest = 0;
            for (int i = 0; i < size(); i++) {
                latest = Math.max(latest, notes.end(i));
            }
            end = latest;
        }
        return end;
    }

    @Override
    public boolean equals(Object other) {
        return this == other || other instanceof Line line && notes.areSame(line.notes);
    }

    @Override
    public int hashCode() {
        int hash = 1;
        for (int i = 0; i < size(); i++) {
            hash = 31 * hash + at(i).hashCode();
        }
        return hash;
    }

    @Override
    public String toString() {
        return list.toString();
    }
}
