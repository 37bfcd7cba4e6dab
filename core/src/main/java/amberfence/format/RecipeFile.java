package amberfence.format;

import amberfence.step.recipe.Recipe;
import amberfence.theory.MusicTextException;
import amberfence.words.Texts;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Locale;

/** A recipe as a text file of its own; the file's name is the recipe's. */
public final class RecipeFile {
    /** What the names of such files end with. */
    public static final String ENDING = ".txt";
    private static final long LONGEST = 1 << 20;

    private RecipeFile() {
    }

    /** Whether a file is one by its name. */
    public static boolean isOne(Path file) {
        return file.getFileName().toString().toLowerCase(Locale.ROOT).endsWith(ENDING);
    }

    /**
     * Reads a recipe.
     *
     * @throws UnreadableFileException when it is too long, cannot be read, or is no recipe
     */
    public static Recipe read(Path file) throws UnreadableFileException {
        byte[] bytes = FileBytes.read(file, LONGEST);
        try {
            return Recipe.parse(file.getFileName().toString().replaceFirst("\\.[^.]*$", ""), new String(bytes, StandardCharsets.UTF_8));
        } catch (MusicTextException e) {
            throw new UnreadableFileException(Texts.say("%s: %s", file.getFileName(), e.getMessage()));
        } catch (IllegalArgumentException e) {
            throw new UnreadableFileException(Texts.say("%s is no recipe: %s", file.getFileName(), e.getMessage()));
        }
    }

    /** Writes a recipe into a folder, under its name; letters that no file name may hold become hyphens. */
    public static Path write(Recipe recipe, Path folder) throws IOException {
        Path file = in(folder, recipe);
        WholeFile.write(file, recipe.text().getBytes(StandardCharsets.UTF_8));
        return file;
    }

    /** Where a recipe is kept in a folder. */
    public static Path in(Path folder, Recipe recipe) {
        return folder.resolve(recipe.name().replaceAll("[^\\p{L}\\p{N} _-]", "-") + ENDING);
    }
}
