package amberfence.step;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

class TallyTest {
    @Property
    void countsAsAMapDoesAlsoZeroNegativeAndExtremeNumbers(@ForAll("keys") List<Long> keys) {
        Tally tally = new Tally();
        Map<Long, Integer> map = new HashMap<>();
        for (long key : keys) {
            assertThat(tally.again(key)).isEqualTo(map.merge(key, 1, Integer::sum) - 1);
        }
    }

    @Provide
    Arbitrary<List<Long>> keys() {
        return Arbitraries.oneOf(Arbitraries.longs().between(-25, 25), Arbitraries.of(Long.MIN_VALUE, Long.MIN_VALUE + 1, Long.MAX_VALUE, Long.MAX_VALUE - 1),
                Arbitraries.longs()).list().ofMaxSize(200);
    }
}
