package amberfence.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberfence.demo.Demo;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;

class ArgumentsTest {
    @Test
    void readsWhatTheWindowIsStartedWith() {
        Arguments arguments = Arguments.parse(List.of("demo", "--screenshot", "a.png", "--view", "fence", "--theme", "lamp"));
        assertThat(arguments.demo()).contains(Demo.LANTERN_FERRY);
        assertThat(arguments.screenshot()).hasValue(Path.of("a.png"));
        assertThat(arguments.view()).isEqualTo("fence");
        assertThat(arguments.theme()).hasValue("lamp");
        assertThat(Arguments.parse(List.of("song.mid")).file()).hasValue(Path.of("song.mid"));
        assertThat(Arguments.parse(List.of()).view()).isEqualTo("workspace");
    }

    @Test
    void saysWhatIsWrong() {
        assertThatThrownBy(() -> Arguments.parse(List.of("--view", "cellar")))
                .hasMessage("--view is one of " + String.join(", ", Arguments.VIEWS) + ", not cellar");
        assertThatThrownBy(() -> Arguments.parse(List.of("--screenshot"))).hasMessage("--screenshot needs a value");
        assertThatThrownBy(() -> Arguments.parse(List.of("--loud"))).hasMessageStartingWith("there is no option --loud; try demo");
    }
}
