package amberfence.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A language is shipped when everything is said in it. */
class TranslationsTest {
    private static final Pattern PLACE = Pattern.compile("%(\\d\\$)?s");

    static List<String> others() {
        return Languages.ALL.subList(1, Languages.ALL.size());
    }

    private static Map<String, String> translated(String language) {
        try (var in = Texts.class.getResourceAsStream("texts_" + language + ".tsv")) {
            return Texts.read(new String(in.readAllBytes(), StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Set<String> all() throws IOException {
        Set<String> all = new TreeSet<>(EveryText.said());
        all.addAll(EveryText.ofSteps());
        all.addAll(EveryText.ofTables());
        return all;
    }

    @ParameterizedTest
    @MethodSource("others")
    void everyTextIsTranslatedAndNothingElse(String language) throws IOException {
        assertThat(translated(language).keySet()).as(language).containsExactlyInAnyOrderElementsOf(all());
    }

    @ParameterizedTest
    @MethodSource("others")
    void everyValueHasItsPlaceInTheTranslation(String language) {
        translated(language).forEach((english, other) -> assertThat(places(other)).as("%s: %s", english, other).isEqualTo(places(english)));
    }

    /** The values that a text names, by their numbers. */
    private static Set<Integer> places(String text) {
        Set<Integer> places = new TreeSet<>();
        int[] next = {1};
        PLACE.matcher(text.replace("%%", "")).results().forEach(place -> places.add(place.group(1) == null ? next[0]++
                : Integer.parseInt(place.group(1).substring(0, 1))));
        return places;
    }
}
