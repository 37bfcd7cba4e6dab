package amberfence.app.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberfence.words.Languages;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.text.Bidi;
import java.util.List;
import java.util.MissingResourceException;
import java.util.Properties;
import java.util.TreeSet;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class WordsTest {
    private static final Pattern PLACE = Pattern.compile("%(?:\\d\\$)?\\+?[sd]");

    private static Properties texts() throws IOException {
        return texts("words.properties");
    }

    private static Properties texts(String file) throws IOException {
        Properties texts = new Properties();
        texts.load(new InputStreamReader(Words.class.getResourceAsStream(file), StandardCharsets.UTF_8));
        return texts;
    }

    @Test
    void everyTextIsTranslatedWithTheSameValuesInIt() throws IOException {
        Properties english = texts();
        for (String language : Languages.ALL.subList(1, Languages.ALL.size())) {
            Properties other = texts("words_" + language + ".properties");
            assertThat(other.stringPropertyNames()).as(language).isEqualTo(english.stringPropertyNames());
            other.stringPropertyNames().forEach(name -> assertThat(places(other.getProperty(name))).as("%s: %s", language, name)
                    .isEqualTo(places(english.getProperty(name))));
        }
    }

    private static List<String> places(String text) {
        return PLACE.matcher(text.replace("%%", "")).results().map(MatchResult::group).toList();
    }

    private static String code() throws IOException {
        try (Stream<Path> files = Files.walk(Path.of("src", "main", "java"))) {
            return files.filter(file -> file.toString().endsWith(".java")).map(file -> {
                try {
                    return Files.readString(file);
                } catch (IOException e) {
                    throw new UncheckedIOException(e);
                }
            }).collect(Collectors.joining("\n"));
        }
    }

    @Test
    void everyTextThatIsNamedExists() throws IOException {
        Properties texts = texts();
        Matcher named = Pattern.compile("(?:say|count|heading)\\(\"([\\w.]+)\"").matcher(code());
        int found = 0;
        while (named.find()) {
            String name = named.group(1);
            boolean prefix = name.endsWith(".");
            assertThat(prefix || texts.containsKey(name) || texts.containsKey(name + ".many") && texts.containsKey(name + ".one"))
                    .as(name).isTrue();
            found++;
        }
        assertThat(found).isGreaterThan(80);
    }

    @Test
    void everyTextIsUsed() throws IOException {
        String code = code();
        TreeSet<String> unused = new TreeSet<>();
        for (String name : texts().stringPropertyNames()) {
            String plain = name.replaceAll("\\.(one|many)$", "");
            String family = plain.substring(0, plain.lastIndexOf('.') + 1);
            if (!code.contains("\"" + plain + "\"") && !code.contains("\"" + name + "\"") && (family.isEmpty() || !code.contains("\"" + family + "\""))) {
                unused.add(name);
            }
        }
        assertThat(unused).isEmpty();
    }

    /** Source: Unicode Standard Annex 9, as java.text.Bidi carries it out. */
    @Test
    void aNameFromRightToLeftTurnsNothingBesideIt() {
        String said = Words.say("overview.silent", "\u05DC\u05D7\u05DF (2)", 7);
        assertThat(seen(said)).as("as it is seen, from the left").isEqualTo("(2) \u05DF\u05D7\u05DC, bar 7: silent");
        assertThat(Words.name(Words.name("\u05DC\u05D7\u05DF"))).as("once is enough").isEqualTo(Words.name("\u05DC\u05D7\u05DF"));
        assertThat(Words.kept("parts.copyOf", "\u05DC\u05D7\u05DF")).as("no marks in what a song keeps").isEqualTo("\u05DC\u05D7\u05DF copy");
        assertThat(Words.name("\u05DC\u05D7\u05DF")).as("behind a letter some fonts draw a box for a mark").doesNotContain("\u200F");
        assertThat(Words.say("overview.silent", "Tune (2)", 7)).isEqualTo("Tune (2), bar 7: silent");
    }

    private static String seen(String text) {
        Bidi bidi = new Bidi(text, Bidi.DIRECTION_LEFT_TO_RIGHT);
        byte[] levels = new byte[bidi.getRunCount()];
        String[] runs = new String[bidi.getRunCount()];
        for (int i = 0; i < runs.length; i++) {
            levels[i] = (byte) bidi.getRunLevel(i);
            String run = text.substring(bidi.getRunStart(i), bidi.getRunLimit(i));
            runs[i] = levels[i] % 2 == 0 ? run : mirrored(run);
        }
        Bidi.reorderVisually(levels, 0, runs, 0, runs.length);
        return String.join("", runs).replaceAll("[\u200E\u200F]", "");
    }

    private static String mirrored(String run) {
        return new StringBuilder(run).reverse().toString().replace('(', '<').replace(')', '(').replace('<', ')');
    }

    @Test
    void countsAndMissesInWords() {
        assertThat(Words.count("outside", 1)).isEqualTo("1 outside");
        assertThat(Words.count("noteCount", 1)).isEqualTo("1 note");
        assertThat(Words.count("noteCount", 3)).isEqualTo("3 notes");
        assertThatThrownBy(() -> Words.say("no.such")).isInstanceOf(MissingResourceException.class)
                .hasMessage("no words for no.such");
    }
}
