package amberfence.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Locale;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

class DecimalsTest {
    @Test
    void aNumberHasOnlyTheDecimalsThatItHas() {
        assertThat(Decimals.text(72, 1)).isEqualTo("72");
        assertThat(Decimals.text(100, 2)).isEqualTo("100");
        assertThat(Decimals.text(0.5, 2)).isEqualTo("0.5");
        assertThat(Decimals.text(0, 2)).isEqualTo("0");
        assertThat(Decimals.text(119.96, 1)).isEqualTo("120");
        assertThat(Decimals.text(1 / 3.0, 2)).isEqualTo("0.33");
    }

    /** Beside the JDK's own rounding. */
    @Property(tries = 500)
    void isRoundedAsTheJdkDoes(@ForAll @DoubleRange(min = 0, max = 100_000) double value) {
        assertThat(Double.parseDouble(Decimals.text(value, 2))).isEqualTo(Double.parseDouble(String.format(Locale.ROOT, "%.2f", value)));
    }
}
