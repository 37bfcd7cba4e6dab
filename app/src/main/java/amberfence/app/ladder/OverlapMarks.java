package amberfence.app.ladder;

import amberfence.reading.Overlaps;
import java.util.Comparator;
import java.util.List;

/**
 * Small overlaps, ready to find those of a span of time quickly.
 *
 * @param inOrder in the order in which they begin, which is where the next note does: a held note may reach into one far behind
 *                those of other voices
 * @param longest how many ticks the longest of them lasts
 */
record OverlapMarks(List<Overlaps.Overlap> inOrder, long longest) {
    static final OverlapMarks NONE = new OverlapMarks(List.of(), 0);

    static OverlapMarks of(List<Overlaps.Overlap> overlaps) {
        return new OverlapMarks(overlaps.stream().sorted(Comparator.comparingLong(OverlapMarks::begin)).toList(),
                overlaps.stream().mapToLong(Overlaps.Overlap::ticks).max().orElse(0));
    }

    private static long begin(Overlaps.Overlap overlap) {
        return overlap.next().start();
    }

    int size() {
        return inOrder.size();
    }

    /** Those that may be seen from one tick to another. */
    List<Overlaps.Overlap> between(double from, double to) {
        return inOrder.subList(firstFrom(from - longest), firstFrom(Math.nextUp(to)));
    }

    /** The index of the first that begins at a tick or later. */
    private int firstFrom(double tick) {
        return SceneIndex.first(inOrder.size(), index -> begin(inOrder.get(index)) >= tick);
    }
}
