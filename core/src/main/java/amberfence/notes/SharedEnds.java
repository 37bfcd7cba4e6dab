package amberfence.notes;

/**
 * What two arrays share at both ends: an edit of a long line changes little between.
 *
 * @param first how many at the beginning are the very same objects
 * @param last how many at the end are, beside those
 */
public record SharedEnds(int first, int last) {
    /** What some objects share with those that were there before. */
    public static SharedEnds of(Object[] now, Object[] before) {
        int least = Math.min(now.length, before.length);
        int first = 0;
        while (first < least && now[first] == before[first]) {
            first++;
        }
        int last = 0;
        while (last < least - first && now[now.length - 1 - last] == before[before.length - 1 - last]) {
            last++;
        }
        return new SharedEnds(first, last);
    }
}
