package amberfence.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class TextsTest {
    private static final String TEXT = "\"((?:[^\"\\\\]|\\\\.)*)\"";
    /** What is said: whatever comes before the first text and holds none, the text, and for counts another one. */
    private static final Pattern SAID = Pattern.compile("Texts\\.(?:say|text|count)\\((?:[^\"()]|\\([^()\"]*\\))*"
            + TEXT + "(?:,\\s*" + TEXT + ")?");

    /** A source file in which texts that run over several lines are in one piece. */
    private static String joined(Path file) throws IOException {
        return Files.readString(file).replaceAll("\"\\s*\\+\\s*\"", "");
    }

    private static List<Path> sources() throws IOException {
        try (Stream<Path> files = Files.walk(Path.of("src", "main", "java", "amberfence"))) {
            return files.filter(file -> file.toString().endsWith(".java") && !file.endsWith("Texts.java")).toList();
        }
    }

    /** Every English text that stands in the code where it is said; those that describe a step stand in its schema. */
    private static Set<String> texts() throws IOException {
        Set<String> texts = new TreeSet<>();
        for (Path file : sources()) {
            Matcher said = SAID.matcher(joined(file));
            while (said.find()) {
                texts.add(said.group(1).replace("\\\"", "\""));
                texts.add(said.group(2) == null ? "" : said.group(2));
            }
        }
        texts.remove("");
        return texts;
    }

    @Test
    void theListForTranslatorsHoldsEveryTextAndNoOther() throws IOException {
        String list;
        try (var in = Texts.class.getResourceAsStream("texts.tsv")) {
            list = new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
        assertThat(list.lines().toList()).as("texts.tsv, one English text on each line, in order").containsExactlyElementsOf(texts());
    }

    @Test
    void noReasonAndNoFindingIsPutTogetherFromPieces() throws IOException {
        for (Path file : sources()) {
            if (file.toString().matches(".*(Reason|Finding|KeyEvidence)\\.java")) {
                assertThat(joined(file)).as("%s: whole sentences, with places for values", file)
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
