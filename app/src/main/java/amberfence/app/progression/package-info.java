/** The progression strip above the ladder: chords as cards in time, their voices as threads, and all that is done to them. */
package amberfence.app.progression;

