package amberfence.notes;

import amberfence.theory.Chord;
import amberfence.theory.Range;
import amberfence.theory.Voicing;
import amberfence.words.Texts;
import java.util.Optional;

/**
 * A chord of the progression, from a tick until another.
 *
 * @param id identity within the song
 * @param end the first tick at which it no longer holds, later than the start
 * @param voicing how it is voiced; empty for the usual close position
 * @param corrected whether a person set it, so that reading the notes again leaves it alone
 * @param confidence 0 to 1, how certain it is; 1 for what a person set
 */
public record ChordSpan(long id, long start, long end, Chord chord, Optional<Voicing> voicing, boolean corrected,
                        double confidence) {
    /** What is read with less confidence is uncertain. */
    public static final double SURE = 0.75;

    public ChordSpan {
        Range.TICK.check(start);
        if (end <= start) {
            throw new IllegalArgumentException(Texts.say("a chord ends after it begins, not %s to %s", start, end));
        }
    }

    /** A chord that a person put there, in its usual voicing. */
    public static ChordSpan of(long id, long start, long end, Chord chord) {
        return new ChordSpan(id, start, end, chord, Optional.empty(), true, 1);
    }

    /** Whether somebody set it, or it was read for certain enough. */
    public boolean isSure() {
        return corrected || confidence >= SURE;
    }

    /** The same as somebody has decided it. */
    public ChordSpan decided() {
        return new ChordSpan(id, start, end, chord, voicing, true, 1);
    }

    public long length() {
        return end - start;
    }

    /** The voicing, or the usual one. */
    public Voicing sounding() {
        return voicing.orElseGet(() -> Voicing.of(chord));
    }

    public ChordSpan withId(long newId) {
        return new ChordSpan(newId, start, end, chord, voicing, corrected, confidence);
    }

    public ChordSpan withTime(long newStart, long newEnd) {
        return new ChordSpan(id, newStart, newEnd, chord, voicing, corrected, confidence);
    }

    /** The same so many ticks later. */
    public ChordSpan shifted(long ticks) {
        return withTime(start + ticks, end + ticks);
    }

    /** Another chord in its place; a voicing of the old one does not fit it. */
    public ChordSpan withChord(Chord newChord) {
        return newChord.equals(chord) ? this : new ChordSpan(id, start, end, newChord, Optional.empty(), true, 1);
    }

    public ChordSpan withVoicing(Voicing newVoicing) {
        return new ChordSpan(id, start, end, chord, Optional.of(newVoicing), corrected, confidence);
    }

    /** The same as it was read from notes, with so much certainty. */
    public ChordSpan asRead(double newConfidence) {
        return new ChordSpan(id, start, end, chord, voicing, false, newConfidence);
    }
}
