package amberfence.app.session;

/**
 * A stretch of the song.
 *
 * @param from the first tick
 * @param to the first tick behind it, later than the first
 */
public record TickRange(long from, long to) {
    public TickRange {
        if (to <= from) {
            throw new IllegalArgumentException("a stretch of the song ends after it begins, not " + from + " to " + to);
        }
    }
}
