package amberfence.app;

import java.nio.file.Path;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;

/**
 * What the window is started with: {@code [demo | FILE] [--screenshot FILE] [--view NAME] [--theme NAME]}.
 *
 * @param demo whether to open the demo song
 * @param file a file to open
 * @param screenshot where to write a picture before leaving
 */
record Arguments(boolean demo, Optional<Path> file, Optional<Path> screenshot, String view, Optional<String> theme) {
    static final List<String> VIEWS = List.of("workspace", "before", "hands", "pick", "steps", "once",
        "history", "chords", "tryit", "bass", "melody", "follow", "compare", "smooth", "fence", "import", "export", "shortcuts");
    static final List<String> THEMES = List.of("paper", "lamp");

    /** Reads the arguments; anything wrong is an {@link IllegalArgumentException} in words. */
    static Arguments parse(List<String> raw) {
        boolean demo = false;
        Optional<Path> file = Optional.empty();
        Optional<Path> screenshot = Optional.empty();
        String view = VIEWS.get(0);
        Optional<String> theme = Optional.empty();
        Iterator<String> rest = raw.iterator();
        while (rest.hasNext()) {
            String argument = rest.next();
            switch (argument) {
                case "demo" -> demo = true;
                case "--screenshot" -> screenshot = Optional.of(Path.of(value(argument, rest)));
                case "--view" -> view = oneOf(argument, value(argument, rest), VIEWS);
                case "--theme" -> theme = Optional.of(oneOf(argument, value(argument, rest), THEMES));
                default -> {
                    if (argument.startsWith("-")) {
                        throw new IllegalArgumentException("there is no option " + argument
                                + "; try demo, a file, --screenshot FILE, --view NAME, --theme NAME, or analyze, apply, steps");
                    }
                    file = Optional.of(Path.of(argument));
                }
            }
        }
        return new Arguments(demo, file, screenshot, view, theme);
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
