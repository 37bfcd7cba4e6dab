package amberfence.cli;

import amberfence.step.recipe.Recipe;
import amberfence.step.recipe.Recipes;
import java.io.PrintWriter;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Lists the recipes, or shows the text of one. */
@Command(name = "recipes", mixinStandardHelpOptions = true, description = "Lists the recipes that --recipe takes, or shows the steps of one.")
final class RecipesCommand implements Runnable {
    @Parameters(paramLabel = "NAME", arity = "0..1", description = "whose steps to show")
    private String name;

    @Spec
    private CommandSpec spec;

    @Override
    public void run() {
        PrintWriter out = spec.commandLine().getOut();
        if (name != null) {
            out.print(StepOptions.read(() -> CommandFiles.recipe(name)).text());
            return;
        }
        for (Recipe recipe : Recipes.all()) {
            out.printf("%-18s %s%n", recipe.name(), recipe.meaning());
        }
    }
}
