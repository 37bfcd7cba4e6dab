package amberfence.format.musicxml;

import java.math.BigDecimal;
import java.util.Optional;
import org.audiveris.proxymusic.ObjectFactory;
import org.audiveris.proxymusic.Offset;
import org.audiveris.proxymusic.YesNo;

/** Numbers of a score, which may be missing, of any size, or none. */
final class Quarters {
    private Quarters() {
    }

    /** A number, or another when it is missing. */
    static double number(BigDecimal given, double otherwise) {
        return given == null || !Double.isFinite(given.doubleValue()) ? otherwise : given.doubleValue();
    }

    /** How many divisions later than it stands something is, for playing as well; nothing when it is where it stands. */
    static Optional<Offset> later(long divisions) {
        if (divisions == 0) {
            return Optional.empty();
        }
        Offset offset = new ObjectFactory().createOffset();
        offset.setValue(BigDecimal.valueOf(divisions));
        offset.setSound(YesNo.YES);
        return Optional.of(offset);
    }

    /** A length in quarters; none where it is missing or below 0, and endless where no number is as large. */
    static double length(BigDecimal duration, double divisions) {
        return duration == null ? 0 : Math.max(0, duration.doubleValue()) / divisions;
    }
}
