package amberfence.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Locale;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** Values in the places of a text; the JDK's own formatting is what it is compared with. */
class PlacesTest {
    @Test
    void valuesComeInTheirOrderOrByTheirNumber() {
        assertThat(Places.fill("%s of “%s”: %d", "a third", "Tune", 3)).isEqualTo("a third of “Tune”: 3");
        assertThat(Places.fill("%2$s, then %1$s", "one", "two")).isEqualTo("two, then one");
        assertThat(Places.fill("nothing to fill")).isEqualTo("nothing to fill");
        assertThat(Places.fill("%d %% of %s", 40, "it")).isEqualTo("40 % of it");
    }

    @Test
    void largeCountsAreGroupedAndWhatIsWrittenInFilesIsNot() {
        assertThat(Places.fill("%d notes in bar %d", 1_000_000, 9_999)).isEqualTo("1,000,000 notes in bar 9999");
        assertThat(Places.fill("tick must be 0 to %s", 1L << 40)).isEqualTo("tick must be 0 to 1099511627776");
    }

    @Test
    void aPlaceWithoutAValueIsAMistake() {
        assertThatThrownBy(() -> Places.fill("%s and %s", "one")).isInstanceOf(IllegalArgumentException.class).hasMessageContaining("1 values");
        assertThatThrownBy(() -> Places.fill("%q", "one")).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Places.fill("100 %")).isInstanceOf(IllegalArgumentException.class);
    }

    @Property(tries = 200)
    void isWhatTheJdkMakesOfIt(@ForAll String value, @ForAll @IntRange(min = -9_999, max = 9_999) int number) {
        for (String text : List.of("%s", "a %s b %d", "%2$d%1$s", "%s%%%d", "%1$s %2$+d")) {
            assertThat(Places.fill(text, value, number)).isEqualTo(String.format(Locale.ROOT, text, value, number));
        }
    }
}
