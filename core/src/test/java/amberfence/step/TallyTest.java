package amberfence.step;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

class TallyTest {
    @Test
    void countsAsAMapDoesAlsoZeroNegativeAndExtremeNumbers() {
        Random random = new Random(9);
        Tally tally = new Tally();
        Map<Long, Integer> map = new HashMap<>();
        for (int i = 0; i < 20_000; i++) {
            long key = switch (random.nextInt(4)) {
                case 0 -> random.nextInt(50) - 25;
                case 1 -> Long.MIN_VALUE + random.nextInt(3);
                case 2 -> Long.MAX_VALUE - random.nextInt(3);
                default -> random.nextLong();
            };
            assertThat(tally.again(key)).isEqualTo(map.merge(key, 1, Integer::sum) - 1);
        }
    }
}
