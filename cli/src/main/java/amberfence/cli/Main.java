package amberfence.cli;

import java.io.OutputStreamWriter;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Supplier;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.MissingParameterException;
import picocli.CommandLine.Model.ArgSpec;
import picocli.CommandLine.Model.OptionSpec;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.UnmatchedArgumentException;

/**
 * The command line. Exit codes: 0 done, 1 the output could not be written, 2 the command was wrong, 3 the input could
 * not be read. Every message is one line on standard error that starts with {@code amber-fence:}.
 */
@Command(name = "amber-fence", mixinStandardHelpOptions = true, version = "Amber Fence 0.1.0",
        description = "Keeps MIDI parts inside chosen keys and scales.")
public final class Main implements Runnable {
    /** In the order in which the help lists them. */
    private static final Map<String, Supplier<Object>> COMMANDS = new LinkedHashMap<>();

    static {
        COMMANDS.put("analyze", AnalyzeCommand::new);
        COMMANDS.put("apply", ApplyCommand::new);
        COMMANDS.put("sound", SoundCommand::new);
        COMMANDS.put("steps", StepsCommand::new);
        COMMANDS.put("recipes", RecipesCommand::new);
        COMMANDS.put("check", CheckCommand::new);
    }

    private final PrintWriter out;

    private Main(PrintWriter out) {
        this.out = out;
    }

    public static void main(String[] arguments) {
        // What is typed and printed here is the same everywhere, for scripts.
        Locale.setDefault(Locale.ENGLISH);
        // Written when there is much of it and at the end, not line by line: a long song may have hundreds of thousands of findings.
        PrintWriter out = new PrintWriter(new OutputStreamWriter(System.out, StandardCharsets.UTF_8));
        PrintWriter err = new PrintWriter(new OutputStreamWriter(System.err, StandardCharsets.UTF_8), true);
        System.exit(run(out, err, arguments));
    }

    /** Runs one command and returns its exit code. */
    static int run(PrintWriter out, PrintWriter err, String... arguments) {
        CommandLine line = new CommandLine(new Main(out));
        // Reading what the options of all the others are would take a tenth of a second.
        String asked = arguments.length > 0 && COMMANDS.containsKey(arguments[0]) ? arguments[0] : "";
        COMMANDS.forEach((name, command) -> {
            if (asked.isEmpty() || asked.equals(name)) {
                line.addSubcommand(name, command.get());
            }
        });
        line.setOut(out).setErr(err)
                .setCaseInsensitiveEnumValuesAllowed(true)
                // Steps are options that may be given more than once; each makes a step of its own.
                .setOverwrittenOptionsAllowed(true)
                .setParameterExceptionHandler((e, args) -> complain(err, CommandFailure.WRONG_COMMAND, ownWords(e)))
                .setExecutionExceptionHandler((e, command, parsed) -> e instanceof CommandFailure failure
                        ? complain(err, failure.exitCode(), failure.getMessage())
                        : complain(err, CommandFailure.NOT_WRITTEN, "unexpected trouble: " + e));
        CommandLine apply = line.getSubcommands().get("apply");
        if (apply != null) {
            ((ApplyCommand) apply.getCommand()).offerSteps(apply.getCommandSpec());
        }
        int code = line.execute(withRepeatedParts(arguments));
        out.flush();
        return code;
    }

    /** What a step could not read is told in its own words, not in those of the option's reader. */
    private static String ownWords(Throwable trouble) {
        for (Throwable cause = trouble; cause != null; cause = cause.getCause()) {
            if (cause instanceof CommandFailure) {
                return cause.getMessage();
            }
        }
        return trouble instanceof ParameterException wrong ? misplaced(wrong) : trouble.getMessage();
    }

    /** What stands where it does not belong, or is missing. */
    private static String misplaced(ParameterException wrong) {
        if (wrong instanceof UnmatchedArgumentException strange) {
            String word = strange.getUnmatched().get(0);
            return word.startsWith("-") ? "there is no option " + word + (strange.getSuggestions().isEmpty() ? "" : ", perhaps "
                    + String.join(" or ", strange.getSuggestions())) + "; " + wrong.getCommandLine().getCommandName() + " --help lists all"
                    : "“" + word + "” has no place here; " + wrong.getCommandLine().getCommandName() + " --help tells what has";
        }
        if (wrong instanceof MissingParameterException missing && !missing.getMissing().isEmpty()) {
            ArgSpec first = missing.getMissing().get(0);
            return (first instanceof OptionSpec option ? option.longestName() + " " : "") + first.paramLabel() + " is missing: " + String.join(" ", first.description());
        }
        if (wrong.getArgSpec() instanceof OptionSpec option && wrong.getValue() != null
                && List.of(Integer.class, int.class, Double.class).contains(option.auxiliaryTypes()[0])) {
            return option.longestName() + " takes a number, not “" + wrong.getValue() + "”";
        }
        return wrong.getMessage();
    }

    private static int complain(PrintWriter err, int code, String message) {
        err.println("amber-fence: " + message.strip().replaceAll("\\s*\\R\\s*", " "));
        err.flush();
        return code;
    }

    /** {@code --part 0 2} means {@code --part 0 --part 2}; a file name that follows is none of them. */
    private static String[] withRepeatedParts(String[] arguments) {
        List<String> expanded = new ArrayList<>();
        boolean afterPart = false;
        for (String argument : arguments) {
            boolean number = argument.matches("\\d+");
            if (afterPart && number && !expanded.get(expanded.size() - 1).equals("--part")) {
                expanded.add("--part");
            }
            afterPart = argument.equals("--part") || afterPart && number;
            expanded.add(argument);
        }
        return expanded.toArray(String[]::new);
    }

    @Override
    public void run() {
        out.println(new CommandLine(this).getUsageMessage());
    }
}
