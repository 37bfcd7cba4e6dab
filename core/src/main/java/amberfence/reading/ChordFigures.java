package amberfence.reading;

import amberfence.notes.Note;
import amberfence.notes.TimeMap;
import amberfence.theory.PitchClass;
import amberfence.theory.Range;
import java.util.BitSet;
import java.util.List;

/** What the lowest notes and runs of single notes say about where a chord begins, and on which bass. */
final class ChordFigures {
    private static final int LONGEST_FIGURE = 8;
    private static final int LEAST_OF_A_FIGURE = 3;

    /** The lowest pitch of the figure that begins in a cell, after each of so many cells; {@link Integer#MAX_VALUE} where nothing sounds. */
    final int[][] lows;
    /** Whether single notes that rise or fall since the bar began go on doing so over the beginning of a cell. */
    final boolean[] running;
    /** Whether a cell begins with a bass of its own: lower than what was struck before it, not that of the bar or half before, and not in turn with it. */
    final boolean[] freshBass;
    /** Whether the second half of a bar begins there with the figure of the first on another bass. */
    final boolean[] restarts;
    /** Whether the same is struck above the second half of a bar as above the first: only the bass differs. */
    private final boolean[] alternates;
    /** The index of the first note of each cell, or of the one after it where none begins there; one more than there are cells. */
    private final int[] firstNote;
    private final List<Note> notes;
    /** Which notes are steps of a bass that walks: no chord has its bass from them. */
    private final BitSet steps;
    private final long[] lines;
    private final int[] metric;
    private final TimeMap time;

    ChordFigures(ChordBeats beats, BitSet steps, TimeMap time, int longest) {
        this.notes = beats.notes;
        this.steps = steps;
        this.lines = beats.lines;
        this.metric = beats.metric;
        this.time = time;
        this.lows = new int[lines.length - 1][];
        this.running = new boolean[lines.length - 1];
        this.freshBass = new boolean[lines.length - 1];
        this.restarts = new boolean[lines.length - 1];
        this.alternates = new boolean[lines.length - 1];
        this.firstNote = new int[lines.length];
        int first = 0;
        for (int cell = 0; cell < lines.length; cell++) {
            while (first < notes.size() && notes.get(first).start() < lines[cell]) {
                first++;
            }
            firstNote[cell] = first;
        }
        figures(longest);
        runs();
        basses();
        restarts();
    }

    /**
     * The lowest note of what begins in each cell: of what is struck together or sounds on; of single notes, that of their
     * first figure, until its first note comes again or several are struck.
     */
    private void figures(int longest) {
        long[] ends = new long[(int) Range.PITCH.highest() + 1];
        int next = 0;
        for (int cell = 0; cell < lines.length - 1; cell++) {
            long from = lines[cell];
            while (next < firstNote[cell]) {
                Note note = notes.get(next++);
                ends[note.pitch()] = Math.max(ends[note.pitch()], note.end());
            }
            long through = from + (lines[cell + 1] - from) * 3 / 4;
            int low = 0;
            while (low < ends.length && ends[low] < through) {
                low++;
            }
            lows[cell] = figure(firstNote[cell], cell, longest, low < ends.length ? low : Integer.MAX_VALUE);
        }
    }

    /** Where a bass of its own begins. */
    private void basses() {
        int before = Integer.MAX_VALUE;
        int group = -1;
        for (int cell = 0; cell < lines.length - 1; cell++) {
            int first = Integer.MAX_VALUE;
            int lowest = Integer.MAX_VALUE;
            for (Note note : notes.subList(cell == 0 ? 0 : firstNote[cell], firstNote[cell + 1])) {
                first = note.start() <= lines[cell] ? Math.min(first, note.pitch()) : first;
                lowest = Math.min(lowest, note.pitch());
            }
            if (metric[cell] > 0) {
                int low = lows[cell][lows[cell].length - 1];
                int last = group < 0 ? low : lows[group][lows[group].length - 1];
                alternates[cell] = metric[cell] == 1 && group >= 0 && staysAbove(group, cell, last, low);
                freshBass[cell] = first < before && (low - last) % PitchClass.COUNT != 0 && !alternates[cell];
                group = cell;
            }
            before = lowest;
        }
    }

    /** Whether the same is struck above the bass of a half of a bar and above that of the half before: the bass alternates. */
    private boolean staysAbove(int before, int cell, int bassBefore, int bass) {
        int next = cell + 1;
        while (next < lines.length - 1 && metric[next] == 0) {
            next++;
        }
        int above = above(cell, next, bass);
        return above != 0 && above == above(before, cell, bassBefore);
    }

    /** The pitch classes that are struck in some cells above a bass, as bits. */
    private int above(int from, int to, int bass) {
        int bits = 0;
        for (int n = firstNote[from]; n < firstNote[to]; n++) {
            Note note = notes.get(n);
            boolean isBass = note.start() <= lines[from] && (note.pitch() - bass) % PitchClass.COUNT == 0;
            boolean isAbove = !steps.get(n) && !isBass && (note.pitch() > bass || note.start() > lines[from]);
            bits |= isAbove ? 1 << note.pitch() % PitchClass.COUNT : 0;
        }
        return bits;
    }

    /** Where the shape of the first half of a bar comes again. */
    private void restarts() {
        int bar = -1;
        for (int cell = 0; cell < lines.length - 1; cell++) {
            int n = firstNote[cell];
            if (metric[cell] == 2) {
                bar = n;
            } else if (metric[cell] == 1 && bar >= 0 && n - bar >= LEAST_OF_A_FIGURE && n - bar <= LONGEST_FIGURE) {
                restarts[cell] = !alternates[cell] && isAgain(bar, n, lines[cell]);
            }
        }
    }

    private boolean isAgain(int bar, int half, long from) {
        int count = half - bar;
        long shift = from - notes.get(bar).start();
        long near = Strokes.together(time) / 2;
        boolean again = half + count <= notes.size();
        int low = Integer.MAX_VALUE;
        int lowAgain = Integer.MAX_VALUE;
        for (int i = 0; again && i < count; i++) {
            Note before = notes.get(bar + i);
            Note now = notes.get(half + i);
            low = Math.min(low, before.pitch());
            lowAgain = Math.min(lowAgain, now.pitch());
            again = Math.abs(now.start() - before.start() - shift) <= near && (i == 0
                    || Integer.signum(now.pitch() - notes.get(half + i - 1).pitch()) == Integer.signum(before.pitch() - notes.get(bar + i - 1).pitch()));
        }
        return again && (low - lowAgain) % PitchClass.COUNT != 0;
    }

    /** Where single notes go on rising or falling. */
    private void runs() {
        long together = Strokes.together(time);
        for (int cell = 0; cell < lines.length - 1; cell++) {
            if (metric[cell] != 2) {
                continue;
            }
            int direction = 0;
            boolean single = true;
            Note last = null;
            int at = firstNote[cell];
            for (int next = cell + 1; single && next < lines.length - 1 && metric[next] != 2; next++) {
                while (single && at < notes.size() && notes.get(at).start() < lines[next]) {
                    Note note = notes.get(at++);
                    int way = last == null ? 0 : Integer.signum(note.pitch() - last.pitch());
                    single = last == null || note.start() - last.start() >= together && way != 0 && (direction == 0 || way == direction);
                    direction = last == null ? 0 : way;
                    last = note;
                }
                boolean alone = single && at < notes.size() && last != null && notes.get(at).start() == lines[next]
                        && (at + 1 == notes.size() || notes.get(at + 1).start() - notes.get(at).start() >= together);
                running[next] = alone && direction != 0 && Integer.signum(notes.get(at).pitch() - last.pitch()) == direction;
            }
        }
    }

    /** The lowest pitch of the figure that begins with a note, after each cell from one on. */
    private int[] figure(int first, int cell, int longest, int held) {
        int[] found = new int[Math.min(longest, lines.length - 1 - cell)];
        long together = Strokes.together(time);
        int low = held;
        boolean open = true;
        int n = first;
        int strokes = 0;
        for (int i = 0; i < found.length; i++) {
            while (open && n < notes.size() && notes.get(n).start() < lines[cell + i + 1]) {
                Note head = notes.get(n);
                if (strokes > 0 && head.pitch() == notes.get(first).pitch() || strokes >= LONGEST_FIGURE) {
                    open = false;
                    break;
                }
                int struck = 0;
                while (n < notes.size() && notes.get(n).start() - head.start() < together && notes.get(n).start() < lines[cell + i + 1]) {
                    low = n > first && steps.get(n) ? low : Math.min(low, notes.get(n).pitch());
                    n++;
                    struck++;
                }
                open = struck < 2;
                strokes++;
            }
            found[i] = low;
        }
        return found;
    }
}
