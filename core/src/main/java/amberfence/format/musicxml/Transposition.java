package amberfence.format.musicxml;

import amberfence.theory.NoteName;
import java.math.BigInteger;
import java.util.Optional;
import org.audiveris.proxymusic.Transpose;

/**
 * From what is written to what sounds (MusicXML 4.0, group {@code transpose}: "add to the written pitch").
 *
 * @param semitones added to the written pitch
 * @param fifths how far names move on the line of fifths
 */
record Transposition(int semitones, int fifths) {
    static final Transposition NONE = new Transposition(0, 0);
    private static final int MOST = 48;

    static Transposition of(Transpose written) {
        int chromatic = (int) Math.max(-MOST, Math.min(MOST, Math.round(Quarters.number(written.getChromatic(), 0))));
        int octaves = Math.max(-4, Math.min(4, Optional.ofNullable(written.getOctaveChange()).map(BigInteger::intValue).orElse(0)));
        int fifths = Math.floorMod(7 * chromatic + 5, 12) - 5;
        if (written.getDiatonic() != null && Math.abs(7 * chromatic - 12 * written.getDiatonic().intValue()) <= 14) {
            fifths = 7 * chromatic - 12 * written.getDiatonic().intValue();
        }
        return new Transposition(chromatic + 12 * octaves, fifths);
    }

    /** How a written name is called as it sounds. */
    NoteName sounding(NoteName written) {
        int moved = written.fifths() + fifths;
        // Names with more than two signs are those of nobody.
        return NoteName.ofFifths(moved > 19 ? moved - 12 : moved < -15 ? moved + 12 : moved);
    }
}
