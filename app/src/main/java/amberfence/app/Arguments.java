package amberfence.app;

import amberfence.demo.Demo;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javafx.geometry.Dimension2D;
import picocli.CommandLine.MissingParameterException;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Model.OptionSpec;
import picocli.CommandLine.Model.PositionalParamSpec;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.ParseResult;
import picocli.CommandLine.UnmatchedArgumentException;
import picocli.CommandLine;

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
        // Told by hand and not by annotations, which would be looked for at every start.
        CommandSpec spec = CommandSpec.create().name("amber-fence");
        for (String option : List.of("--song", "--screenshot", "--view", "--theme", "--size", "--scale")) {
            spec.addOption(OptionSpec.builder(option).type(String.class).build());
        }
        spec.addPositional(PositionalParamSpec.builder().index("0..*").arity("0..1").type(List.class).auxiliaryTypes(String.class).build());
        ParseResult given = parse(spec, raw);
        value(given, "--song").ifPresent(name -> oneOf("--song", name, Demo.names()));
        Optional<Path> file = given.matchedPositionals().stream().flatMap(some -> some.originalStringValues().stream()).filter(word -> !word.equals("demo"))
                .reduce((before, last) -> last).map(Path::of);
        return new Arguments(given.originalArgs().contains("demo") ? demo(raw) : Optional.empty(), file, value(given, "--screenshot").map(Path::of),
                value(given, "--view").map(view -> oneOf("--view", view, VIEWS)).orElse(VIEWS.get(0)), value(given, "--theme").map(theme -> oneOf("--theme", theme, THEMES)),
                value(given, "--size").map(Arguments::size), value(given, "--scale").map(text -> OptionalInt.of(scale(text))).orElse(OptionalInt.empty()));
    }

    private static ParseResult parse(CommandSpec spec, List<String> raw) {
        try {
            return new CommandLine(spec).setOverwrittenOptionsAllowed(true).parseArgs(raw.toArray(String[]::new));
        } catch (UnmatchedArgumentException e) {
            throw new IllegalArgumentException("there is no option " + e.getUnmatched().get(0)
                    + "; try demo, --song NAME, a file, --screenshot FILE, --view NAME, --theme NAME, --size 1280x800, --scale 150, or analyze, apply, steps", e);
        } catch (MissingParameterException e) {
            throw new IllegalArgumentException(((OptionSpec) e.getMissing().get(0)).longestName() + " needs a value", e);
        } catch (ParameterException e) {
            throw new IllegalArgumentException(e.getMessage(), e);
        }
    }

    private static Optional<String> value(ParseResult given, String option) {
        return Optional.ofNullable(given.matchedOptionValue(option, null));
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

    private static String oneOf(String option, String value, List<String> allowed) {
        if (!allowed.contains(value)) {
            throw new IllegalArgumentException(option + " is one of " + String.join(", ", allowed) + ", not " + value);
        }
        return value;
    }
}
