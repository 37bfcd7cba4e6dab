package amberfence.edit;

import amberfence.notes.Line;
import amberfence.notes.Note;
import amberfence.notes.TimeMap;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** Two lines taking turns. */
public final class Alternation {
    private Alternation() {
    }

    /**
     * The first line for some bars, the second for as many, and so on from the first bar. A note belongs to the bar in which
     * it begins and keeps its length. A note that comes twice, because it begins elsewhere in the other line, is a note of
     * its own the second time.
     *
     * @param bars how many, at least 1
     */
    public static Line of(Line first, Line second, TimeMap time, int bars) {
        List<Note> taken = new ArrayList<>();
        Set<Long> known = new HashSet<>();
        long made = -1 - first.size() - second.size();
        for (Line line : List.of(first, second)) {
            int turn = line == first ? 0 : 1;
            for (Note note : line.notes()) {
                if ((time.barOf(note.start()) - 1) / bars % 2 == turn) {
                    taken.add(known.add(note.id()) ? note : note.withId(made--));
                }
            }
        }
        return Line.of(taken);
    }
}
