/**
 * Music in time: notes and lines of them, and where they lie: the map of tempo and metre, the keys and the fence, the
 * progression. All of it is immutable.
 *
 * <p>Times are in ticks as {@code long}; how many make a quarter note is told once, by the
 * {@link amberfence.notes.TimeMap}. Spans are half-open: a note that starts on a change belongs to what begins there.
 */
package amberfence.notes;
