package amberfence.reading;

import amberfence.notes.Note;
import amberfence.notes.TimeMap;
import amberfence.theory.PitchClass;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;

/** Whether the bass of a piece is a round of two to four bars, repeated to the end. */
final class BassRound {
    private static final int SHORTEST = 2;
    private static final int LONGEST = 4;
    /** Nobody looks for rounds in what is longer. */
    private static final int MOST_BARS = 10_000;
    private static final int SILENT = -1;

    private BassRound() {
    }

    /** How many bars it has in notes in their order, at least twice and whole each time; 0 where there is none. */
    static int bars(List<Note> notes, TimeMap time) {
        List<Integer> basses = basses(notes, time);
        return IntStream.rangeClosed(SHORTEST, LONGEST).filter(bars -> basses.size() >= 2 * bars && basses.size() % bars == 0
                && basses.subList(0, bars).stream().distinct().count() > 1
                && IntStream.range(bars, basses.size()).allMatch(bar -> basses.get(bar).equals(basses.get(bar - bars)))).findFirst().orElse(0);
    }

    /** The pitch class of the lowest note that begins in each bar, from the first with a note to the last; none of what is too long. */
    private static List<Integer> basses(List<Note> notes, TimeMap time) {
        long early = Strokes.together(time);
        int first = time.barOf(notes.get(0).start() + early);
        int count = time.barOf(notes.get(notes.size() - 1).start() + early) - first + 1;
        if (count > MOST_BARS) {
            return List.of();
        }
        List<Integer> lowest = new ArrayList<>(Collections.nCopies(count, Integer.MAX_VALUE));
        for (Note note : notes) {
            int bar = time.barOf(note.start() + early) - first;
            lowest.set(bar, Math.min(lowest.get(bar), note.pitch()));
        }
        return lowest.stream().map(pitch -> pitch == Integer.MAX_VALUE ? SILENT : pitch % PitchClass.COUNT).toList();
    }
}
