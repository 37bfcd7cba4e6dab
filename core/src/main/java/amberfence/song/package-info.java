/**
 * A song: parts with their takes and steps, and what the file said that it was read from. All of it is immutable; an edit
 * makes a new {@link amberfence.song.Song} that shares whatever it did not touch.
 */
package amberfence.song;
