package amberfence.app.theme;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javafx.scene.paint.Color;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ThemeTest {
    private static Map<String, Color> roles(String theme) throws IOException {
        Map<String, Color> roles = new TreeMap<>();
        String colours = text("colours.css");
        int from = colours.indexOf(theme.equals("paper") ? ".root {" : "." + theme + ",");
        Matcher matcher = Pattern.compile("(-[a-z-]+): (#[0-9A-F]{6});").matcher(colours.substring(from, colours.indexOf('}', from)));
        while (matcher.find()) {
            roles.put(matcher.group(1), Color.web(matcher.group(2)));
        }
        return roles;
    }

    private static String text(String sheet) throws IOException {
        try (var in = Theme.class.getResourceAsStream(sheet)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    /** Source: WCAG 2.1, relative luminance and contrast ratio (from memory). */
    private static double contrast(Color a, Color b) {
        double light = Math.max(luminance(a), luminance(b));
        double dark = Math.min(luminance(a), luminance(b));
        return (light + 0.05) / (dark + 0.05);
    }

    private static double luminance(Color color) {
        return 0.2126 * linear(color.getRed()) + 0.7152 * linear(color.getGreen()) + 0.0722 * linear(color.getBlue());
    }

    private static double linear(double share) {
        return share <= 0.03928 ? share / 12.92 : Math.pow((share + 0.055) / 1.055, 2.4);
    }

    @Test
    void bothThemesNameTheSameRoles() throws IOException {
        assertThat(roles("lamp").keySet()).isEqualTo(roles("paper").keySet());
        for (Swatches.Role role : Swatches.Role.values()) {
            assertThat(roles("paper")).containsKey("-" + role.name().toLowerCase(Locale.ROOT).replace('_', '-'));
        }
    }

    @Test
    void whatCanvasesDrawWithStandsInTheOrderOfTheRoles() throws IOException {
        Matcher fills = Pattern.compile("\\.swatches \\{\\s*-fx-background-color: ([^;]*);").matcher(text("shapes.css"));
        assertThat(fills.find()).isTrue();
        assertThat(fills.group(1).split(",\\s*")).containsExactly(Stream.of(Swatches.Role.values())
                .map(role -> "-" + role.name().toLowerCase(Locale.ROOT).replace('_', '-')).toArray(String[]::new));
    }

    @ParameterizedTest
    @ValueSource(strings = {"paper", "lamp"})
    void textStandsOutFromWhatLiesUnderIt(String theme) throws IOException {
        Map<String, Color> roles = roles(theme);
        for (String text : List.of("-ink", "-ink-soft", "-amber-deep", "-outside", "-alarm", "-good")) {
            for (String ground : List.of("-paper", "-card")) {
                assertThat(contrast(roles.get(text), roles.get(ground))).as("%s on %s under %s", text, ground, theme)
                        .isGreaterThanOrEqualTo(4.5);
            }
        }
        assertThat(contrast(roles.get("-on-ink"), roles.get("-ink"))).isGreaterThanOrEqualTo(4.5);
        assertThat(contrast(roles.get("-on-amber"), roles.get("-amber"))).isGreaterThanOrEqualTo(4.5);
        assertThat(contrast(roles.get("-amber-deep"), roles.get("-wash"))).isGreaterThanOrEqualTo(4.5);
    }

    @Test
    void everyRoleInTheShapesIsGivenAColour() throws IOException {
        Matcher used = Pattern.compile("(?<![\\w-])(-(?!fx-)[a-z]+(?:-[a-z]+)*)").matcher(
                text("shapes.css").replaceAll("(?s)/\\*.*?\\*/", ""));
        while (used.find()) {
            assertThat(roles("paper")).as("shapes.css").containsKey(used.group(1));
        }
    }

    @Test
    void noColourIsWrittenInTheCode() throws IOException {
        try (Stream<Path> files = Files.walk(Path.of("src", "main", "java"))) {
            for (Path file : files.filter(f -> f.toString().endsWith(".java")).toList()) {
                assertThat(Files.readString(file)).as(file.toString())
                        .doesNotContainPattern("Color\\.(web|rgb|[A-Z]+(?<!TRANSPARENT)\\b(?<!TRANSPARENT))|#[0-9A-Fa-f]{6}");
            }
        }
    }
}
