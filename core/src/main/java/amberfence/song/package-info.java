/**
 * Music in time: notes, lines, parts with their takes and steps, the map of tempo and metre, the fence. All of it is
 * immutable; an edit makes a new {@link amberfence.song.Song} that shares whatever it did not touch.
 *
 * <p>Times are in ticks as {@code long}; how many make a quarter note is told once, by the song's
 * {@link amberfence.song.TimeMap}. Spans are half-open: a note that starts on a change belongs to what begins there.
 */
package amberfence.song;

