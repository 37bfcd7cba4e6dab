package amberfence.app;

import amberfence.demo.Demo;
import java.nio.file.Path;
import java.util.Iterator;
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
        "history", "chords", "tryit", "velocities", "notes", "folded", "bass", "melody", "follow", "lowest", "arpeggio", "fill", "shape", "bend", "through", "live", "compare", "smooth", "fence", "import", "export", "shortcuts", "time", "settings", "title");
    private static final int MOST_SCALE = 200;
    static final List<String> THEMES = List.of("paper", "lamp");

    /** Reads the arguments; anything wrong is an {@link IllegalArgumentException} in words. */
    static Arguments parse(List<String> raw) {
        Optional<Demo> demo = Optional.empty();
        Optional<Path> file = Optional.empty();
        Optional<Path> screenshot = Optional.empty();
        String view = VIEWS.get(0);
        Optional<String> theme = Optional.empty();
        Optional<Dimension2D> size = Optional.empty();
        OptionalInt scale = OptionalInt.empty();
        Iterator<String> rest = raw.iterator();
        while (rest.hasNext()) {
            String argument = rest.next();
            switch (argument) {
                case "demo" -> demo = demo(raw);
                case "--song" -> oneOf(argument, value(argument, rest), Demo.names());
                case "--screenshot" -> screenshot = Optional.of(Path.of(value(argument, rest)));
                case "--view" -> view = oneOf(argument, value(argument, rest), VIEWS);
                case "--theme" -> theme = Optional.of(oneOf(argument, value(argument, rest), THEMES));
                case "--size" -> size = Optional.of(size(value(argument, rest)));
                case "--scale" -> scale = OptionalInt.of(scale(value(argument, rest)));
                default -> {
                    if (argument.startsWith("-")) {
                        throw new IllegalArgumentException("there is no option " + argument
                                + "; try demo, --song NAME, a file, --screenshot FILE, --view NAME, --theme NAME, --size 1280x800, --scale 150, or analyze, apply, steps");
                    }
                    file = Optional.of(Path.of(argument));
                }
            }
        }
        return new Arguments(demo, file, screenshot, view, theme, size, scale);
    }

    /** The demo song that arguments ask for, before anything in them is checked. */
    static Optional<Demo> demo(List<String> raw) {
        int named = raw.indexOf("--song") + 1;
        return named > 0 && named < raw.size() ? Demo.find(raw.get(named)) : raw.contains("demo") ? Optional.of(Demo.LANTERN_FERRY) : Optional.empty();
    }

    private static Dimension2D size(String text) {
        Matcher matcher = Pattern.compile("(\\d{3,4})x(\\d{3,4})").matcher(text);
        if (!matcher.matches()) {
            throw new IllegalArgumentException("--size is a width and a height such as 1280x800, not " + text);
        }
        return new Dimension2D(Integer.parseInt(matcher.group(1)), Integer.parseInt(matcher.group(2)));
    }

    private static int scale(String text) {
        if (!text.matches("\\d{3}") || Integer.parseInt(text) > MOST_SCALE) {
            throw new IllegalArgumentException("--scale is 100 to " + MOST_SCALE + " percent, not " + text);
        }
        return Integer.parseInt(text);
    }

    private static String value(String option, Iterator<String> rest) {
        if (!rest.hasNext()) {
            throw new IllegalArgumentException(option + " needs a value");
        }
        return rest.next();
    }

    private static String oneOf(String option, String value, List<String> allowed) {
        if (!allowed.contains(value)) {
            throw new IllegalArgumentException(option + " is one of " + String.join(", ", allowed) + ", not " + value);
        }
        return value;
    }
}
