package amberfence.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Map;
import org.junit.jupiter.api.Test;

class TextsTest {
    @Test
    void noReasonAndNoFindingIsPutTogetherFromPieces() throws IOException {
        for (Path file : EveryText.sources()) {
            if (file.toString().matches(".*(Reason|Finding|KeyEvidence)\\.java")) {
                assertThat(EveryText.joined(file)).as("%s: whole sentences, with places for values", file)
                        .doesNotContainPattern("\"\\s*\\+|\\+\\s*\"").doesNotContainPattern("return \"[a-z]");
            }
        }
    }

    @Test
    void aTranslationStandsInThePlaceOfTheEnglishText() {
        Map<String, String> german = Texts.read("left alone by hand\tvon Hand belassen\n%s is nearer than %s\t%2$s ist ferner als %1$s\n"
                + "outside notes are left out\t\n");
        assertThat(Texts.say(german, "left alone by hand")).isEqualTo("von Hand belassen");
        assertThat(Texts.say(german, "%s is nearer than %s", "F4", "G4")).as("in another order").isEqualTo("G4 ist ferner als F4");
        assertThat(Texts.say(german, "outside notes are left out")).as("not translated yet").isEqualTo("outside notes are left out");
        assertThat(Texts.count(1, "%s note", "%s notes")).isEqualTo("1 note");
        assertThat(Texts.count(0, "%s note", "%s notes")).isEqualTo("0 notes");
    }
}
