package amberfence.format.musicxml;

import amberfence.format.musicxml.WrittenScore.Bar;
import amberfence.format.musicxml.WrittenScore.WrittenPart;
import java.math.BigDecimal;
import org.audiveris.proxymusic.Attributes;

/** Ticks a quarter in which all lengths of a score are whole, where a MIDI file can have so many. */
final class Resolution {
    private static final int USUAL = 480;
    private static final int FEWEST = 96;
    private static final int MOST = 32_767;
    /** Divides most of what is asked for; the rest is rounded. */
    private static final int FINE = 10_080;

    private Resolution() {
    }

    static int of(WrittenScore score) {
        long common = 1;
        for (WrittenPart part : score.parts()) {
            for (Bar bar : part.bars()) {
                for (Object item : bar.items()) {
                    if (item instanceof Attributes attributes && attributes.getDivisions() != null) {
                        common = common(common, attributes.getDivisions());
                    }
                }
            }
        }
        if (common > MOST) {
            return FINE;
        }
        if (common >= FEWEST) {
            return (int) common;
        }
        return (int) (USUAL % common == 0 ? USUAL : common * ((USUAL + common - 1) / common));
    }

    private static long common(long common, BigDecimal divisions) {
        long whole = Math.round(Quarters.number(divisions, 1));
        if (whole < 1 || whole > MOST || common > MOST) {
            return whole < 1 ? common : MOST + 1L;
        }
        long a = common;
        long b = whole;
        while (b != 0) {
            long rest = a % b;
            a = b;
            b = rest;
        }
        return common / a * whole;
    }
}
