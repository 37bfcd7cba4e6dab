package amberfence.format.notation;

import amberfence.notes.Note;
import java.util.List;

/**
 * To which places the notes of one part are moved so that they can be written: beat by beat sixteenths or eighth triplets,
 * whichever errs less in sum over beginnings and ends; of two alike sixteenths. Places are in divisions.
 */
public final class NotatedGrid {
    private final List<NotatedBar> bars;
    private final long divisions;
    private final int perTick;
    private final long[] starts;
    /** By bar and beat. */
    private final boolean[][] triplets;

    public NotatedGrid(List<NotatedBar> bars, long divisions, int perTick, List<Note> notes) {
        this.bars = bars;
        this.divisions = divisions;
        this.perTick = perTick;
        this.starts = bars.stream().mapToLong(NotatedBar::start).toArray();
        this.triplets = new boolean[bars.size()][];
        long[][][] errors = new long[bars.size()][][];
        for (int bar = 0; bar < triplets.length; bar++) {
            triplets[bar] = new boolean[bars.get(bar).beats().length - 1];
        }
        for (Note note : notes) {
            weigh(note.start() * perTick, errors);
            weigh(note.end() * perTick, errors);
        }
        for (int bar = 0; bar < triplets.length; bar++) {
            for (int beat = 0; errors[bar] != null && beat < triplets[bar].length; beat++) {
                triplets[bar][beat] = length(bar, beat) == divisions && errors[bar][beat][1] < errors[bar][beat][0];
            }
        }
    }

    private void weigh(long place, long[][][] errors) {
        int bar = barAt(place);
        if (place >= bars.get(bar).end()) {
            return;
        }
        if (errors[bar] == null) {
            errors[bar] = new long[triplets[bar].length][2];
        }
        int beat = bars.get(bar).beatAt(place);
        errors[bar][beat][0] += Math.abs(place - nearest(place, bar, beat, divisions / 4));
        errors[bar][beat][1] += Math.abs(place - nearest(place, bar, beat, divisions / 3));
    }

    private long length(int bar, int beat) {
        long[] beats = bars.get(bar).beats();
        return beats[beat + 1] - beats[beat];
    }

    /** The bar that a place lies in; the last for all places behind it. */
    public int barAt(long place) {
        int low = 0;
        int high = starts.length - 1;
        while (low < high) {
            int middle = (low + high + 1) >>> 1;
            if (starts[middle] <= place) {
                low = middle;
            } else {
                high = middle - 1;
            }
        }
        return low;
    }

    public boolean isTriplet(int bar, int beat) {
        return triplets[bar][beat];
    }

    private long nearest(long place, int bar, int beat, long cell) {
        long from = bars.get(bar).beats()[beat];
        long to = bars.get(bar).beats()[beat + 1];
        long below = from + (place - from) / cell * cell;
        long above = Math.min(to, below + cell);
        return place - below <= above - place ? below : above;
    }

    private long cell(int bar, int beat) {
        return triplets[bar][beat] ? divisions / 3 : divisions / 4;
    }

    /** The place on the grid that is nearest to one of the song's. */
    private long snapped(long place) {
        int bar = barAt(place);
        if (place >= bars.get(bar).end()) {
            return bars.get(bar).end();
        }
        int beat = bars.get(bar).beatAt(place);
        return nearest(place, bar, beat, cell(bar, beat));
    }

    /** Where a note begins, and where it ends: at least one cell later, and never behind the last bar. */
    public long[] place(Note note) {
        long from = snapped(note.start() * perTick);
        long last = bars.get(bars.size() - 1).end();
        if (from >= last) {
            int bar = bars.size() - 1;
            int beat = triplets[bar].length - 1;
            long begin = bars.get(bar).beats()[beat];
            from = begin + (last - 1 - begin) / cell(bar, beat) * cell(bar, beat);
        }
        long to = snapped(note.end() * perTick);
        if (to <= from) {
            int bar = barAt(from);
            int beat = bars.get(bar).beatAt(from);
            to = Math.min(bars.get(bar).beats()[beat + 1], from + cell(bar, beat));
        }
        return new long[] {from, to};
    }
}
