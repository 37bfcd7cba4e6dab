package amberfence.format.notation;

import amberfence.format.notation.NotatedVoices.Together;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Cuts what lasts into values that can be written: along the beats, so that they can be seen. */
public final class NotatedPieces {
    /** Values with their names and dots, by how many sixty-fourths they last, the longest first. */
    private static final int[] LENGTHS = {64, 48, 32, 24, 16, 12, 8, 6, 4, 3, 2, 1};
    private static final String[] NAMES = {"whole", "half", "half", "quarter", "quarter", "eighth", "eighth", "16th", "16th", "32nd", "32nd", "64th"};

    /**
     * One written value.
     *
     * @param type its name; empty for what has none
     * @param tuplet whether it is one of three in the time of two
     * @param opens whether the three begin with it
     * @param closes whether they end with it
     */
    public record Piece(long from, long to, String type, int dots, boolean tuplet, boolean opens, boolean closes) {
    }

    private final List<NotatedBar> bars;
    private final NotatedGrid grid;
    private final long divisions;

    public NotatedPieces(List<NotatedBar> bars, NotatedGrid grid, long divisions) {
        this.bars = bars;
        this.grid = grid;
        this.divisions = divisions;
    }

    /**
     * A value of a voice.
     *
     * @param sounding what sounds; empty for a rest
     */
    public record Value(Piece piece, Optional<Together> sounding) {
    }

    /** One bar of a voice, filled up with rests. A bar with nothing in it is one rest, which has no name of its own. */
    public List<Value> fill(int bar, List<Together> inBar) {
        List<Value> values = new ArrayList<>();
        long at = bars.get(bar).start();
        for (Together together : inBar) {
            long from = Math.max(at, together.from());
            rest(bar, at, from, values);
            at = Math.min(bars.get(bar).end(), together.to());
            split(bar, from, at).forEach(piece -> values.add(new Value(piece, Optional.of(together))));
        }
        rest(bar, at, bars.get(bar).end(), values);
        return values;
    }

    private void rest(int bar, long from, long to, List<Value> values) {
        boolean whole = from == bars.get(bar).start() && to == bars.get(bar).end();
        (whole ? List.of(new Piece(from, to, "", 0, false, false, false)) : split(bar, from, to)).forEach(piece -> values.add(new Value(piece, Optional.empty())));
    }

    /** What lies in one bar, in its order. */
    private List<Piece> split(int bar, long from, long to) {
        List<Piece> pieces = new ArrayList<>();
        long[] beats = bars.get(bar).beats();
        long at = from;
        while (at < to) {
            int beat = bars.get(bar).beatAt(at);
            long beatEnd = beats[beat + 1];
            boolean whole = at == beats[beat] && to >= beatEnd;
            if (grid.isTriplet(bar, beat) && !whole) {
                long end = Math.min(to, beatEnd);
                pieces.add(new Piece(at, end, (end - at) * 3 > divisions ? "quarter" : "eighth", 0, true, at == beats[beat], end == beatEnd));
                at = end;
            } else {
                at = plain(bar, beat, at, to, pieces);
            }
        }
        return pieces;
    }

    /** The longest value that fits: from a beat on over whole beats behind it, else to the end of the beat. */
    private long plain(int bar, int beat, long at, long to, List<Piece> pieces) {
        long[] beats = bars.get(bar).beats();
        long most = at == beats[beat] ? to : Math.min(to, beats[beat + 1]);
        for (int i = 0; i < LENGTHS.length; i++) {
            if (LENGTHS[i] * divisions % 16 != 0) {
                continue;
            }
            long end = at + LENGTHS[i] * divisions / 16;
            if (end <= most && isPlain(bar, beat, end)) {
                pieces.add(new Piece(at, end, NAMES[i], LENGTHS[i] % 3 == 0 ? 1 : 0, false, false, false));
                return end;
            }
        }
        long end = Math.min(to, beats[beat + 1]);
        pieces.add(new Piece(at, end, "", 0, false, false, false));
        return end;
    }

    /** Whether a value that begins in a beat may end there: in it, between beats, or in the middle of one that is halved and not cut in three. */
    private boolean isPlain(int bar, int beat, long end) {
        long[] beats = bars.get(bar).beats();
        int last = bars.get(bar).beatAt(end);
        boolean between = end == beats[last] || end == beats[beats.length - 1];
        return end <= beats[beat + 1] || between || beats[beat + 1] - beats[beat] == divisions && !grid.isTriplet(bar, last);
    }
}
