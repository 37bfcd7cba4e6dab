package amberfence.notes;

import java.util.Arrays;
import java.util.Collection;
import java.util.LongSummaryStatistics;
import java.util.Optional;
import java.util.stream.Stream;

/** The notes of some lines by their identities, in few bytes a note: there may be millions. */
public final class NoteIndex {
    /** How many places there may be for each note, so that each has a place of its own. */
    private static final int ROOM = 2;
    /** So many lines are looked through faster than by halves. */
    private static final int FEW = 8;
    private static final int NONE = -1;
    private final Line[] lines;
    /** For each line how many notes the lines before it have. */
    private final int[] before;
    private final int size;
    /** The identity of the first note of each line, where all of few lines count on from there: then nothing else is kept. Else nothing. */
    private final long[] counted;
    private final long first;
    /**
     * The notes of a file that was read have numbers one after another: for each number from the first on, where among all notes of
     * the lines it is, one too many so that 0 says that there is none. Nothing where numbers are far apart.
     */
    private final int[] byNumber;
    /** Otherwise all identities in order, and where among all notes of the lines each is. */
    private final long[] ids;
    private final int[] places;

    /** @param lines whose notes have different identities */
    public NoteIndex(Collection<Line> lines) {
        this.lines = lines.stream().filter(line -> !line.isEmpty()).toArray(Line[]::new);
        before = new int[this.lines.length];
        int count = 0;
        for (int l = 0; l < before.length; l++) {
            before[l] = count;
            count += this.lines[l].size();
        }
        size = count;
        boolean areCounted = before.length <= FEW && Stream.of(this.lines).allMatch(line -> line.columns().isCounted());
        counted = areCounted ? Stream.of(this.lines).mapToLong(line -> line.columns().id(0)).toArray() : null;
        LongSummaryStatistics all = new LongSummaryStatistics();
        if (!areCounted) {
            eachPlace((id, place) -> all.accept(id));
        }
        first = all.getMin();
        // Below 0 when the numbers are farther apart than numbers go.
        long span = all.getMax() - first;
        boolean areNear = !areCounted && span >= 0 && span < (long) ROOM * count;
        boolean areSearched = !areCounted && !areNear;
        byNumber = areNear ? new int[(int) span + 1] : null;
        ids = areSearched ? new long[count] : null;
        places = areSearched ? new int[count] : null;
        if (areNear) {
            eachPlace((id, place) -> byNumber[(int) (id - first)] = place + 1);
        } else if (areSearched) {
            eachPlace((id, place) -> ids[place] = id);
            Arrays.sort(ids);
            eachPlace((id, place) -> places[Arrays.binarySearch(ids, id)] = place);
        }
    }

    /** Told which note is where among all notes of the lines. */
    private interface Told {
        void at(long id, int place);
    }

    private void eachPlace(Told told) {
        for (int l = 0; l < lines.length; l++) {
            for (int i = 0; i < lines[l].size(); i++) {
                told.at(lines[l].columns().id(i), before[l] + i);
            }
        }
    }

    /** How many notes there are. */
    public int size() {
        return size;
    }

    /** The place of a note among all notes of the lines, below 0 where there is none of this identity. */
    public int place(long id) {
        if (counted != null) {
            for (int l = 0; l < counted.length; l++) {
                long place = id - counted[l];
                if (place >= 0 && place < lines[l].size()) {
                    return before[l] + (int) place;
                }
            }
            return NONE;
        }
        if (byNumber == null) {
            int found = Arrays.binarySearch(ids, id);
            return found < 0 ? found : places[found];
        }
        long number = id - first;
        return number >= 0 && number < byNumber.length ? byNumber[(int) number] - 1 : -1;
    }

    /** The note of an identity, if there is one. */
    public Optional<Note> find(long id) {
        int place = place(id);
        return place < 0 ? Optional.empty() : Optional.of(at(place));
    }

    /** @param place one that {@link #place} gave */
    public Note at(int place) {
        return line(place).at(placeInLine(place));
    }

    /** The line that a note is in. */
    public Line line(int place) {
        return lines[lineOf(place)];
    }

    /** Where a note stands in its line. */
    public int placeInLine(int place) {
        return place - before[lineOf(place)];
    }

    private int lineOf(int place) {
        if (before.length <= FEW) {
            int line = before.length - 1;
            while (before[line] > place) {
                line--;
            }
            return line;
        }
        int found = Arrays.binarySearch(before, place);
        return found < 0 ? -found - 2 : found;
    }
}
