package amberfence.step.fence;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Chooses a pitch for every note of a line at once, so that the whole costs least; see {@link ShapeCost}.
 *
 * <p>The search is exact: dynamic programming along the line, which keeps, for every combination of choices of the notes
 * that still bear on later ones, the least cost so far. In a melody that is one note, in a chord part as many as there
 * are voices. Only where more than {@link #MOST_LIVE} open choices hang together at one moment, which takes a cluster
 * of outside notes in a dozen voices, is the oldest of them decided early.
 */
final class LineShape {
    private static final int MOST_LIVE = 12;

    /** How a note's choice follows from the choices of the notes still open when it was closed; one bit a combination. */
    private record Closed(int note, int[] open, long[] bits) {
    }

    private final LineGraph graph;
    private final boolean[] goesHigh;
    private final boolean[] decided;
    private final List<Closed> closed = new ArrayList<>();
    private int[] live = new int[MOST_LIVE + 1];
    private int liveCount;
    /** The least cost of each combination of open choices, of which there are {@link #states}; what lies behind them is of no meaning. */
    private long[] costs = new long[64];
    private int states = 1;

    private LineShape(LineGraph graph) {
        this.graph = graph;
        this.goesHigh = new boolean[graph.size()];
        this.decided = new boolean[graph.size()];
    }

    /** The chosen pitch for each note. */
    static byte[] solve(LineGraph graph) {
        return new LineShape(graph).solve();
    }

    private byte[] solve() {
        int size = graph.size();
        for (int note = 0; note < size; note++) {
            if (!graph.isFixed(note)) {
                open(note);
                closeFinished(note);
            } else if (liveCount > 0) {
                addEdges(note, graph.low(note), 0, states);
                closeFinished(note);
            }
        }
        for (int i = closed.size() - 1; i >= 0; i--) {
            Closed choice = closed.get(i);
            int state = 0;
            for (int k = 0; k < choice.open.length; k++) {
                state |= goesHigh[choice.open[k]] ? 1 << k : 0;
            }
            goesHigh[choice.note] = (choice.bits[state >> 6] >>> (state & 63) & 1) == 1;
        }
        byte[] pitches = new byte[size];
        for (int note = 0; note < size; note++) {
            pitches[note] = (byte) (goesHigh[note] ? graph.high(note) : graph.low(note));
        }
        return pitches;
    }

    /** Doubles the table: the lower half of it for the note's lower candidate, the upper half for its higher one. */
    private void open(int note) {
        int half = states;
        states = 2 * half;
        if (states > costs.length) {
            costs = Arrays.copyOf(costs, states);
        }
        long down = ShapeCost.distance(graph.pitch(note), graph.low(note));
        long up = ShapeCost.distance(graph.pitch(note), graph.high(note));
        for (int state = 0; state < half; state++) {
            costs[half + state] = costs[state] + up;
            costs[state] += down;
        }
        addEdges(note, graph.low(note), 0, half);
        addEdges(note, graph.high(note), half, 2 * half);
        live[liveCount++] = note;
        if (liveCount > MOST_LIVE) {
            decideOldest();
        }
    }

    private void addEdges(int note, int pitch, int from, int to) {
        int before = graph.previous[note];
        if (before >= 0) {
            addEdge(before, note, pitch, from, to);
        }
        for (int other : graph.together(note)) {
            if (other != before) {
                addEdge(other, note, pitch, from, to);
            }
        }
    }

    private void addEdge(int earlier, int note, int pitch, int from, int to) {
        if (graph.isFixed(earlier) || decided[earlier]) {
            int settled = goesHigh[earlier] ? graph.high(earlier) : graph.low(earlier);
            long cost = graph.cost(earlier, settled, note, pitch);
            for (int state = from; state < to; state++) {
                costs[state] += cost;
            }
            return;
        }
        int slot = slot(earlier);
        long whenLow = graph.cost(earlier, graph.low(earlier), note, pitch);
        long whenHigh = graph.cost(earlier, graph.high(earlier), note, pitch);
        for (int state = from; state < to; state++) {
            costs[state] += (state >> slot & 1) == 0 ? whenLow : whenHigh;
        }
    }

    private int slot(int note) {
        int slot = 0;
        while (live[slot] != note) {
            slot++;
        }
        return slot;
    }

    private void closeFinished(int now) {
        for (int slot = liveCount - 1; slot >= 0; slot--) {
            if (graph.lastUse(live[slot]) <= now) {
                close(slot);
            }
        }
        if (liveCount == 0) {
            costs[0] = 0;
        } else {
            subtractLeast();
        }
    }

    /** Only differences matter; this keeps a long line's costs small. */
    private void subtractLeast() {
        long least = costs[0];
        for (int state = 1; state < states; state++) {
            least = Math.min(least, costs[state]);
        }
        for (int state = 0; state < states; state++) {
            costs[state] -= least;
        }
    }

    /** Takes a note out of the table, keeping for every combination of the others its better candidate; alike, the lower. */
    private void close(int slot) {
        int note = live[slot];
        System.arraycopy(live, slot + 1, live, slot, liveCount - slot - 1);
        liveCount--;
        states /= 2;
        if (liveCount == 0) {
            // Nothing that is open bears on it: it is decided.
            goesHigh[note] = costs[1] < costs[0];
            return;
        }
        long[] bits = new long[states + 63 >> 6];
        for (int state = 0; state < states; state++) {
            int low = state & (1 << slot) - 1 | state >> slot << slot + 1;
            long whenLow = costs[low];
            long whenHigh = costs[low | 1 << slot];
            if (whenHigh < whenLow) {
                bits[state >> 6] |= 1L << (state & 63);
            }
            costs[state] = Math.min(whenLow, whenHigh);
        }
        closed.add(new Closed(note, Arrays.copyOf(live, liveCount), bits));
    }

    private void decideOldest() {
        int best = 0;
        for (int state = 1; state < states; state++) {
            best = costs[state] < costs[best] ? state : best;
        }
        int note = live[0];
        goesHigh[note] = (best & 1) == 1;
        decided[note] = true;
        System.arraycopy(live, 1, live, 0, --liveCount);
        states /= 2;
        for (int state = 0; state < states; state++) {
            costs[state] = costs[state << 1 | best & 1];
        }
    }
}
