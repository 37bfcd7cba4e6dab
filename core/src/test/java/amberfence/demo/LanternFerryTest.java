package amberfence.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

class LanternFerryTest {
    /** To make it anew: {@code ./amber-fence} opens the demo, and Export writes it with all steps off. */
    @Test
    void theShippedMidiFileIsMadeFromTheReadableSource() throws Exception {
        Path shipped = Path.of("..", "docs", "lantern-ferry.mid");
        assertThat(Files.readAllBytes(shipped)).isEqualTo(LanternFerry.plain().source().original().toArray());
    }
}
