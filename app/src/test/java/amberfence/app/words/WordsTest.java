package amberfence.app.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.MissingResourceException;
import java.util.Properties;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class WordsTest {
    private static Properties texts() throws IOException {
        Properties texts = new Properties();
        texts.load(new InputStreamReader(Words.class.getResourceAsStream("words.properties"), StandardCharsets.UTF_8));
        return texts;
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

    @Test
    void countsAndMissesInWords() {
        assertThat(Words.count("outside", 1)).isEqualTo("1 outside");
        assertThat(Words.count("noteCount", 1)).isEqualTo("1 note");
        assertThat(Words.count("noteCount", 3)).isEqualTo("3 notes");
        assertThatThrownBy(() -> Words.say("no.such")).isInstanceOf(MissingResourceException.class)
                .hasMessage("no words for no.such");
    }
}
