package amberfence.step.recipe;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;

/** The recipes that ship. */
public final class Recipes {
    private static final List<String> NAMES = List.of("bass-from-chords", "second-voice", "flowing-eighths", "tidy-played", "softer-off-beats",
            "sevenths", "top-line", "drop-2", "answer", "walking-bass", "like-a-hand", "strummed", "swing-eighths", "octave-below", "singing", "ornaments", "half-time", "double-time");
    private static final List<Recipe> ALL = NAMES.stream().map(Recipes::read).toList();

    private Recipes() {
    }

    public static List<Recipe> all() {
        return ALL;
    }

    /** The recipe of a name. */
    public static Optional<Recipe> find(String name) {
        return ALL.stream().filter(recipe -> recipe.name().equalsIgnoreCase(name.strip())).findFirst();
    }

    private static Recipe read(String name) {
        try (InputStream in = Recipes.class.getResourceAsStream(name + ".txt")) {
            return Recipe.parse(name, new String(in.readAllBytes(), StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
