package amberfence.app.files;

import amberfence.format.WholeFile;
import amberfence.step.recipe.Recipe;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/** One's own recipes, each a text file in the folder of the application. */
public final class RecipeCollection {
    private static final String ENDING = ".txt";
    private static final long LONGEST = 100_000;
    private final AppFolder folder;

    public RecipeCollection(AppFolder folder) {
        this.folder = folder;
    }

    /** All that can be read, by name; files that cannot are passed over, and kept. */
    public List<Recipe> recipes() {
        List<Recipe> recipes = new ArrayList<>();
        if (!Files.isDirectory(folder.recipes())) {
            return recipes;
        }
        try (Stream<Path> files = Files.list(folder.recipes())) {
            for (Path file : files.sorted().toList()) {
                String name = file.getFileName().toString();
                if (name.toLowerCase(Locale.ROOT).endsWith(ENDING) && Files.size(file) <= LONGEST) {
                    read(file, name.substring(0, name.length() - ENDING.length()), recipes);
                }
            }
        } catch (IOException e) {
            // A folder that cannot be listed holds nothing for now.
            return recipes;
        }
        return recipes;
    }

    private static void read(Path file, String name, List<Recipe> recipes) throws IOException {
        try {
            recipes.add(Recipe.parse(name, Files.readString(file)));
        } catch (IllegalArgumentException e) {
            // It stays on the disk; whoever wrote it by hand can mend it.
        }
    }

    /** Where a recipe is kept; letters that no file name may hold become hyphens. */
    Path file(Recipe recipe) {
        return folder.recipes().resolve(recipe.name().replaceAll("[^\\p{L}\\p{N} _-]", "-") + ENDING);
    }

    /** Keeps a recipe under its name; one of the same name is replaced. */
    void keep(Recipe recipe) throws IOException {
        folder.create(folder.recipes());
        WholeFile.write(file(recipe), recipe.text().getBytes(StandardCharsets.UTF_8));
    }
}
