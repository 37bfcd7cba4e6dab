package amberfence.words;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** Numbers with only the decimals that they have: 0.5, 72. */
public final class Decimals {
    private Decimals() {
    }

    /** A number rounded to so many decimals, without zeros at its end. */
    public static String text(double value, int most) {
        return BigDecimal.valueOf(value).setScale(most, RoundingMode.HALF_UP).stripTrailingZeros().toPlainString();
    }
}
