package amberfence.app;

import amberfence.demo.Demo;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javafx.geometry.Dimension2D;

/**
 * What the window is started with: {@code [demo [--song NAME] | FILE] [--screenshot FILE] [--view NAME] [--theme NAME]
 * [--size WIDTHxHEIGHT] [--scale PERCENT]}.
 *
 * @param demo the demo song to open, if one is
 * @param file a file to open
 * @param screenshot where to write a picture before leaving
 * @param size of the window, in units of the interface
 * @param scale of the interface, 100–200 percent
 */
record Arguments(Optional<Demo> demo, Optional<Path> file, Optional<Path> screenshot, String view, Optional<String> theme,
                 Optional<Dimension2D> size, OptionalInt scale) {
    static final List<String> VIEWS = List.of("workspace", "before", "hands", "pick", "steps", "recipes", "once",
        "history", "chords", "tryit", "velocities", "notes", "folded", "bass", "melody", "follow", "lowest", "arpeggio", "fill", "shape", "bend", "through", "live", "compare", "smooth", "fence", "import", "export", "shortcuts", "handbook", "tour", "offer", "time", "settings", "title");
    private static final int MOST_SCALE = 200;
    static final List<String> THEMES = List.of("paper", "lamp");

    /** Reads the arguments; anything wrong is an {@link IllegalArgumentException} in words. */
    static Arguments parse(List<String> raw) {
        if (raw.stream().noneMatch(word -> word.startsWith("-"))) {
            // The usual start: nothing that has to be taken apart, and nothing to be loaded for it.
            return new Arguments(demo(raw), raw.stream().filter(word -> !word.equals("demo")).reduce((before, last) -> last).map(Path::of), Optional.empty(), VIEWS.get(0),
                    Optional.empty(), Optional.empty(), OptionalInt.empty());
        }
        return ArgumentsParser.parse(raw);
    }

    /** The demo song that arguments ask for, before anything in them is checked. */
    static Optional<Demo> demo(List<String> raw) {
        int named = raw.indexOf("--song") + 1;
        return named > 0 && named < raw.size() ? Demo.find(raw.get(named)) : raw.contains("demo") ? Optional.of(Demo.LANTERN_FERRY) : Optional.empty();
    }

    static Dimension2D size(String text) {
        Matcher matcher = Pattern.compile("(\\d{3,4})x(\\d{3,4})").matcher(text);
        if (!matcher.matches()) {
            throw new IllegalArgumentException("--size is a width and a height such as 1280x800, not " + text);
        }
        return new Dimension2D(Integer.parseInt(matcher.group(1)), Integer.parseInt(matcher.group(2)));
    }

    static int scale(String text) {
        if (!text.matches("\\d{3}") || Integer.parseInt(text) > MOST_SCALE) {
            throw new IllegalArgumentException("--scale is 100 to " + MOST_SCALE + " percent, not " + text);
        }
        return Integer.parseInt(text);
    }

    static String oneOf(String option, String value, List<String> allowed) {
        if (!allowed.contains(value)) {
            throw new IllegalArgumentException(option + " is one of " + String.join(", ", allowed) + ", not " + value);
        }
        return value;
    }
}
