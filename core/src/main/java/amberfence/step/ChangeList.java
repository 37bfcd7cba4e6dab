package amberfence.step;

import amberfence.notes.Line;
import amberfence.notes.Note;
import java.util.AbstractList;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.RandomAccess;

/**
 * Changes that cannot be changed themselves. Of a note that only got another pitch, as most do, nothing is kept but where it stands
 * in the line, the pitch and the reason: such a change is made anew whenever somebody looks at it.
 */
final class ChangeList extends AbstractList<Change> implements RandomAccess {
    private final Line in;
    /** For each change where its note stands in the line; for one that is kept whole its place among those, turned round bit by bit. */
    private final int[] places;
    private final byte[] pitches;
    private final Reason[] reasons;
    private final List<Change> whole;

    private ChangeList(Line in, int[] places, byte[] pitches, Reason[] reasons, List<Change> whole) {
        this.in = in;
        this.places = places;
        this.pitches = pitches;
        this.reasons = reasons;
        this.whole = whole;
    }

    /** The same changes as a list that cannot be changed. */
    static List<Change> copyOf(List<Change> changes) {
        return changes instanceof ChangeList ? changes : List.copyOf(changes);
    }

    @Override
    public Change get(int index) {
        int place = places[index];
        if (place < 0) {
            return whole.get(~place);
        }
        Note before = in.at(place);
        return Change.moved(before, before.withPitch(pitches[index]), reasons[index]);
    }

    @Override
    public int size() {
        return places.length;
    }

    /** How many notes were made. */
    static int made(List<Change> changes) {
        // Notes that only got another pitch were not made.
        List<Change> among = changes instanceof ChangeList list ? list.whole : changes;
        int made = 0;
        for (Change change : among) {
            made += change.isMade() ? 1 : 0;
        }
        return made;
    }

    /** Changes of notes of a line, one after the other. */
    static final class Builder {
        private static final int SOME = 16;
        /** A power of two. */
        private static final int REASONS = 256;
        private final Line in;
        private int[] places = new int[SOME];
        private byte[] pitches = new byte[SOME];
        private Reason[] reasons = new Reason[SOME];
        private int size;
        private final List<Change> whole = new ArrayList<>();
        /** Most reasons come again and again: one object stands for all that are alike. */
        private final Reason[] known = new Reason[REASONS];

        Builder(Line in) {
            this.in = in;
        }

        void add(Change change) {
            whole.add(change);
            put(~(whole.size() - 1), 0, null);
        }

        void move(int place, int pitch, Reason reason) {
            int slot = reason.hashCode() & REASONS - 1;
            if (!reason.equals(known[slot])) {
                known[slot] = reason;
            }
            put(place, pitch, known[slot]);
        }

        private void put(int place, int pitch, Reason reason) {
            if (size == places.length) {
                int room = size + (size >> 1);
                places = Arrays.copyOf(places, room);
                pitches = Arrays.copyOf(pitches, room);
                reasons = Arrays.copyOf(reasons, room);
            }
            places[size] = place;
            pitches[size] = (byte) pitch;
            reasons[size++] = reason;
        }

        List<Change> build() {
            return whole.size() == size ? List.copyOf(whole)
                    : new ChangeList(in, Arrays.copyOf(places, size), Arrays.copyOf(pitches, size), Arrays.copyOf(reasons, size), List.copyOf(whole));
        }
    }
}
