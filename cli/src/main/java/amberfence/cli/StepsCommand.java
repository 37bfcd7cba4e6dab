package amberfence.cli;

import amberfence.step.StepKind;
import amberfence.step.catalogue.StepCatalogue;
import java.io.PrintWriter;
import java.util.Locale;
import java.util.stream.Collectors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;

/** Lists the steps and their settings. */
@Command(name = "steps", mixinStandardHelpOptions = true, description = "Lists the steps and their settings.")
final class StepsCommand implements Runnable {
    @Spec
    private CommandSpec spec;

    @Override
    public void run() {
        PrintWriter out = spec.commandLine().getOut();
        for (StepKind kind : StepCatalogue.all()) {
            out.println(kind.name() + " (" + kind.id() + ", " + kind.group() + ")");
            out.println("  " + kind.summary());
            for (StepKind.SettingInfo setting : kind.settings()) {
                String choices = setting.choices().stream().map(choice -> choice.toLowerCase(Locale.ROOT).replace('_', ' '))
                        .collect(Collectors.joining(", "));
                out.println("  " + setting.name() + ": " + setting.meaning() + (choices.isEmpty() ? "" : " (" + choices
                        + "; the first is usual)"));
            }
        }
    }
}
