package amberfence.theory;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;

class RootMotionTest {
    private static final List<String> DEGREES = List.of("I", "II", "III", "IV", "V", "VI", "VII");
    /** Walter Piston, Harmony, New York 1941, "table of usual root progressions", from memory: often; sometimes; less often. The last row is common practice, no source. */
    private static final String[] PISTON = {"I: IV V; VI; II III", "II: V; IV VI; I III", "III: VI; IV; I II V", "IV: V; I II; III VI", "V: I; IV VI; II III",
        "VI: II V; III IV; I", "VII: I; III; V"};

    @Test
    void isThatOfTheTable() {
        for (String row : PISTON) {
            String[] cells = row.split("[:;] ?", -1);
            for (int to = 1; to <= DEGREES.size(); to++) {
                int from = DEGREES.indexOf(cells[0]) + 1;
                if (from != to) {
                    RootMotion expected = RootMotion.HARDLY;
                    for (int column = 1; column < cells.length; column++) {
                        expected = List.of(cells[column].split(" ")).contains(DEGREES.get(to - 1)) ? RootMotion.values()[column - 1] : expected;
                    }
                    assertThat(RootMotion.of(from, to, false)).as("%s to %s", cells[0], DEGREES.get(to - 1)).isEqualTo(expected);
                }
            }
        }
    }

    @Test
    void theSeventhDegreeOfModesIsAPlainChordThatLeadsHome() {
        assertThat(RootMotion.of(7, 1, true)).isEqualTo(RootMotion.OFTEN);
        assertThat(RootMotion.of(1, 7, true)).isEqualTo(RootMotion.OFTEN);
        assertThat(RootMotion.of(1, 7, false)).isEqualTo(RootMotion.HARDLY);
    }

    @Test
    void thatOfARootThatStaysIsNone() {
        assertThatThrownBy(() -> RootMotion.of(4, 4, false)).isInstanceOf(IllegalArgumentException.class);
    }
}
