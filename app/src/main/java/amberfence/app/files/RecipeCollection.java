package amberfence.app.files;

import amberfence.format.RecipeFile;
import amberfence.format.UnreadableFileException;
import amberfence.step.recipe.Recipe;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** One's own recipes, each a text file in the folder of the application. */
public final class RecipeCollection {
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
            for (Path file : files.filter(RecipeFile::isOne).sorted().toList()) {
                read(file, recipes);
            }
        } catch (IOException e) {
            // A folder that cannot be listed holds nothing for now.
            return recipes;
        }
        return recipes;
    }

    private static void read(Path file, List<Recipe> recipes) {
        try {
            recipes.add(RecipeFile.read(file));
        } catch (UnreadableFileException e) {
            // It stays on the disk; whoever wrote it by hand can mend it.
        }
    }

    /** Where a recipe is kept. */
    Path file(Recipe recipe) {
        return RecipeFile.in(folder.recipes(), recipe);
    }

    /** Keeps a recipe under its name; one of the same name is replaced. */
    void keep(Recipe recipe) throws IOException {
        folder.create(folder.recipes());
        RecipeFile.write(recipe, folder.recipes());
    }

    /** A recipe as a file that is being dragged out; nothing when it cannot be written. */
    public Optional<Path> draggedOut(Recipe recipe) {
        try {
            folder.create(folder.clips());
            return Optional.of(RecipeFile.write(recipe, folder.clips()));
        } catch (IOException e) {
            return Optional.empty();
        }
    }
}
