package amberfence.reading;

import amberfence.theory.Chord;
import java.util.List;

/**
 * A chord that notes seem to be.
 *
 * @param start the tick from which it holds
 * @param end the first tick at which it no longer holds
 * @param confidence 0 to 1: how much of what sounds belongs to it, and how far it is ahead of the next reading
 * @param alternatives other readings of the same notes, best first
 */
public record ReadChord(long start, long end, Chord chord, double confidence, List<Chord> alternatives) {
    public ReadChord {
        alternatives = List.copyOf(alternatives);
    }
}
