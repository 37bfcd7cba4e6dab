package amberfence.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The README tells the truth: its commands work, its pictures and files exist. */
class ReadmeTest {
    private static final Path ROOT = Path.of("..");

    @Test
    void everyCommandOfTheReadmeWorks(@TempDir Path folder) throws Exception {
        int run = 0;
        for (String line : Files.readString(ROOT.resolve("README.md")).lines()
                .filter(l -> l.matches("\\./amber-fence (analyze|apply|sound|steps|recipes).*")).toList()) {
            List<String> words = new ArrayList<>();
            Matcher matcher = Pattern.compile("\"([^\"]*)\"|(\\S+)").matcher(line.replaceAll("\\s+#.*", ""));
            while (matcher.find()) {
                String word = matcher.group(1) != null ? matcher.group(1) : matcher.group(2);
                words.add(word.startsWith("docs/") ? ROOT.resolve(word).toString()
                        : word.startsWith("/tmp/") ? folder.resolve(word.substring(5)).toString() : word);
            }
            StringWriter errors = new StringWriter();
            int code = Main.run(new PrintWriter(new StringWriter()), new PrintWriter(errors),
                    words.subList(1, words.size()).toArray(String[]::new));
            assertThat(code).as(line + " " + errors).isZero();
            run++;
        }
        assertThat(run).isEqualTo(20);
    }

    @Test
    void everyLinkLeadsSomewhere() throws Exception {
        for (String page : List.of("README.md", "THIRD-PARTY.md", "CHANGELOG.md", "docs/project-format.md")) {
            Matcher links = Pattern.compile("\\]\\(([^)#:]+)\\)").matcher(Files.readString(ROOT.resolve(page)));
            while (links.find()) {
                assertThat(ROOT.resolve(page).resolveSibling(links.group(1))).exists();
            }
        }
    }

    @Test
    void everyPictureIsShownInTheReadme() throws Exception {
        String readme = Files.readString(ROOT.resolve("README.md"));
        try (var pictures = Files.list(ROOT.resolve("docs").resolve("screenshots"))) {
            pictures.forEach(picture -> assertThat(readme).contains(picture.getFileName().toString()));
        }
    }
}
