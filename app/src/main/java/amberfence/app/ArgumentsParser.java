package amberfence.app;

import amberfence.demo.Demo;
import amberfence.words.Languages;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import picocli.CommandLine;
import picocli.CommandLine.MissingParameterException;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Model.OptionSpec;
import picocli.CommandLine.Model.PositionalParamSpec;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.ParseResult;
import picocli.CommandLine.UnmatchedArgumentException;

/** Takes options apart. A class of its own, so that a start without options does not load the library for it. */
final class ArgumentsParser {
    private ArgumentsParser() {
    }

    static Arguments parse(List<String> raw) {
        // Told by hand and not by annotations, which would be looked for at every start.
        CommandSpec spec = CommandSpec.create().name("amber-fence");
        for (String option : List.of("--song", "--screenshot", "--view", "--theme", "--size", "--scale", "--language")) {
            spec.addOption(OptionSpec.builder(option).type(String.class).build());
        }
        spec.addPositional(PositionalParamSpec.builder().index("0..*").arity("0..1").type(List.class).auxiliaryTypes(String.class).build());
        ParseResult given = parse(spec, raw);
        value(given, "--language").ifPresent(language -> Arguments.oneOf("--language", language, Languages.ALL));
        value(given, "--song").ifPresent(name -> Arguments.oneOf("--song", name, Demo.names()));
        Optional<Path> file = given.matchedPositionals().stream().flatMap(some -> some.originalStringValues().stream()).filter(word -> !word.equals("demo"))
                .reduce((before, last) -> last).map(Path::of);
        return new Arguments(given.originalArgs().contains("demo") ? Arguments.demo(raw) : Optional.empty(), file, value(given, "--screenshot").map(Path::of),
                value(given, "--view").map(view -> Arguments.oneOf("--view", view, Arguments.VIEWS)).orElse(Arguments.VIEWS.get(0)), value(given, "--theme").map(theme -> Arguments.oneOf("--theme", theme, Arguments.THEMES)),
                value(given, "--size").map(Arguments::size), value(given, "--scale").map(text -> OptionalInt.of(Arguments.scale(text))).orElse(OptionalInt.empty()));
    }

    private static ParseResult parse(CommandSpec spec, List<String> raw) {
        try {
            return new CommandLine(spec).setOverwrittenOptionsAllowed(true).parseArgs(raw.toArray(String[]::new));
        } catch (UnmatchedArgumentException e) {
            throw new IllegalArgumentException("there is no option " + e.getUnmatched().get(0)
                    + "; try demo, --song NAME, a file, --screenshot FILE, --view NAME, --theme NAME, --size 1280x800, --scale 150, --language de, or analyze, apply, steps", e);
        } catch (MissingParameterException e) {
            throw new IllegalArgumentException(((OptionSpec) e.getMissing().get(0)).longestName() + " needs a value", e);
        } catch (ParameterException e) {
            throw new IllegalArgumentException(e.getMessage(), e);
        }
    }

    private static Optional<String> value(ParseResult given, String option) {
        return Optional.ofNullable(given.matchedOptionValue(option, null));
    }
}
