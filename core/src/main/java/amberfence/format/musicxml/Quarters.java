package amberfence.format.musicxml;

import java.math.BigDecimal;

/** Numbers of a score, which may be missing, of any size, or none. */
final class Quarters {
    private Quarters() {
    }

    /** A number, or another when it is missing. */
    static double number(BigDecimal given, double otherwise) {
        return given == null || !Double.isFinite(given.doubleValue()) ? otherwise : given.doubleValue();
    }

    /** A length in quarters; none where it is missing or below 0, and endless where no number is as large. */
    static double length(BigDecimal duration, double divisions) {
        return duration == null ? 0 : Math.max(0, duration.doubleValue()) / divisions;
    }
}
